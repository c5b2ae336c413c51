#pragma once

#include "core/view/view.h"

namespace zokran {

/// A circle in space: `centre + u cos t + v sin t`, with u and v at right angles and as long as the
/// radius (ball radii, head frame).
struct Circle {
    HeadPoint centre;
    Eigen::Vector3d u, v;

    HeadPoint at(Radians t) const;
};

/// An ellipse in a picture: semi-axes in px with `a >= b`, and the direction of the long one
/// measured from +x towards +y (down).
struct Ellipse {
    PicturePoint centre{0, 0};
    Pixels a, b;
    Radians angle;
};

/// The image of a circle under the pinhole camera, computed analytically: the circle's plane maps
/// to the picture by a homography H, and the circle's conic C becomes H^-T C H^-1 (Hartley &
/// Zisserman, Multiple View Geometry, result 2.13; from memory). Seen edge-on, b is 0. Throws
/// BadInput when the circle passes the camera's plane, where its image is no ellipse.
Ellipse imageOf(const Circle& circle, const View& view);

/// Where the camera's rays graze the ball: the circle of the ball that is its outline.
Circle outlineOfBall(const View& view);

} // namespace zokran
