#pragma once

#include "core/base/units.h"

namespace zokran {

/// From where on an error is to be mended. It is watched from half of that, an angle from three
/// fifths. The defaults are justified in docs/sources.md.
struct Tolerances {
    double place = 3; ///< of a feature's place, % of the head's height
    double size = 6;  ///< of a width or a height against its own, %
    Degrees angle{5}; ///< of the head's turn and tilt, of the lines of eyes and mouth
    bool operator==(const Tolerances&) const = default;
};

/// What a learner may choose.
inline constexpr double leastTolerance = 0.5, mostTolerance = 30;

} // namespace zokran
