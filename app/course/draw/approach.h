#pragma once

#include "app/scenes/scenes.h"
#include "app/course/step.h"

#include <memory>
#include <vector>

namespace zokran {

/// A way of going about a drawing on paper, such as by the first form or tone first. Each is one file of
/// app/course/draw/approaches, and a name in the list below. A study remembers its approach by the id.
class Approach {
public:
    virtual ~Approach() = default;
    virtual std::string id() const = 0;
    virtual QString name() const = 0;
    /// What it is good for, a sentence or two.
    virtual QString about() const = 0;
    /// What is done on the paper, one step after another.
    virtual std::vector<QString> steps(const OpenStudy& opened) const = 0;
    /// The reference as this approach looks at it.
    virtual Scene seen(StudySession& session, Scenes& scenes) const {
        Q_UNUSED(session);
        return scenes.guided(true);
    }
    /// What lies beside it.
    virtual Scene beside(StudySession& session, Scenes& scenes) const {
        Q_UNUSED(session);
        return scenes.fittedFormAlone();
    }
};

using MakeApproach = std::unique_ptr<Approach>();
/// The list: one name for each file of app/course/draw/approaches.
#define ZOKRAN_APPROACHES \
    makeByForm, makeBySlants, makeToneFirst, makeHalfPortrait, makeThumbnail
MakeApproach ZOKRAN_APPROACHES;

/// Every approach, the usual one first.
const std::vector<std::unique_ptr<Approach>>& approaches();
/// The study's; the usual one where its id is not known.
const Approach& approachOf(const Study& study);

} // namespace zokran
