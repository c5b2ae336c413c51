#pragma once

#include "core/base/units.h"

#include <optional>

namespace zokran {

/// Where the light comes from, against the line of sight to the head: azimuth + = from the viewer's
/// right, elevation + = from above, 0/0 = from the viewer.
struct LightDirection {
    Radians azimuth, elevation;
    bool operator==(const LightDirection&) const = default;
};

/// A light beside the key light.
struct SecondLight {
    LightDirection from;
    double strength = 0.4; ///< of the key light's
    bool operator==(const SecondLight&) const = default;
};

/// The light on a head, and in how many values it is looked at.
struct Lighting {
    LightDirection key{toRadians(Degrees{-40}), toRadians(Degrees{35})};
    std::optional<SecondLight> second = {};
    int values = 5; ///< 2 to 10
    bool operator==(const Lighting&) const = default;
};

} // namespace zokran
