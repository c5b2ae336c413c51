#include "core/fit/pose_spread.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

PoseSpread poseSpread(const Eigen::Matrix3d& rotation, const Eigen::Matrix3d& covariance) {
    const double step = 1e-6;
    Eigen::Matrix3d slope;
    for (int k = 0; k < 3; ++k) {
        const Eigen::Vector3d w = step * Eigen::Vector3d::Unit(k);
        const Pose more = poseOf(rotationFromVector(w) * rotation);
        const Pose less = poseOf(rotationFromVector(-w) * rotation);
        slope.col(k) = Eigen::Vector3d(wrapped({more.turn.value - less.turn.value}).value,
                                       wrapped({more.tilt.value - less.tilt.value}).value,
                                       wrapped({more.lean.value - less.lean.value}).value) /
                       (2 * step);
    }
    const Eigen::Vector3d variance = (slope * covariance * slope.transpose()).diagonal();
    auto sigma = [&](int k) {
        const double s = std::sqrt(std::max(0.0, variance[k]));
        return Radians{std::isfinite(s) ? std::min(s, std::numbers::pi) : std::numbers::pi};
    };
    return {sigma(0), sigma(1), sigma(2)};
}

} // namespace zokran
