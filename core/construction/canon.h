#pragma once

#include "core/head/proportions.h"

#include <cmath>
#include <string>

namespace zokran {

/// A school's rule for where the features go; read from a file in data/canons.
struct Canon {
    std::string id;
    std::string name;
    std::string about;  ///< for the learner: what it says, where it agrees with others and where not
    BallRadii sideOval; ///< radius of the side oval
    Levels levels;
    Widths widths;

    /// Where the side planes cut the ball: x = ± this.
    BallRadii sidePlane() const { return sidePlaneAt(sideOval); }
};

} // namespace zokran
