#include "app/course/check/head_panel.h"
#include "app/course/check/stage.h"
#include "app/document/choosing_head.h"
#include "app/overlays/heads_overlay.h"
#include "app/tools/frame_choice_tool.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// Of several heads on the page one is chosen, before it is marked.
class HeadStage : public CheckStage {
public:
    explicit HeadStage(StudySession& session)
        : CheckStage(session),
          tool_([&session] { return severalHeads(session); }, [&session](std::size_t head) { chooseHead(session, head); }) {}
    bool isOn() const override {
        const Sketch* attempt = session_.study().sketch();
        return attempt && attempt->marks.seenMarks().empty() && !chosenHeadFrame(session_) && !severalHeads(session_).empty();
    }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new HeadPanel(session_); }
    Scene scene(Side side) override;
    NextThing next() override;
    bool offersLooking() const override { return false; }

private:
    FrameChoiceTool tool_;
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene HeadStage::scene(Side side) {
    if (side == Side::Reference)
        return scenes_.guided(false);
    Scene scene = scenes_.picture(side);
    if (scene.picture.isNull())
        return scene;
    scene.isFollowed = true; // to the head that is chosen
    scene.lay<HeadsOverlay>(severalHeads(session_));
    scene.tools = {&tool_};
    return scene;
}

NextThing HeadStage::next() {
    return {tr("Several heads are on this page. Click the one to be checked."),
            {tr("It is one drawing"), [this] { chooseHead(session_, severalHeads(session_).size()); }}};
}

std::unique_ptr<CheckStage> makeHeadStage(StudySession& session) {
    return std::make_unique<HeadStage>(session);
}

} // namespace zokran
