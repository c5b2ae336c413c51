#include "app/course/check/line_panel.h"
#include "app/course/check/stage.h"
#include "app/document/line_annotation.h"
#include "app/overlays/ball_overlay.h"
#include "app/overlays/drawn_line_overlay.h"
#include "app/tools/line_tool.h"
#include "app/text/messages.h"
#include "core/messages/line_messages.h"

namespace zokran {

namespace {

/// A line of the drawing for which no mark stands is laid over it.
class LineStage : public CheckStage {
public:
    explicit LineStage(StudySession& session)
        : CheckStage(session), tools_{{session, Side::Reference}, {session, Side::Sketch}} {}
    bool isOn() const override { return isAnnotatingLine(session_); }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new LinePanel(session_); }
    Scene scene(Side side) override;
    NextThing next() override;
    bool offersLooking() const override { return false; }

private:
    LineTool tools_[2];
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene LineStage::scene(Side side) {
    Scene scene = scenes_.headPicture(side);
    if (scene.picture.isNull())
        return scene;
    const MarkSheet& sheet = session_.study().marks(side);
    if (sheet.ball)
        scene.lay<BallOverlay>(*sheet.ball);
    const auto& annotation = session_.selection.lines.annotation();
    const bool here = annotation && annotation->side == side;
    for (DrawnLine line : allDrawnLines)
        if (sheet.lines.has(line) && !(here && annotation->line == line))
            scene.lay<DrawnLineOverlay>(line, sheet.lines[line]);
    if (here) {
        LineTool& tool = tools_[side == Side::Reference ? 0 : 1];
        scene.lay<DrawnLineOverlay>(annotation->line, annotation->at, tool.touched() % annotation->at.size());
        scene.tools = {&tool};
        // What is to be dragged is in sight, with some room round it.
        constexpr double room = 0.08;
        QRectF all = scene.frame;
        for (const PicturePoint& at : annotation->at)
            all = all.united(QRectF(at.x(), at.y(), 1, 1));
        if (all != scene.frame && !scene.frame.isEmpty())
            scene.frame = all.adjusted(-room * all.width(), -room * all.height(), room * all.width(), room * all.height());
    }
    return scene;
}

NextThing LineStage::next() {
    const auto& annotation = session_.selection.lines.annotation();
    const QString name = qt(wordsFor(annotation->line, learnersTranslator()));
    const Action leave{tr("Leave it"), [this] { endLineAnnotation(session_, false); }};
    if (!annotation->isLookedAt)
        return {annotation->side == Side::Reference
                    ? tr("Drag the rings onto the %1 in the photograph; press one that lies right.").arg(name)
                    : tr("Drag the rings onto the %1 as you drew it; press one that lies right.").arg(name),
                {}, leave};
    return {annotation->side == Side::Reference ? tr("Drag the rings onto the %1 in the photograph.").arg(name)
                                                : tr("Drag the rings onto the %1 as you drew it.").arg(name),
            {tr("It lies there"), [this] { endLineAnnotation(session_, true); }},
            leave};
}

std::unique_ptr<CheckStage> makeLineStage(StudySession& session) {
    return std::make_unique<LineStage>(session);
}

} // namespace zokran
