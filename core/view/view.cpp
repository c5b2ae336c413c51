#include "core/view/view.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace zokran {

Eigen::Matrix3d View::sight() const {
    const PicturePoint off = (centre - principal) * (nearness / scale);
    const Eigen::Vector3d towards(-off.x(), off.y(), 1);
    return Eigen::Quaterniond::FromTwoVectors(towards, Eigen::Vector3d::UnitZ()).toRotationMatrix();
}

PicturePoint View::project(const HeadPoint& p) const {
    const Eigen::Vector3d m = rotation * p;
    const double depth = std::max(1 - nearness * m.z(), 1e-3);
    return principal + (centre - principal + scale * PicturePoint(m.x(), -m.y())) / depth;
}

HeadPoint View::towardsCamera() const {
    const PicturePoint off = (centre - principal) * (nearness / scale);
    return rotation.transpose() * Eigen::Vector3d(-off.x(), off.y(), 1);
}

Pixels View::focal() const {
    return {nearness > 0 ? scale / nearness : std::numeric_limits<double>::infinity()};
}

Pixels View::outlineRadius() const {
    return {scale / std::sqrt(1 - nearness * nearness)};
}

HeadPoint View::liftInPlaneOf(const HeadPoint& through, const PicturePoint& at) const {
    const Eigen::Vector3d m = rotation * through;
    const PicturePoint flat =
        ((at - principal) * (1 - nearness * m.z()) - (centre - principal)) / scale;
    return rotation.transpose() * Eigen::Vector3d(flat.x(), -flat.y(), m.z());
}

} // namespace zokran
