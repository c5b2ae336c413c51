#include "app/course/check/stage.h"
#include "app/course/mark_panel.h"
#include "app/document/choosing_head.h"
#include "app/document/marking.h"
#include "app/overlays/ball_overlay.h"
#include "app/overlays/drawn_line_overlay.h"
#include "app/overlays/expression_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/text/messages.h"
#include "app/tools/ball_tool.h"
#include "app/tools/look_over_tool.h"
#include "app/tools/mark_tool.h"
#include "core/messages/mark_messages.h"

namespace zokran {

namespace {

/// The sketch is marked: a few by hand, the others where they are expected.
class MarkStage : public CheckStage {
public:
    explicit MarkStage(StudySession& session)
        : CheckStage(session), ballTool_(session, Side::Sketch), markTool_(session, Side::Sketch), lookOverTool_(session) {}
    bool isOn() const override { return !sketchIsJudged(session_) || isLookingOver(session_); }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new MarkPanel(session_, Side::Sketch); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    /// The reference with its marks, the one that is asked for highlighted.
    Scene askedOnReference();

    BallTool ballTool_;
    MarkTool markTool_;
    LookOverTool lookOverTool_;
    StepPanel* panel_ = nullptr;
};

/// The head on a sketch, with air round it, from the marks that are placed and expected.
QRectF frameOf(const MarksShown& shown) {
    QPolygonF all;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        if (const auto& placed = shown.marks[m]; placed && placed->usable())
            all << QPointF(placed->at->x(), placed->at->y());
        if (const auto& at = shown.preplaced[m])
            all << QPointF(at->x(), at->y());
    }
    const QRectF box = all.boundingRect();
    const double air = 0.22 * std::max(box.width(), box.height());
    return box.adjusted(-air, -air, air, air);
}

/// What lies within nine tenths of the ball's radius round a place.
QRectF closeTo(const PicturePoint& at, const View& view) {
    const double reach = 0.9 * view.scale;
    return {at.x() - reach, at.y() - reach, 2 * reach, 2 * reach};
}

/// The rings of eyebrows, lids and lips that were found in a picture, one of them selected.
ExpressionOverlay::Shown ringsOf(const MarkSheet& sheet, ExpressionMark taken) {
    ExpressionOverlay::Shown shown;
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark m = expressionMarkAt(i);
        if (const auto& placed = sheet.expression[m]; placed && placed->usable())
            shown.places[m] = *placed->at;
        shown.isFound[m] = shown.places[m].has_value();
    }
    for (Mark m : sheet.seenMarks())
        shown.structure[m] = sheet.seen(m);
    shown.taken = taken;
    return shown;
}

} // namespace

Scene MarkStage::askedOnReference() {
    const auto looked = lookedOverMark(session_);
    const auto* ring = looked ? std::get_if<ExpressionMark>(&*looked) : nullptr;
    const auto mark = askedMark(session_, Side::Sketch);
    if ((!mark && !ring) || !session_.fit())
        return scenes_.guided(false);
    Scene scene = scenes_.picture(Side::Reference);
    if (scene.picture.isNull())
        return scene;
    scene.frame = scenes_.seenFrame(session_.fit()->view, scene.extent);
    scene.isFollowed = looked.has_value();
    if (ring) {
        if (const auto& seen = session_.study().reference.expression[*ring]; seen && seen->usable())
            scene.frame = closeTo(*seen->at, session_.fit()->view);
        scene.lay<ExpressionOverlay>(ringsOf(session_.study().reference, *ring));
        return scene;
    }
    MarksShown shown;
    shown.preplaced[*mark] =
        session_.study().reference.seen(*mark).value_or(PhotoPoint(session_.fit()->view.project(session_.fit()->head[*mark])));
    shown.asked = mark;
    scene.lay<MarksOverlay>(std::move(shown));
    return scene;
}

Scene MarkStage::scene(Side side) {
    if (side == Side::Reference)
        return askedOnReference();
    const Sketch* attempt = session_.study().sketch();
    Scene scene = attempt ? scenes_.picture(side) : scenes_.drawn(true);
    if (!attempt || scene.picture.isNull())
        return scene;
    if (attempt->marks.ball)
        scene.lay<BallOverlay>(*attempt->marks.ball);
    for (DrawnLine line : allDrawnLines)
        if (attempt->marks.lines.has(line))
            scene.lay<DrawnLineOverlay>(line, attempt->marks.lines[line]);
    MarksShown shown{attempt->marks.marks, attempt->marks.expression};
    shown.touched = session_.selection.marks.touched(Side::Sketch);
    shown.asked = askedMark(session_, Side::Sketch);
    if (const auto looked = lookedOverMark(session_); looked && session_.comparison()) {
        shown.touched = shown.asked;
        scene.isFollowed = true;
        scene.frame = closeTo(*placedIn(attempt->marks, *looked)->at, session_.comparison()->registeredView);
        scene.lay<MarksOverlay>(std::move(shown));
        if (const auto* ring = std::get_if<ExpressionMark>(&*looked))
            scene.lay<ExpressionOverlay>(ringsOf(attempt->marks, *ring));
        scene.tools = {&lookOverTool_, &ballTool_, &markTool_};
        return scene;
    }
    const auto expected = expectedMarks(session_);
    bool any = false;
    for (int i = 0; i < markCount; ++i)
        if (const auto& at = expected[markAt(i)]) {
            shown.preplaced[markAt(i)] = *at;
            any = true;
        }
    if (any)
        scene.frame = frameOf(shown);
    else if (const auto head = chosenHeadFrame(session_))
        scene.frame = QRectF(QPointF(head->low.x(), head->low.y()), QPointF(head->high.x(), head->high.y()));
    markTool_.showCandidate(shown);
    scene.lay<MarksOverlay>(std::move(shown));
    scene.tools = {&ballTool_, &markTool_};
    return scene;
}

NextThing MarkStage::next() {
    if (session_.study().sketches.empty())
        return {tr("Photograph your sketch and open it here."),
                {tr("Open the sketch's photograph…"), [this] { emit session_.choosePicture(Side::Sketch); }}};
    if (const auto mark = lookedOverMark(session_)) {
        return {tr("Does the ring sit where you drew the %1? Confirm it with Enter, or drag it right. %2 to look at.")
                    .arg(nameOf(*mark))
                    .arg(std::max<std::size_t>(1, marksToLookOver(session_).size())),
                {tr("It is right"), [this] { lookOverTool_.confirm(); }},
                Action{tr("The rest is right"), [this] {
                           confirmSuggestions(session_, Side::Sketch);
                           session_.selection.marks.lookOver(false);
                       }}};
    }
    if (session_.faces.isRunning() && session_.study().sketch() && session_.study().sketch()->marks.seenMarks().empty())
        return {tr("Looking for the features on your sketch…"), {tr("Mark by hand"), [this] { session_.faces.toggle(); }}};
    if (const auto mark = markToPlace(session_, Side::Sketch)) {
        const QString name = qt(sidedWordsFor(*mark, learnersTranslator()));
        const Action leave = quickCheckIsPossible(session_)
                                 ? Action{tr("Enough for a quick check"), [this] { leaveRest(session_); }}
                                 : Action{tr("Not drawn yet"), [this, mark] { hideMark(session_, Side::Sketch, *mark); }};
        if (const auto at = expectedMarks(session_)[*mark])
            return {tr("Is the ring on your %1? Confirm it with Enter, or click the right place.").arg(name),
                    {tr("It is"), [this, mark, at] { placeMark(session_, Side::Sketch, *mark, *at); }},
                    leave};
        // Before the first mark it can still wait for fresh eyes.
        if (session_.study().sketch()->marks.seenMarks().empty() && !session_.selection.check.lookedAgain())
            return {tr("Click the %1 on your sketch, or put it aside and look again tomorrow.").arg(name),
                    {},
                    Action{tr("Put it aside till tomorrow"), [this] { emit session_.toShelf(); }}};
        return {tr("Click the %1 on your sketch.").arg(name), {}, leave};
    }
    NextThing next{tr("The sketch cannot be compared yet: %1.").arg(session_.analysis.lacking(Side::Sketch)),
                   {tr("Block in"), [this] { session_.document.goTo("block-in"); }}};
    // What is held may be what is lacking.
    if (session_.study().hold != Hold::All)
        next.other = Action{tr("Hold all features"), [this] {
                                session_.document.edit(tr("Hold something else"), {}, [](Study& s) { s.hold = Hold::All; });
                            }};
    return next;
}

std::unique_ptr<CheckStage> makeMarkStage(StudySession& session) {
    return std::make_unique<MarkStage>(session);
}

} // namespace zokran
