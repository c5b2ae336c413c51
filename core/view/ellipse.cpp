#include "core/view/ellipse.h"

#include "core/base/errors.h"

#include <Eigen/Dense>
#include <cmath>

namespace zokran {

using Eigen::Matrix2d;
using Eigen::Matrix3d;
using Eigen::Vector2d;
using Eigen::Vector3d;

HeadPoint Circle::at(Radians t) const {
    return centre + u * cos(t) + v * sin(t);
}

Ellipse imageOf(const Circle& circle, const View& view) {
    const Vector3d c = view.rotation * circle.centre;
    const Vector3d u = view.rotation * circle.u;
    const Vector3d v = view.rotation * circle.v;
    const double k = view.nearness;
    // Each point of the circle is c + u X + v Y with X² + Y² = 1; homogeneous picture coordinates
    // relative to the principal point are linear in (X, Y, 1).
    const PicturePoint off = view.centre - view.principal;
    Matrix3d h;
    h << view.scale * u.x(), view.scale * v.x(), off.x() + view.scale * c.x(),  //
        -view.scale * u.y(), -view.scale * v.y(), off.y() - view.scale * c.y(), //
        -k * u.z(), -k * v.z(), 1 - k * c.z();
    if (1 - k * c.z() <= k * std::hypot(u.z(), v.z()))
        throw BadInput("a circle passes behind the camera and has no ellipse for its picture");
    // The dual conic H diag(1, 1, -1) Hᵀ stays finite when the circle is seen edge-on.
    const Matrix3d dual = h * Vector3d(1, 1, -1).asDiagonal() * h.transpose();
    const Vector2d centre = dual.block<2, 1>(0, 2) / dual(2, 2);
    const Matrix2d spread = centre * centre.transpose() - dual.block<2, 2>(0, 0) / dual(2, 2);
    const Eigen::SelfAdjointEigenSolver<Matrix2d> axes(spread);
    Ellipse e;
    e.centre = view.principal + centre;
    e.b = {std::sqrt(std::max(0.0, axes.eigenvalues()[0]))};
    e.a = {std::sqrt(std::max(0.0, axes.eigenvalues()[1]))};
    const Vector2d longAxis = axes.eigenvectors().col(1);
    e.angle = {std::atan2(longAxis.y(), longAxis.x())};
    return e;
}

Circle outlineOfBall(const View& view) {
    const Vector3d d = view.towardsCamera();
    const Vector3d axis = d.normalized();
    const Vector3d u = axis.unitOrthogonal();
    // A ray grazes the ball where n · (d - nearness n) = 0, that is n · d = nearness.
    const double along = view.nearness / d.norm();
    const double radius = std::sqrt(1 - along * along);
    return {axis * along, u * radius, axis.cross(u) * radius};
}

} // namespace zokran
