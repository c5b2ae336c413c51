#include "app/course/check/self_assessment_panel.h"
#include "app/course/check/stage.h"
#include "app/document/fresh_eyes.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// A drawing put aside is looked at the next day with fresh eyes, mirrored and upside down, before it is
/// measured.
class FreshStage : public CheckStage {
public:
    using CheckStage::CheckStage;
    bool isOn() const override {
        return !session_.selection.check.lookedAgain() && waitsForFreshEyes(session_.study(), session_.clock);
    }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new SelfAssessmentPanel(session_.selection.check); }
    Scene scene(Side side) override { return scenes_.headPicture(side); }
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

NextThing FreshStage::next() {
    const Action done{tr("Go on to the check"), [this] {
                          session_.viewMode.choose("side-by-side");
                          session_.selection.check.lookAgain();
                      }};
    const std::string& way = session_.viewMode.mode();
    if (way == "mirrored")
        return {tr("Mirrored, what leans or hangs? Note it, then turn both upside down."),
                {tr("Upside down"), [this] { session_.viewMode.choose("upside-down"); }},
                done};
    if (way == "upside-down")
        return {tr("Upside down there are only shapes. Which are too wide, too long? Then measure."), done};
    return {tr("You put this drawing aside. Look at it with fresh eyes before it is measured: mirrored first."),
            {tr("Mirrored"), [this] { session_.viewMode.choose("mirrored"); }},
            done};
}

std::unique_ptr<CheckStage> makeFreshStage(StudySession& session) {
    return std::make_unique<FreshStage>(session);
}

} // namespace zokran
