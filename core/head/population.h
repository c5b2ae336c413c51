#pragma once

#include "core/head/proportions.h"

#include <string_view>
#include <vector>

namespace zokran {

/// One way in which heads differ: the displacement of every mark when the sitter departs from the
/// mean by one standard deviation (ball radii, head frame).
struct ShapeDirection {
    std::string_view id;
    HeadMarks displacement;
};

/// How heads are shaped: a mean, a few correlated directions with unit-variance coefficients, and
/// what is left over for each mark on its own. The measurements behind it stand in docs/sources.md.
struct ShapePrior {
    HeadMarks mean;
    std::vector<ShapeDirection> directions;
    PerMark<double> ownSpread; ///< standard deviation per axis, ball radii

    /// The head with these coefficients, one per direction.
    HeadMarks head(const std::vector<double>& coefficients) const;
};

/// The prior over adult heads. Built once, on first use.
const ShapePrior& adultHeads();

} // namespace zokran
