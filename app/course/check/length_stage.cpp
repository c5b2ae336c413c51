#include "app/course/check/length_panel.h"
#include "app/course/check/stage.h"
#include "app/overlays/length_overlay.h"
#include "app/tools/length_tool.h"
#include "app/text/messages.h"

#include <QLocale>

namespace zokran {

namespace {

/// A sketch that fills no page is scaled by one length the learner knows.
class LengthStage : public CheckStage {
public:
    explicit LengthStage(StudySession& session) : CheckStage(session), tool_(session.page) {}
    bool isOn() const override { return session_.page.knownLength().has_value(); }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new LengthPanel(session_.page); }
    Scene scene(Side side) override;
    NextThing next() override {
        return {tr("Put the rings on the ends of what you can measure, and say how long it is."),
                {tr("That is its length"), [this] { session_.page.endLength(true); }},
                Action{tr("Leave it"), [this] { session_.page.endLength(false); }}};
    }
    bool offersLooking() const override { return false; }

private:
    LengthTool tool_;
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene LengthStage::scene(Side side) {
    if (side == Side::Reference)
        return scenes_.guided(false);
    Scene scene = scenes_.picture(side);
    const auto known = session_.page.knownLength();
    if (scene.picture.isNull() || !known)
        return scene;
    scene.lay<LengthOverlay>(known->from, known->to,
                             tr("%1 mm").arg(QLocale().toString(known->length.value, 'f', 0)), tool_.touched());
    scene.tools = {&tool_};
    return scene;
}

std::unique_ptr<CheckStage> makeLengthStage(StudySession& session) {
    return std::make_unique<LengthStage>(session);
}

} // namespace zokran
