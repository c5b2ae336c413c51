#pragma once

#include "cast/sitter.h"
#include "core/head/proportions.h"

#include <functional>
#include <initializer_list>

namespace zokran {

/// What a style grows on.
struct Scalp {
    const HeadMarks& marks;
    const Hair& hair;
};

/// One way of wearing the hair. `p` is the bare skin's place in the direction `d` (unit), `az` how
/// far round from the front it lies, 0 to 180 degrees on either side.
struct HairStyle {
    std::string id;
    /// How far inside what it covers, ball radii along the head; below 0 where nothing grows.
    std::function<double(const Scalp&, const Eigen::Vector3d& p, double az)> cover;
    /// How far the mass stands out of the skin at `depth` inside, ball radii. None: bald.
    std::function<double(const Scalp&, const Eigen::Vector3d& p, const Eigen::Vector3d& d, double az,
                         double depth)>
        height;
};

/// The style with this id. Throws BadInput listing those there are.
const HairStyle& hairStyle(const std::string& id);

/// Smooth step from 0 at t <= 0 to 1 at t >= 1.
double smooth(double t);
/// The value at `x` of the line through the knots, rounded at them; constant beyond.
double along(std::initializer_list<std::pair<double, double>> knots, double x);
/// Smooth noise in [-1, 1] with a wavelength of about 1.
double noise(const Eigen::Vector3d& p);
/// Locks in [0, 1], ridges where `across` passes whole numbers, of uneven width and depth.
double grooves(const Eigen::Vector3d& p, double across, double fineness);

} // namespace zokran
