#pragma once

#include "core/compare/parts.h"

namespace zokran {

/// What became of one part of a drawing from one photograph of it to the next.
struct PartChange {
    Part part;
    double before = 0, after = 0; ///< how far its marks lie off on average, % of the head's height
};

/// What a round of work did.
struct Round {
    std::vector<PartChange> mended; ///< nearer than before by more than the marks' doubt, most first
    std::vector<PartChange> broken; ///< further off
    std::optional<double> grown;    ///< the drawing is so many times as large on the paper as before
    std::optional<Millimetres> right, down; ///< and its middle so far moved over it
};

/// Sets two photographs of one drawing against each other, each compared with the same reference.
/// `pageBefore` and `page`: millimetres to a pixel of each where known.
Round roundBetween(const Comparison& before, const Comparison& after,
                   const std::optional<MillimetresPerPixel>& pageBefore,
                   const std::optional<MillimetresPerPixel>& page);

} // namespace zokran
