#include "app/course/check/finding_scene.h"
#include "app/course/check/stage.h"

#include "app/text/messages.h"
#include "core/messages/finding_messages.h"

#include <algorithm>

namespace zokran {

namespace {

class CheckStep : public Step {
public:
    explicit CheckStep(StudySession& session) : Step(session) {
        for (MakeCheckStage* make : {ZOKRAN_CHECK_STAGES})
            stages_.push_back(make(session));
    }
    std::string id() const override { return "check"; }
    QString name() const override { return tr("Check"); }
    QString lacks() const override { return session_.comparison() ? QString() : tr("marks on the sketch"); }
    StepPanel* panel() override { return stage().panel(); }
    Scene scene(Side side) override { return stage().scene(side); }
    NextThing next() override { return stage().next(); }
    EaselPage easel() override {
        const Finding* finding = &stage() == stages_.back().get() ? shownFinding(session_) : nullptr;
        if (!finding)
            return {stage().next().sentence};
        const int at = session_.selection.check.finding(),
                  last = static_cast<int>(toldFindings(*session_.comparison()).size()) - 1;
        EaselPage page{qt(textOf(*finding, learnersTranslator()))};
        if (at < last)
            page.on = [this, at] { session_.selection.check.showFinding(at + 1); };
        if (at > 0)
            page.back = [this, at] { session_.selection.check.showFinding(at - 1); };
        return page;
    }
    bool offersLooking() const override { return session_.study().sketch() && stage().offersLooking(); }

private:
    CheckStage& stage() const {
        return **std::find_if(stages_.begin(), stages_.end(),
                              [](const auto& stage) { return stage->isOn(); });
    }

    std::vector<std::unique_ptr<CheckStage>> stages_; ///< the last is always on
};

} // namespace

std::unique_ptr<Step> makeCheckStep(StudySession& session) {
    return std::make_unique<CheckStep>(session);
}

} // namespace zokran
