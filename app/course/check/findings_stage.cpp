#include "app/course/check/finding_scene.h"
#include "app/course/check/findings_panel.h"
#include "app/course/check/stage.h"
#include "app/document/expression_marking.h"
#include "app/document/line_annotation.h"
#include "app/document/marking.h"
#include "app/overlays/arrows_overlay.h"
#include "app/overlays/ball_overlay.h"
#include "app/overlays/expression_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/text/messages.h"
#include "app/tools/ball_tool.h"
#include "app/tools/expression_tool.h"
#include "app/tools/finding_tool.h"
#include "app/tools/mark_tool.h"
#include "app/view_modes/view_mode.h"
#include "core/messages/finding_messages.h"

#include <algorithm>

namespace zokran {

namespace {

/// Corrections shorter than this share of the head's height are not worth an arrow.
constexpr double hardlyOff = 0.015;

bool isToMend(const Comparison& c, Mark m) {
    return std::any_of(c.findings.begin(), c.findings.end(), [m](const Finding& f) {
        return f.severity != Severity::Fine &&
               std::find(f.marks.begin(), f.marks.end(), m) != f.marks.end();
    });
}

/// Pose drift and placement are mended together: an arrow ends where the reference puts the
/// feature.
std::vector<CorrectionArrow> arrowsFor(const Comparison& c) {
    const double least = (hardlyOff * c.registeredView.inPicture(headHeight(c.sitter))).value;
    std::vector<CorrectionArrow> arrows;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        if (const auto& p = c.placements[m]; p && (*c.asSeen[m] - p->drawn).norm() > least)
            arrows.push_back({p->drawn, *c.asSeen[m], isToMend(c, m)});
    }
    return arrows;
}

/// What is to be mended, one thing at a time; or every number.
class FindingsStage : public CheckStage {
public:
    explicit FindingsStage(StudySession& session)
        : CheckStage(session), ballTool_(session, Side::Sketch), markTool_(session, Side::Sketch),
          expressionTool_(session, Side::Sketch), findingTool_(session) {}
    bool isOn() const override { return true; } // the last
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new FindingsPanel(session_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    /// One finding and nothing else, both heads at one size and height.
    Scene findingScene(Side side);
    Scene numbersScene(Side side);

    BallTool ballTool_;
    MarkTool markTool_;
    ExpressionTool expressionTool_;
    FindingTool findingTool_;
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene FindingsStage::scene(Side side) {
    // Numbers are for the sheets side by side; laid over a squint or a mirrored sheet they hide what it is to show.
    const bool isSideBySide = &currentViewMode(session_) == viewModes().front().get();
    return session_.selection.check.allNumbers() && isSideBySide ? numbersScene(side) : findingScene(side);
}

Scene FindingsStage::findingScene(Side side) {
    Scene scene = scenes_.picture(side);
    if (scene.picture.isNull())
        return scene;
    scene.frame = scenes_.headFrame(side == Side::Reference ? session_.fit()->view : session_.comparison()->registeredView);
    if (const Finding* finding = shownFinding(session_)) {
        scene.lay<FindingOverlay>(findingOn(session_, *finding, side));
        if (side == Side::Sketch) {
            // Its own marks can be put right; all of them lie there with the numbers.
            MarksShown shown;
            for (Mark m : finding->marks)
                shown.marks[m] = session_.study().marks(side).marks[m];
            shown.touched = session_.selection.marks.touched(Side::Sketch);
            shown.small = true;
            scene.lay<MarksOverlay>(std::move(shown));
            scene.tools = {&markTool_};
            if (finding->marks.empty() && !finding->expressionMarks.empty()) {
                ExpressionOverlay::Shown rings;
                for (ExpressionMark m : finding->expressionMarks) {
                    rings.places[m] = session_.comparison()->expressionPlacements[m]->drawn;
                    rings.isFound[m] = true;
                }
                scene.lay<ExpressionOverlay>(std::move(rings));
                scene.tools = {&expressionTool_};
            }
        }
        scene.tools.push_back(&findingTool_);
    }
    return scene;
}

Scene FindingsStage::numbersScene(Side side) {
    if (side == Side::Reference)
        return scenes_.guided(false);
    Scene scene = scenes_.drawn(true);
    if (scene.picture.isNull())
        return scene;
    const MarkSheet& marks = session_.study().marks(side);
    scene.caption = tr("Drawn: the photo's construction laid over it");
    if (marks.ball)
        scene.lay<BallOverlay>(*marks.ball);
    MarksShown shown{marks.marks};
    shown.touched = session_.selection.marks.touched(Side::Sketch);
    shown.small = true;
    scene.lay<MarksOverlay>(std::move(shown));
    scene.lay<ArrowsOverlay>(arrowsFor(*session_.comparison()));
    scene.tools = {&ballTool_, &markTool_};
    return scene;
}

NextThing FindingsStage::next() {
    const Action again{tr("Photograph it again…"), [this] { emit session_.choosePicture(Side::Sketch); }};
    const Action keep{tr("Keep it"), [this] { session_.document.goTo("keep"); }};
    const Finding* shown = shownFinding(session_);
    if (!shown && placesCompared(*session_.comparison()) < fewestToJudge)
        return {tr("Few places are marked yet. Mark more of the sketch; then it can be judged."),
                {tr("Mark more"), [this] {
                     // What was told not to be drawn yet is asked for again.
                     session_.document.edit(tr("Mark more of the sketch"), {}, [](Study& s) {
                         for (auto& mark : s.sketch()->marks.marks)
                             if (mark && mark->hidden)
                                 mark.reset();
                     });
                 }},
                keep};
    if (!shown) {
        // What moves and what hangs on the head is looked at when the head stands.
        if (!isExpressionCompared(session_))
            return {tr("The placement holds. See whether eyebrows, lids and lips do, or shade it and keep what you noticed."),
                    keep, Action{tr("Look at the features"), [this] { startExpression(session_); }}};
        const Sketch* attempt = session_.study().sketch();
        for (const auto& [line, label] : {std::pair{DrawnLine::Hair, tr("Look at the hair")}, {DrawnLine::Neck, tr("Look at the neck")}})
            if (attempt && !attempt->marks.lines.has(line))
                return {tr("The placement holds. See whether hair and neck do, or shade it and keep what you noticed."), keep,
                        Action{label, [this, line = line] { startLineAnnotation(session_, line); }}};
        return {tr("The placement holds. Shade it, and keep what you noticed."), keep, again};
    }
    const QString sentence = tr("On the paper: set the line anew, lightly, %1 along the arrow; then rub the dashed one "
                                "out, and look again.")
                                 .arg(arrowLength(session_, *shown));
    const int count = static_cast<int>(toldFindings(*session_.comparison()).size());
    const int at = std::min(session_.selection.check.finding(), count - 1);
    if (at + 1 < count)
        return {sentence, again, Action{tr("Next finding"), [this, at] { session_.selection.check.showFinding(at + 1); }}};
    return {sentence, again, keep};
}

std::unique_ptr<CheckStage> makeFindingsStage(StudySession& session) {
    return std::make_unique<FindingsStage>(session);
}

} // namespace zokran
