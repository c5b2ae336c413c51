#pragma once

#include <Eigen/Geometry>
#include <Eigen/LU>
#include <numbers>
#include <stdexcept>

/// Units that must not be confused. A length or an angle that crosses an interface says in its
/// type what it is; the arithmetic inside a function may unwrap it.
namespace zokran {

/// An angle in degrees: what people, files and the command line read and write.
struct Degrees {
    double value = 0;
    auto operator<=>(const Degrees&) const = default;
};

/// An angle in radians: what the computation uses.
struct Radians {
    double value = 0;
    auto operator<=>(const Radians&) const = default;
};

constexpr Radians toRadians(Degrees d) {
    return {d.value * std::numbers::pi / 180};
}
constexpr Degrees toDegrees(Radians r) {
    return {r.value * 180 / std::numbers::pi};
}

/// A length in picture pixels.
struct Pixels {
    double value = 0;
    auto operator<=>(const Pixels&) const = default;
};

/// A length in ball radii, the unit of the head.
struct BallRadii {
    double value = 0;
    auto operator<=>(const BallRadii&) const = default;
};

/// A length on the learner's paper.
struct Millimetres {
    double value = 0;
    auto operator<=>(const Millimetres&) const = default;
};

/// A place in a picture: pixels, x right, y down, (0, 0) the top-left corner of the upright image.
using PicturePoint = Eigen::Vector2d;

/// A place on the head: ball radii in the head frame, +x the viewer's right when the head faces the
/// viewer (the sitter's left), +y the crown, +z out of the face, origin at the ball's centre.
using HeadPoint = Eigen::Vector3d;

/// What a person gave cannot be used. The message is one line that names what and why, fit to be
/// shown as it stands.
struct BadInput : std::runtime_error {
    using std::runtime_error::runtime_error;
};

} // namespace zokran
