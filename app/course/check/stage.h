#pragma once

#include "app/course/step.h"

#include <memory>

namespace zokran {

/// A part of the check, such as laying the page flat or looking at the findings. Each is one file of
/// app/course/check; the list of them, in order, stands below. The first that is on is shown.
class CheckStage {
public:
    explicit CheckStage(StudySession& session) : session_(session), scenes_(session) {}
    virtual ~CheckStage() = default;

    virtual bool isOn() const = 0;
    virtual StepPanel* panel() = 0;
    virtual Scene scene(Side side) = 0;
    virtual NextThing next() = 0;
    /// As Step::offersLooking.
    virtual bool offersLooking() const { return true; }

protected:
    StudySession& session_;
    Scenes scenes_;
};

using MakeCheckStage = std::unique_ptr<CheckStage>(StudySession& session);
/// The list; the first stage that is on is shown.
#define ZOKRAN_CHECK_STAGES \
    makePageStage, makeLengthStage, makeLineStage, makeExpressionStage, makeFreshStage, makeHeadStage, makeMarkStage, \
    makeSelfAssessmentStage, makeFindingsStage
MakeCheckStage ZOKRAN_CHECK_STAGES;

} // namespace zokran
