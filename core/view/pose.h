#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

namespace zokran {

/// How the head is held, seen along the line of sight to it: turn + = nose towards the viewer's
/// right, tilt + = chin up, lean + = crown towards the viewer's right (clockwise as seen). Where
/// the head stands in the picture changes none of the three.
struct Pose {
    Radians turn, tilt, lean;
    bool operator==(const Pose&) const = default;
};

/// A pose from the three angles in degrees.
Pose poseFromDegrees(Degrees turn, Degrees tilt, Degrees lean);

/// `R_head_to_view = Rz(-lean) * Ry(turn) * Rx(-tilt)`; view axes x right, y up, z to the viewer.
Eigen::Matrix3d headToView(const Pose& pose);

/// The pose whose `headToView` is `rotation`, with turn in [-90°, 90°], tilt and lean in
/// (-180°, 180°]. At a turn of exactly ±90° tilt and lean act about one axis; the whole of it is
/// then given to the tilt.
Pose poseOf(const Eigen::Matrix3d& rotation);

/// The angle of the single turn that takes one rotation into the other, in [0, π].
Radians angleBetween(const Eigen::Matrix3d& a, const Eigen::Matrix3d& b);

/// The same direction in (-π, π].
Radians wrapped(Radians angle);

/// The rotation by `angle` about the axis towards the viewer, anticlockwise as seen.
Eigen::Matrix3d aboutSight(Radians angle);

/// Rodrigues' formula: the rotation by |w| radians about w.
Eigen::Matrix3d rotationFromVector(const Eigen::Vector3d& w);

/// The matrix of the cross product: skew(a) b = a × b.
Eigen::Matrix3d skew(const Eigen::Vector3d& a);

} // namespace zokran
