#pragma once

#include "core/construction/construction.h"

namespace zokran {

/// When a hand draws a line of a form, as shares of the whole time, 0 to 1.
struct StrokeTime {
    std::size_t line;   ///< its place among the form's lines
    double begin, end;
    int step;           ///< of the form, from 1; 0 where the form has none
};

/// The strokes in the order a hand makes them: step by step, what no step names with the last, what is seen before what is
/// hidden. A long line takes longer, and between two the hand is lifted; `radius` of the ball, px.
std::vector<StrokeTime> drawingOrder(const std::vector<GuideLine>& lines, Pixels radius);

/// The lines drawn after `share` of the time, the last one in part. `whole`: no line in part, for people who want nothing to
/// move.
std::vector<GuideLine> linesAt(const std::vector<GuideLine>& lines, const std::vector<StrokeTime>& strokes, double share,
                               bool whole = false);

/// The step under the hand after `share` of the time; 0 where there are no strokes.
int stepAt(const std::vector<StrokeTime>& strokes, double share);

} // namespace zokran
