#pragma once

#include "app/course/step.h"

#include <memory>

namespace zokran {

/// A part of the check, such as laying the page flat or looking at the findings. Each is one file of
/// app/course/check; the list of them, in order, stands below. The first that is on is shown.
class CheckStage {
public:
    explicit CheckStage(Desk& desk) : desk_(desk), scenes_(desk) {}
    virtual ~CheckStage() = default;

    virtual bool isOn() const = 0;
    virtual StepPanel* panel() = 0;
    virtual Scene scene(Side side) = 0;
    virtual NextThing next() = 0;
    /// As Step::offersLooking.
    virtual bool offersLooking() const { return true; }

protected:
    Desk& desk_;
    Scenes scenes_;
};

using MakeCheckStage = std::unique_ptr<CheckStage>(Desk& desk);
/// The list; the first stage that is on is shown.
#define ZOKRAN_CHECK_STAGES \
    makePageStage, makeLengthStage, makeLineStage, makeExpressionStage, makeFreshStage, makeHeadStage, makeMarkStage, \
    makeSelfAssessmentStage, makeFindingsStage
MakeCheckStage ZOKRAN_CHECK_STAGES;

} // namespace zokran
