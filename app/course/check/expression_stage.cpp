#include "app/course/check/expression_panel.h"
#include "app/course/check/stage.h"
#include "app/document/expression_marking.h"
#include "app/overlays/expression_overlay.h"
#include "app/text/messages.h"
#include "app/tools/expression_tool.h"

namespace zokran {

namespace {

/// Eyebrows, lids and lips are marked on both sheets.
class ExpressionStage : public CheckStage {
public:
    explicit ExpressionStage(StudySession& session)
        : CheckStage(session), tools_{{session, Side::Reference}, {session, Side::Sketch}} {}
    bool isOn() const override { return isMarkingExpression(session_); }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new ExpressionPanel(session_); }
    Scene scene(Side side) override;
    NextThing next() override;
    bool offersLooking() const override { return false; }

private:
    ExpressionTool tools_[2];
    StepPanel* panel_ = nullptr;
};

/// The face from the eyebrows to the lips, with air round it.
QRectF faceFrame(const PerExpressionMark<std::optional<PicturePoint>>& places, double scale) {
    QPolygonF all;
    for (const auto& at : places)
        if (at)
            all << QPointF(at->x(), at->y());
    const double air = 0.35 * scale;
    return all.isEmpty() ? QRectF() : all.boundingRect().adjusted(-air, -air, air, air);
}

} // namespace

Scene ExpressionStage::scene(Side side) {
    Scene scene = scenes_.headPicture(side);
    if (scene.picture.isNull())
        return scene;
    const MarkSheet& sheet = session_.study().marks(side);
    ExpressionOverlay::Shown shown;
    shown.places = expressionPlacesOn(session_, side);
    for (int i = 0; i < expressionMarkCount; ++i)
        shown.isFound[expressionMarkAt(i)] = sheet.expression[expressionMarkAt(i)].has_value();
    for (Mark mark : sheet.seenMarks())
        shown.structure[mark] = sheet.seen(mark);
    if (const auto& taken = session_.selection.marks.expression(); taken && taken->side == side)
        shown.taken = taken->mark;
    const View& view = side == Side::Reference ? session_.fit()->view : session_.comparison()->sketchView;
    // The frame stays while a ring is dragged: it follows the head and not the rings.
    PerExpressionMark<std::optional<PicturePoint>> usual;
    const PerExpressionMark<HeadPoint> places = usualExpressionPlaces(session_.fit()->head);
    for (int i = 0; i < expressionMarkCount; ++i)
        usual[expressionMarkAt(i)] = view.project(places[expressionMarkAt(i)]);
    scene.frame = faceFrame(usual, view.scale);
    scene.lay<ExpressionOverlay>(std::move(shown));
    scene.tools = {&tools_[side == Side::Reference ? 0 : 1]};
    return scene;
}

NextThing ExpressionStage::next() {
    return {tr("Drag the rings onto eyebrows, lids and lips, on both sheets. What stays dashed is not judged."),
            {tr("They lie there"), [this] { endExpression(session_, true); }},
            Action{tr("Leave them"), [this] { endExpression(session_, false); }}};
}

std::unique_ptr<CheckStage> makeExpressionStage(StudySession& session) {
    return std::make_unique<ExpressionStage>(session);
}

} // namespace zokran
