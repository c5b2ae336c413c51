#pragma once

#include "core/compare/outline.h"

namespace zokran {

/// A run of straights as it was drawn beside where it belongs.
struct StraightRun {
    DrawnLine line;
    std::vector<SketchPoint> drawn, belongs; ///< corners, equally many
    Pixels noise;                            ///< one standard deviation of a corner
    bool noiseIsKnown = false; ///< else it is scaled by what the corners themselves say of the hand
    double scale = 1;          ///< sketch px per ball radius
};

/// Straights turned against where they belong, straights that lie too far out or in, and corners that do; the few that
/// explain the run best, see `selectErrors`. A corner counts square to the run; along it only as far as its two straights
/// cross there at an angle that fixes it. The run as a whole may lie a little beside its place.
std::vector<OutlineError> straightErrors(const StraightRun& run);

} // namespace zokran
