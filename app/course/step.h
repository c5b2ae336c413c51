#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"
#include "app/scenes/scenes.h"

#include <functional>
#include <memory>
#include <optional>
#include <vector>

namespace zokran {

/// A button and what it does.
struct Action {
    QString label;
    std::function<void()> act;
};

/// The next thing: one sentence, the one button that does it (none where a sheet is to be clicked), and perhaps another
/// way.
struct NextThing {
    QString sentence;
    Action action;
    std::optional<Action> other = {};
};

/// What stands before somebody two metres away with a pencil: one sentence, one sheet, and one key each to go on and back
/// (none where there is nothing further).
struct EaselPage {
    QString sentence;
    Side side = Side::Sketch;
    std::function<void()> on = {}, back = {};
};

/// A step of the course. Each is one folder of app/course; the list of them stands below. A
/// study remembers the step by its id.
class Step {
public:
    explicit Step(StudySession& session) : session_(session), scenes_(session) {}
    virtual ~Step() = default;

    virtual std::string id() const = 0;
    virtual QString name() const = 0;
    /// What is missing before the step is done, such as "a sketch"; empty when it is done.
    virtual QString lacks() const = 0;
    /// It lacks nothing as soon as there is a photograph, or a head, and counts as done only once it was opened.
    virtual bool countsWhenOpened() const { return false; }
    bool isDone() const { return lacks().isEmpty() && (!countsWhenOpened() || session_.study().openedSteps.contains(id())); }
    /// The panel to show now. Made when first asked for; a step may have several.
    virtual StepPanel* panel() = 0;
    /// What lies on a sheet, and what the hand can do there.
    virtual Scene scene(Side side) = 0;
    virtual NextThing next() = 0;
    /// The two sheets may be looked at in other ways: mirrored, laid over, and so on.
    virtual bool offersLooking() const { return false; }
    /// As it is seen from the easel.
    virtual EaselPage easel() { return {next().sentence}; }

protected:
    /// The one panel of a step that has no more, made when first asked for; the bench owns it then.
    template <class Panel>
    StepPanel* panelOf(StepPanel*& panel) {
        return panel ? panel : panel = new Panel(session_);
    }
    Action goTo(const QString& label, const std::string& step) {
        return {label, [this, step] { session_.document.goTo(step); }};
    }

    StudySession& session_;
    Scenes scenes_;
};

using MakeStep = std::unique_ptr<Step>(StudySession& session);
/// The list, in the order practitioners take them: one name for each folder of app/course.
#define ZOKRAN_STEPS \
    makeSetUpStep, makeBlockInStep, makeGuidesStep, makeMeasureStep, makeDrawStep, makeCheckStep, makeLightStep, \
    makeKeepStep
MakeStep ZOKRAN_STEPS;

/// Every step, in the order practitioners take them.
std::vector<std::unique_ptr<Step>> course(StudySession& session);

} // namespace zokran
