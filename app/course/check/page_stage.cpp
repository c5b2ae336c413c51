#include "app/course/check/page_panel.h"
#include "app/course/check/stage.h"
#include "app/overlays/page_overlay.h"
#include "app/tools/corner_tool.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// The photograph with the paper's corners, to be put right.
class PageStage : public CheckStage {
public:
    explicit PageStage(StudySession& session) : CheckStage(session), cornerTool_(session.page) {}
    bool isOn() const override { return session_.page.isAdjusting() || session_.page.isLooking(); }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new PagePanel(session_); }
    Scene scene(Side side) override;
    NextThing next() override;
    bool offersLooking() const override { return false; }

private:
    CornerTool cornerTool_;
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene PageStage::scene(Side side) {
    if (side == Side::Reference)
        return scenes_.guided(false);
    if (!session_.page.isAdjusting())
        return scenes_.picture(side);
    const PageRectification& flat = *session_.page.flat();
    Scene scene = scenes_.photograph(side);
    scene.caption = tr("The photograph of your page");
    QPolygonF corners;
    for (const SketchPoint& c : flat.corners)
        corners << QPointF(c.x(), c.y());
    // Room round it, so that a corner can be dragged to where the picture does not reach.
    const QRectF all = corners.boundingRect().united(QRectF({0, 0}, scene.extent));
    const double room = 0.04 * std::max(all.width(), all.height());
    scene.frame = all.adjusted(-room, -room, room, room);
    if (!scene.picture.isNull())
        scene.lay<PageOverlay>(flat.corners, cornerTool_.touched());
    scene.tools = {&cornerTool_};
    return scene;
}

NextThing PageStage::next() {
    const Action whole{tr("Use the photograph as it is"), [this] { session_.page.useWhole(); }};
    if (session_.page.isLooking() && !session_.page.isAdjusting())
        return {tr("Looking for the page in your photograph…"),
                {tr("Use the photograph as it is"), [this] { session_.page.stop(); }}};
    return {tr("Drag each ring on to a corner of the paper."), {tr("Lay it flat"), [this] { session_.page.finish(); }}, whole};
}

std::unique_ptr<CheckStage> makePageStage(StudySession& session) {
    return std::make_unique<PageStage>(session);
}

} // namespace zokran
