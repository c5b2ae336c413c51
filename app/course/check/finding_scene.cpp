#include "app/course/check/finding_scene.h"

#include "app/widgets/words.h"
#include "core/construction/lines.h"
#include "core/words/line_words.h"

#include <QCoreApplication>
#include <algorithm>

namespace zokran {

using enum Mark;

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("FindingScene", text);
}

/// The marks of a feature, in the order a pencil runs through them.
const std::vector<std::vector<Mark>> features = {
    {InnerEyeL, PupilL, OuterEyeL},
    {InnerEyeR, PupilR, OuterEyeR},
    {MouthCornerR, LipLine, MouthCornerL},
    {NoseRoot, NoseTip, NoseBase},
    {NoseWingR, NoseBase, NoseWingL},
    {EarTopL, EarBaseL},
    {EarTopR, EarBaseR},
    {EarBaseL, JawAngleL, Chin},
    {EarBaseR, JawAngleR, Chin},
    {Brow, Hairline, Crown},
};

constexpr std::pair<Mark, const char*> lineOfMark[] = {
    {Crown, "ball"},          {Hairline, "hairline"},       {Brow, "brow_line"},
    {NoseRoot, "eye_line"},   {InnerEyeL, "eye_line"},      {OuterEyeL, "eye_line"},
    {PupilL, "eye_line"},     {NoseTip, "nose_base_line"},  {NoseBase, "nose_base_line"},
    {NoseWingL, "nose_base_line"}, {MouthCornerL, "mouth_line"}, {LipLine, "mouth_line"},
    {Chin, "chin_line"},      {JawAngleL, "jaw_line"},      {EarTopL, "ear"},
    {EarBaseL, "ear"},        {Back, "ball"}};

/// A short cross at a place that belongs to no line.
void addCross(std::vector<std::vector<PicturePoint>>& lines, const PicturePoint& at, double arm) {
    lines.push_back({at - PicturePoint(arm, 0), at + PicturePoint(arm, 0)});
    lines.push_back({at - PicturePoint(0, arm), at + PicturePoint(0, arm)});
}

/// The lines of these ids as a view of the head shows them.
std::vector<std::vector<PicturePoint>> seenLines(const Desk& desk, const View& view,
                                                 const std::set<std::string>& ids) {
    std::vector<std::vector<PicturePoint>> lines;
    for (const GuideLine& line : desk.analysis.linesSeenBy(view))
        if (!line.hidden && ids.contains(std::string(withoutSide(line.id))))
            lines.push_back(line.points);
    return lines;
}

} // namespace

std::vector<const Finding*> toldFindings(const Comparison& comparison) {
    std::vector<const Finding*> told;
    for (const Finding& f : comparison.findings)
        if (f.severity != Severity::Fine)
            told.push_back(&f);
    return told;
}

const Finding* shownFinding(const Desk& desk) {
    if (!desk.comparison())
        return nullptr;
    const auto told = toldFindings(*desk.comparison());
    if (told.empty())
        return nullptr;
    const auto at = static_cast<std::size_t>(std::max(0, desk.selection.finding()));
    return told[std::min(at, told.size() - 1)];
}

std::set<std::string> linesOf(const Finding& finding) {
    if (finding.id == "turn")
        return {"centre_line"};
    if (finding.id == "tilt")
        return {"brow_line", "eye_line"};
    std::set<std::string> ids;
    for (Mark m : finding.marks)
        for (const auto& [mark, id] : lineOfMark)
            if (mark == m || mark == mirrored(m))
                ids.insert(id);
    return ids;
}

std::optional<std::pair<Mark, SketchPoint>> longestWay(const Finding& finding) {
    std::optional<std::pair<Mark, SketchPoint>> longest;
    for (Mark m : finding.marks)
        if (const auto& by = finding.corrections[m];
            by && (!longest || by->norm() > longest->second.norm()))
            longest = {m, *by};
    return longest;
}

QString arrowLength(const Desk& desk, const Finding& finding) {
    const auto longest = longestWay(finding);
    const Comparison& c = *desk.comparison();
    if (!longest)
        return {};
    const Pixels way{longest->second.norm()};
    const Attempt* attempt = desk.study().attempt();
    if (const auto perPixel =
            attempt ? attempt->page.perPixel({1.0 * attempt->marks.width}) : std::nullopt)
        return tr("%1 mm").arg(std::max(1.0, std::round((way * *perPixel).value)));
    return tr("%1 % of the head")
        .arg(100 * way.value / (c.sketchView.scale * headHeight(c.sitter).value), 0, 'f', 1);
}

FindingShown findingOn(const Desk& desk, const Finding& finding, Side side) {
    FindingShown shown;
    const Comparison& c = *desk.comparison();
    const View& view = side == Side::Seen ? desk.fit()->view : c.registeredView;
    for (const auto& [mark, id] : {std::pair{Brow, "brow_line"}, {NoseBase, "nose_base_line"}})
        shown.threads.emplace_back(view.project(c.sitter[mark]),
                                   side == Side::Seen
                                       ? qt(wordsForLine(id, learnersBook()))
                                       : QString());
    const std::set<std::string> ids = linesOf(finding);
    if (side == Side::Seen) {
        shown.belongs = seenLines(desk, view, ids);
        return shown;
    }
    const auto longest = longestWay(finding);
    if (longest) {
        const PicturePoint from = c.placements[longest->first]->drawn;
        shown.arrow = {from, from + longest->second, arrowLength(desk, finding)};
    }
    if (finding.id == "turn" || finding.id == "tilt") {
        shown.drawn = seenLines(desk, c.sketchView, ids);
        // Only this is mended: the skull stays, and the head turns, or tilts, as the sitter's does.
        View mended = c.sketchView;
        Pose pose = c.sketchPose;
        (finding.id == "turn" ? pose.turn : pose.tilt) =
            finding.id == "turn" ? c.referencePose.turn : c.referencePose.tilt;
        mended.face(headToView(pose));
        shown.belongs = seenLines(desk, mended, ids);
        return shown;
    }
    const double arm = 0.05 * c.sketchView.scale;
    PerMark<bool> covered{};
    for (const auto& feature : features) {
        std::vector<PicturePoint> drawn, belongs;
        for (Mark m : feature)
            if (finding.corrections[m] && c.placements[m]) {
                drawn.push_back(c.placements[m]->drawn);
                belongs.push_back(c.placements[m]->drawn + *finding.corrections[m]);
            }
        if (drawn.size() < 2)
            continue;
        for (Mark m : feature)
            covered[m] = true;
        shown.drawn.push_back(std::move(drawn));
        shown.belongs.push_back(std::move(belongs));
    }
    for (Mark m : finding.marks)
        if (!covered[m] && finding.corrections[m] && c.placements[m]) {
            addCross(shown.drawn, c.placements[m]->drawn, arm);
            addCross(shown.belongs, c.placements[m]->drawn + *finding.corrections[m], arm);
        }
    return shown;
}

} // namespace zokran
