#pragma once

#include "core/compare/compare.h"
#include "core/construction/construction.h"

#include <functional>
#include <set>

namespace zokran {

/// What there is to mend or to watch, in order; without the closing remarks.
std::vector<const Finding*> toldFindings(const Comparison& comparison);

/// The lines of the construction a finding speaks of, by id.
std::set<std::string> linesOf(const Finding& finding);

/// What of a sketch a finding speaks of, px of the sketch.
struct FindingLines {
    using Lines = std::vector<std::vector<PicturePoint>>;
    Lines drawn;   ///< as they stand
    Lines belongs; ///< where they belong
    std::optional<std::pair<SketchPoint, SketchPoint>> way; ///< as `wayOf`
};

/// The construction's lines as a view of the sitter shows them.
using LinesSeenBy = std::function<std::vector<GuideLine>(const View&)>;

/// The lines of these ids, whatever their side, that are in sight.
FindingLines::Lines seenLines(const LinesSeenBy& lines, const View& view,
                              const std::set<std::string>& ids);

/// The longest way any of a finding's marks has to go, that of the nose's tip where the head is turned
/// or tilted otherwise: the mark, and the way in sketch px.
std::optional<std::pair<Mark, SketchPoint>> longestWay(const Finding& finding);

/// From where to where that is in the sketch; of the outline likewise.
std::optional<std::pair<SketchPoint, SketchPoint>> wayOf(const Comparison& comparison, const Finding& finding);

/// Eyebrows, lids and lips as strokes between their marks, px, as a pencil runs through them; a stroke of lid or lip
/// begins and ends in the corners of eye or mouth, where those are known. A stroke of which less than two places are
/// known is left out.
std::vector<std::vector<PicturePoint>> expressionStrokes(const PerExpressionMark<std::optional<PicturePoint>>& places,
                                                         const PerMark<std::optional<PicturePoint>>& structure);

/// What a finding shows on the sketch. Of a head turned or tilted otherwise: the centre line, or brow
/// and eye line, in the pose drawn and in the sitter's; of features: the marks joined as a pencil runs
/// through them.
FindingLines linesOn(const Comparison& comparison, const Finding& finding,
                     const LinesSeenBy& lines);

/// How long that way is: millimetres on the paper where a pixel is known, else the share of the head's
/// height.
struct WayLength {
    std::optional<Millimetres> onPaper;
    double share = 0;
};
std::optional<WayLength> lengthOf(const Comparison& comparison, const Finding& finding,
                                  const std::optional<MillimetresPerPixel>& perPixel);

} // namespace zokran
