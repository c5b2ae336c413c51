#pragma once

#include "core/units.h"

#include <filesystem>
#include <string>
#include <vector>

namespace zokran {

/// The heights at which a head's features hang (ball radii, head frame y).
struct Levels {
    BallRadii crown, hairline, brow, eye, noseBase, mouth, chin;
};

/// A school's rule for where the features go, as read from a file in data/canons.
struct Canon {
    std::string id;
    std::string name;
    std::string about;
    BallRadii sideOval; ///< radius of the side oval
    Levels levels;

    /// Where the side planes cut the ball: x = ± this.
    BallRadii sidePlane() const;
};

/// Reads a canon. Throws BadInput naming the file and the cause.
Canon readCanon(const std::filesystem::path& file);

/// The folder the canons are read from: ZOKRAN_DATA when set, else where the program was built.
std::filesystem::path dataFolder();

/// The canon with this id. Throws BadInput listing the ids there are.
Canon canonNamed(const std::string& id);

} // namespace zokran
