#pragma once

#include "core/head/proportions.h"

#include <cmath>
#include <string>

namespace zokran {

/// A school's rule for where the features go; read from a file in data/canons.
struct Canon {
    std::string id;
    std::string name;
    std::string about;  ///< one sentence for the learner
    BallRadii sideOval; ///< radius of the side oval
    Levels levels;

    /// Where the side planes cut the ball: x = ± this.
    BallRadii sidePlane() const { return {std::sqrt(1 - sideOval.value * sideOval.value)}; }
};

} // namespace zokran
