#include "app/course/face_choice.h"
#include "app/course/set_up/set_up_panel.h"
#include "app/course/step.h"
#include "app/overlays/frame_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/plan_overlay.h"
#include "app/tools/frame_tool.h"
#include "app/tools/place_tool.h"
#include "app/text/messages.h"
#include "core/messages/plan_messages.h"

#include <cmath>

namespace zokran {

namespace {

class SetUpStep : public Step {
public:
    explicit SetUpStep(StudySession& session)
        : Step(session), placeTool_(session.layoutController), frameTool_(session), faceChoice_(session.faces) {}
    std::string id() const override { return "set-up"; }
    QString name() const override { return tr("Set up"); }
    QString lacks() const override;
    bool countsWhenOpened() const override { return true; }
    StepPanel* panel() override { return panelOf<SetUpPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    Scene paper();

    PlaceTool placeTool_;
    FrameTool frameTool_;
    FaceChoice faceChoice_;
    StepPanel* panel_ = nullptr;
};

} // namespace

QString SetUpStep::lacks() const {
    return session_.study().referencePicture.empty() ? tr("a reference photograph") : QString();
}

Scene SetUpStep::scene(Side side) {
    if (side == Side::Sketch)
        return paper();
    Scene scene = scenes_.picture(side);
    scene.frame = {}; // the whole photograph, to be framed
    if (scene.picture.isNull())
        return scene;
    if (faceChoice_.isOn()) {
        faceChoice_.layOn(scene);
        return scene;
    }
    if (session_.study().framing)
        scene.lay<FrameOverlay>(*session_.study().framing);
    scene.tools = {&frameTool_};
    return scene;
}

Scene SetUpStep::paper() {
    Scene scene;
    if (!session_.document.isOpen()) {
        scene.emptyText = tr("Here your paper will lie, with the head where it is to stand.");
        return scene;
    }
    const PageLayout pageLayout = session_.layoutController.pageLayout();
    const PagePlan plan = session_.layoutController.plan();
    scene.caption = tr("Your paper, %1 × %2 mm").arg(lround(pageLayout.paper.width)).arg(lround(pageLayout.paper.height));
    const PaperPoint far(pageLayout.paper.width, pageLayout.paper.height);
    scene.extent = QSizeF(far.x(), far.y());
    std::vector<GuideLine> lines = session_.layoutController.lines(plan);
    std::erase_if(lines, [](const GuideLine& line) { return line.hidden; });
    scene.lay<LinesOverlay>(std::move(lines));
    scene.lay<PlanOverlay>(pageLayout, plan);
    scene.tools = {&placeTool_};
    return scene;
}

NextThing SetUpStep::next() {
    if (faceChoice_.isOn())
        return faceChoice_.next();
    const Action blockIn = goTo(tr("Block in"), "block-in");
    const PagePlan plan = session_.layoutController.plan();
    if (!plan.troubles.empty())
        return {tr("%1 Drag the head on the paper, or let it be put well.")
                    .arg(qt(wordsFor(plan.troubles.front(), learnersTranslator()))),
                {tr("Put it well"), [this] { putWell(session_); }},
                blockIn};
    if (!session_.fit())
        return {tr("An average head stands for your sitter until you have blocked in. Choose the "
                   "paper, then block in."),
                blockIn};
    return {tr("Lay crown and chin off with a ruler, draw the border, and keep inside it."),
            goTo(tr("Draw it"), "draw"), blockIn};
}

std::unique_ptr<Step> makeSetUpStep(StudySession& session) {
    return std::make_unique<SetUpStep>(session);
}

} // namespace zokran
