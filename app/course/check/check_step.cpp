#include "app/course/check/finding_scene.h"
#include "app/course/check/findings_panel.h"
#include "app/course/mark_panel.h"
#include "app/course/step.h"
#include "app/document/marking.h"
#include "app/overlays/arrows_overlay.h"
#include "app/overlays/ball_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/tools/ball_tool.h"
#include "app/tools/mark_tool.h"
#include "app/widgets/words.h"
#include "core/words/mark_words.h"

#include <QCoreApplication>
#include <algorithm>

namespace zokran {

namespace {

/// Corrections shorter than this share of the head's height are not worth an arrow.
constexpr double hardlyOff = 0.015;

QString tr(const char* text) {
    return QCoreApplication::translate("CheckStep", text);
}

bool isToMend(const Comparison& c, Mark m) {
    return std::any_of(c.findings.begin(), c.findings.end(), [m](const Finding& f) {
        return f.severity != Severity::Fine &&
               std::find(f.marks.begin(), f.marks.end(), m) != f.marks.end();
    });
}

/// Pose drift and placement are mended together: an arrow ends where the reference puts the
/// feature.
std::vector<CorrectionArrow> arrowsFor(const Comparison& c) {
    const double least = hardlyOff * headHeight(c.sitter).value * c.registeredView.scale;
    std::vector<CorrectionArrow> arrows;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        if (const auto& p = c.placements[m]; p && (*c.asSeen[m] - p->drawn).norm() > least)
            arrows.push_back({p->drawn, *c.asSeen[m], isToMend(c, m)});
    }
    return arrows;
}

class CheckStep : public Step {
public:
    explicit CheckStep(Desk& desk)
        : Step(desk), ballTool_(desk, Side::Drawn), markTool_(desk, Side::Drawn) {}
    std::string id() const override { return "check"; }
    QString name() const override { return tr("Check"); }
    QString lacks() const override;
    StepPanel* panel() override;
    Scene scene(Side side) override;
    NextThing next() override;

private:
    BallTool ballTool_;
    MarkTool markTool_;
    StepPanel *markPanel_ = nullptr, *findingsPanel_ = nullptr;
};

} // namespace

QString CheckStep::lacks() const {
    return desk_.comparison() ? QString() : tr("marks on the sketch");
}

StepPanel* CheckStep::panel() {
    if (sketchIsJudged(desk_))
        return findingsPanel_ ? findingsPanel_ : findingsPanel_ = new FindingsPanel(desk_);
    return markPanel_ ? markPanel_ : markPanel_ = new MarkPanel(desk_, Side::Drawn);
}

Scene CheckStep::scene(Side side) {
    const Attempt* attempt = desk_.study().attempt();
    const bool judged = sketchIsJudged(desk_);
    // Judged, the sheets show one finding and nothing else, both heads at one size and height.
    if (attempt && judged && !desk_.selection.allNumbers() && desk_.comparison() && desk_.fit()) {
        Scene scene = scenes_.picture(side);
        if (scene.picture.isNull())
            return scene;
        scene.frame = scenes_.headFrame(side == Side::Seen ? desk_.fit()->view
                                                           : desk_.comparison()->registeredView);
        if (const Finding* finding = shownFinding(desk_)) {
            scene.lay<FindingOverlay>(findingOn(desk_, *finding, side));
            if (side == Side::Drawn) {
                // Its own marks can be put right; all of them lie there with the numbers.
                MarksShown shown;
                for (Mark m : finding->marks)
                    shown.marks[m] = attempt->marks.marks[m];
                shown.touched = desk_.selection.touched(Side::Drawn);
                shown.small = true;
                scene.lay<MarksOverlay>(std::move(shown));
                scene.tools = {&markTool_};
            }
        }
        return scene;
    }
    if (side == Side::Seen)
        return scenes_.guided(false);
    Scene scene = scenes_.drawn(true);
    if (!attempt || scene.picture.isNull())
        return scene;
    if (!judged)
        scene.frame = {}; // the next mark may lie anywhere
    if (desk_.comparison())
        scene.caption = tr("Drawn: the photo's construction laid over it");
    if (attempt->marks.ball)
        scene.lay<BallOverlay>(*attempt->marks.ball);
    MarksShown shown{attempt->marks.marks};
    shown.touched = desk_.selection.touched(Side::Drawn);
    shown.small = judged;
    scene.lay<MarksOverlay>(std::move(shown));
    if (desk_.comparison())
        scene.lay<ArrowsOverlay>(arrowsFor(*desk_.comparison()));
    scene.tools = {&ballTool_, &markTool_};
    return scene;
}

NextThing CheckStep::next() {
    if (desk_.study().attempts.empty())
        return {tr("Photograph your sketch and open it here."),
                {tr("Open the sketch's photograph…"),
                 [this] { emit desk_.choosePicture(Side::Drawn); }}};
    if (const auto mark = nextMark(desk_, Side::Drawn))
        return {tr("Click the %1 on your sketch.").arg(qt(wordsFor(*mark, learnersBook()))),
                {tr("Cannot see it"), [this, mark] { hideMark(desk_, Side::Drawn, *mark); }}};
    if (!desk_.comparison())
        return {
            tr("The sketch cannot be compared yet: %1.").arg(desk_.analysis.lacking(Side::Drawn)),
            goTo(tr("Block in"), "block-in")};
    const Deed again{tr("Photograph it again…"), [this] { emit desk_.choosePicture(Side::Drawn); }};
    const Deed keep = goTo(tr("Keep it"), "keep");
    const Finding* shown = shownFinding(desk_);
    if (!shown)
        return {tr("The placement holds. Shade it, and keep what you noticed."), keep, again};
    const QString sentence = tr("On the paper: rub out the dashed line and set it %1 along the "
                                "arrow. Then look again.")
                                 .arg(arrowLength(desk_, *shown));
    const int count = static_cast<int>(toldFindings(*desk_.comparison()).size());
    const int at = std::min(desk_.selection.finding(), count - 1);
    if (at + 1 < count)
        return {sentence, again,
                Deed{tr("Next finding"), [this, at] { desk_.selection.showFinding(at + 1); }}};
    return {sentence, again, keep};
}

std::unique_ptr<Step> makeCheckStep(Desk& desk) {
    return std::make_unique<CheckStep>(desk);
}

} // namespace zokran
