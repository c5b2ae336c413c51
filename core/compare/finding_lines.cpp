#include "core/compare/finding_lines.h"

#include "core/construction/lines.h"

#include <algorithm>

namespace zokran {

using enum Mark;

namespace {

/// The marks of a feature, in the order a pencil runs through them.
const std::vector<std::vector<Mark>> featureMarks = {
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

/// A stroke between marks of expression, which may begin and end at marks of structure.
struct ExpressionStroke {
    std::optional<Mark> from;
    std::vector<ExpressionMark> through;
    std::optional<Mark> to;
};
const std::vector<ExpressionStroke> strokesOfExpression = {
    {{}, {ExpressionMark::BrowStartL, ExpressionMark::BrowPeakL, ExpressionMark::BrowEndL}, {}},
    {{}, {ExpressionMark::BrowStartR, ExpressionMark::BrowPeakR, ExpressionMark::BrowEndR}, {}},
    {InnerEyeL, {ExpressionMark::LidUpperL}, OuterEyeL},
    {InnerEyeL, {ExpressionMark::LidLowerL}, OuterEyeL},
    {InnerEyeR, {ExpressionMark::LidUpperR}, OuterEyeR},
    {InnerEyeR, {ExpressionMark::LidLowerR}, OuterEyeR},
    {MouthCornerR, {ExpressionMark::LipUpper}, MouthCornerL},
    {MouthCornerR, {ExpressionMark::LipLower}, MouthCornerL},
};

/// A soft curve through the places that there are of a stroke; nothing where there are fewer than two.
std::vector<PicturePoint> curveOf(const ExpressionStroke& stroke, const PerExpressionMark<std::optional<PicturePoint>>& places,
                                  const PerMark<std::optional<PicturePoint>>& structure) {
    std::vector<PicturePoint> through;
    const auto add = [&](const std::optional<PicturePoint>& at) {
        if (at)
            through.push_back(*at);
    };
    if (stroke.from)
        add(structure[*stroke.from]);
    for (ExpressionMark m : stroke.through)
        add(places[m]);
    if (stroke.to)
        add(structure[*stroke.to]);
    return through.size() < 2 ? std::vector<PicturePoint>() : curveThrough(through);
}

/// The strokes that a finding about expression moves, as drawn and where they belong.
void addExpression(FindingLines& on, const Comparison& c, const Finding& finding) {
    PerExpressionMark<std::optional<PicturePoint>> drawn, belongs;
    PerMark<std::optional<PicturePoint>> structureDrawn, structureBelongs;
    const auto place = [](const std::optional<Placement>& at, const std::optional<SketchPoint>& by,
                          std::optional<PicturePoint>& isDrawn, std::optional<PicturePoint>& isBelonging) {
        if (!at)
            return;
        isDrawn = at->drawn;
        isBelonging = at->drawn + by.value_or(SketchPoint());
    };
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark m = expressionMarkAt(i);
        place(c.expressionPlacements[m], finding.expressionCorrections[m], drawn[m], belongs[m]);
    }
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        place(c.placements[m], finding.corrections[m], structureDrawn[m], structureBelongs[m]);
    }
    for (const ExpressionStroke& stroke : strokesOfExpression) {
        const bool isMoved = std::any_of(stroke.through.begin(), stroke.through.end(),
                                         [&](ExpressionMark m) { return finding.expressionCorrections[m].has_value(); });
        if (auto curve = curveOf(stroke, drawn, structureDrawn); isMoved && !curve.empty()) {
            on.drawn.push_back(std::move(curve));
            on.belongs.push_back(curveOf(stroke, belongs, structureBelongs));
        }
    }
}

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

} // namespace

std::vector<const Finding*> toldFindings(const Comparison& comparison) {
    std::vector<const Finding*> told;
    for (const Finding& f : comparison.findings)
        if (f.severity != Severity::Fine)
            told.push_back(&f);
    return told;
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
    // Of a head turned or tilted otherwise the tip of the nose tells, which rides on the line shown.
    if (finding.id == "turn" || finding.id == "tilt")
        if (const auto& by = finding.corrections[NoseTip])
            return std::pair{NoseTip, *by};
    std::optional<std::pair<Mark, SketchPoint>> longest;
    for (Mark m : finding.marks)
        if (const auto& by = finding.corrections[m];
            by && (!longest || by->norm() > longest->second.norm()))
            longest = {m, *by};
    return longest;
}

std::optional<std::pair<SketchPoint, SketchPoint>> wayOf(const Comparison& c, const Finding& finding) {
    if (finding.marks.empty() && !finding.expressionMarks.empty()) {
        const auto farther = [&](ExpressionMark a, ExpressionMark b) {
            return finding.expressionCorrections[a]->norm() < finding.expressionCorrections[b]->norm();
        };
        const ExpressionMark m = *std::max_element(finding.expressionMarks.begin(), finding.expressionMarks.end(), farther);
        const SketchPoint from = c.expressionPlacements[m]->drawn;
        return std::pair{from, SketchPoint(from + *finding.expressionCorrections[m])};
    }
    if (const auto longest = longestWay(finding)) {
        const SketchPoint from = c.placements[longest->first]->drawn;
        return std::pair{from, SketchPoint(from + longest->second)};
    }
    if (finding.outline.empty())
        return std::nullopt;
    const auto longest = std::max_element(finding.outline.begin(), finding.outline.end(), [](const auto& a, const auto& b) {
        return (a.belongs - a.drawn).norm() < (b.belongs - b.drawn).norm();
    });
    return std::pair{longest->drawn, longest->belongs};
}

FindingLines::Lines seenLines(const LinesSeenBy& lines, const View& view,
                              const std::set<std::string>& ids) {
    FindingLines::Lines seen;
    for (GuideLine& line : lines(view))
        if (!line.hidden && ids.contains(std::string(withoutSide(line.id))))
            seen.push_back(std::move(line.points));
    return seen;
}

std::optional<WayLength> lengthOf(const Comparison& c, const Finding& finding,
                                  const std::optional<MillimetresPerPixel>& perPixel) {
    const auto from = wayOf(c, finding);
    if (!from)
        return std::nullopt;
    const Pixels way{(from->second - from->first).norm()};
    WayLength length;
    length.share = way / c.sketchView.inPicture(headHeight(c.sitter));
    if (perPixel)
        length.onPaper = way * *perPixel;
    return length;
}

std::vector<std::vector<PicturePoint>> expressionStrokes(const PerExpressionMark<std::optional<PicturePoint>>& places,
                                                         const PerMark<std::optional<PicturePoint>>& structure) {
    std::vector<std::vector<PicturePoint>> strokes;
    for (const ExpressionStroke& stroke : strokesOfExpression)
        if (auto curve = curveOf(stroke, places, structure); !curve.empty())
            strokes.push_back(std::move(curve));
    return strokes;
}

FindingLines linesOn(const Comparison& c, const Finding& finding, const LinesSeenBy& lines) {
    FindingLines on;
    on.way = wayOf(c, finding);
    if (finding.line) {
        std::vector<PicturePoint> drawn, belongs;
        for (const OutlineMove& move : finding.outline) {
            drawn.push_back(move.drawn);
            belongs.push_back(move.belongs);
        }
        on.drawn = strokesThrough(*finding.line, drawn);
        on.belongs = strokesThrough(*finding.line, belongs);
        return on;
    }
    if (finding.id == "turn" || finding.id == "tilt") {
        const std::set<std::string> ids = linesOf(finding);
        on.drawn = seenLines(lines, c.sketchView, ids);
        // Only this is mended: the skull stays, and the head turns, or tilts, as the sitter's does.
        View mended = c.sketchView;
        Pose pose = c.sketchPose;
        (finding.id == "turn" ? pose.turn : pose.tilt) =
            finding.id == "turn" ? c.referencePose.turn : c.referencePose.tilt;
        mended.face(headToView(pose));
        on.belongs = seenLines(lines, mended, ids);
        return on;
    }
    const double arm = 0.05 * c.sketchView.scale;
    PerMark<bool> covered{};
    for (const auto& feature : featureMarks) {
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
        on.drawn.push_back(std::move(drawn));
        on.belongs.push_back(std::move(belongs));
    }
    for (Mark m : finding.marks)
        if (!covered[m] && finding.corrections[m] && c.placements[m]) {
            addCross(on.drawn, c.placements[m]->drawn, arm);
            addCross(on.belongs, c.placements[m]->drawn + *finding.corrections[m], arm);
        }
    addExpression(on, c, finding);
    return on;
}

} // namespace zokran
