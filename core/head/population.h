#pragma once

#include "core/head/proportions.h"

#include <filesystem>
#include <string>
#include <vector>

namespace zokran {

/// One way in which heads differ: the displacement of every mark when the sitter departs from the
/// mean by one standard deviation (ball radii, head frame).
struct ShapeDirection {
    std::string id;
    HeadMarks displacement;
};

/// How heads are shaped: a mean, a few directions with independent unit-variance coefficients, and
/// what is left over for each mark on its own. The measurements behind it stand in docs/sources.md.
struct ShapePrior {
    HeadMarks mean;
    std::vector<ShapeDirection> directions;
    PerMark<double> ownSpread; ///< standard deviation per axis, ball radii

    /// The head with these coefficients, one per direction.
    HeadMarks head(const std::vector<double>& coefficients) const;
    /// The population's standard deviation of a length that depends smoothly on the marks, to first
    /// order, the marks' own spreads left out.
    template <typename Length>
    BallRadii spreadOf(const Length& length) const {
        const BallRadii usual = length(mean);
        double variance = 0;
        for (const ShapeDirection& direction : directions) {
            HeadMarks moved = mean;
            for (int i = 0; i < markCount; ++i)
                moved[markAt(i)] += direction.displacement[markAt(i)];
            const double by = (length(moved) - usual).value;
            variance += by * by;
        }
        return {std::sqrt(variance)};
    }
};

/// A population written by tools/make_population.py. Throws BadInput naming the file and what is
/// wrong with it.
ShapePrior readPopulation(const std::filesystem::path& file);

/// The prior over adult heads: heads/population.json of the data folder, read on first use. Throws
/// BadInput when that cannot be read.
const ShapePrior& adultHeads();

} // namespace zokran
