#include "core/view/pose.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

using Eigen::Matrix3d;
using Eigen::Vector3d;

Pose poseFromDegrees(Degrees turn, Degrees tilt, Degrees lean) {
    return {toRadians(turn), toRadians(tilt), toRadians(lean)};
}

/// The rotation about an axis of unit length, counter-clockwise as seen from its tip.
static Eigen::AngleAxisd rotationAbout(const Vector3d& axis, Radians by) {
    return Eigen::AngleAxisd(by.value, axis);
}

Matrix3d headToView(const Pose& pose) {
    return (rotationAbout(Vector3d::UnitZ(), -pose.lean) * rotationAbout(Vector3d::UnitY(), pose.turn) *
            rotationAbout(Vector3d::UnitX(), -pose.tilt))
        .toRotationMatrix();
}

Pose poseOf(const Matrix3d& r) {
    // Written out, the bottom row is (-sin turn, -cos turn sin tilt, cos turn cos tilt) and the
    // first column (cos lean cos turn, -sin lean cos turn, -sin turn).
    const double turn = std::asin(std::clamp(-r(2, 0), -1.0, 1.0));
    if (std::hypot(r(0, 0), r(1, 0)) < 1e-9) {
        const double tilt = std::atan2(r(1, 2), r(1, 1));
        return {{turn}, {tilt}, {0}};
    }
    return {{turn}, {std::atan2(-r(2, 1), r(2, 2))}, {std::atan2(-r(1, 0), r(0, 0))}};
}

Radians angleBetween(const Matrix3d& a, const Matrix3d& b) {
    const Matrix3d d = a.transpose() * b;
    const Vector3d axis(d(2, 1) - d(1, 2), d(0, 2) - d(2, 0), d(1, 0) - d(0, 1));
    return {std::atan2(axis.norm(), d.trace() - 1)};
}

Radians wrapped(Radians angle) {
    const double turnRound = 2 * std::numbers::pi;
    const double r = std::remainder(angle.value, turnRound);
    return {r <= -std::numbers::pi ? r + turnRound : r};
}

Matrix3d skew(const Vector3d& a) {
    Matrix3d m;
    m << 0, -a.z(), a.y(), a.z(), 0, -a.x(), -a.y(), a.x(), 0;
    return m;
}

Matrix3d aboutSight(Radians angle) {
    return rotationAbout(Vector3d::UnitZ(), angle).toRotationMatrix();
}

Matrix3d rotationFromVector(const Vector3d& w) {
    const double angle = w.norm();
    if (angle < 1e-12)
        return Matrix3d::Identity() + skew(w);
    return Eigen::AngleAxisd(angle, w / angle).toRotationMatrix();
}

} // namespace zokran
