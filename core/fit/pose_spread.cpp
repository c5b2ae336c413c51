#include "core/fit/pose_spread.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

PoseSpread poseSpread(const Eigen::Matrix3d& facing, const Eigen::Matrix3d& covariance) {
    const double step = 1e-6;
    Eigen::Matrix3d slope;
    for (int k = 0; k < 3; ++k) {
        const Eigen::Vector3d w = step * Eigen::Vector3d::Unit(k);
        const Pose more = poseOf(rotationFromVector(w) * facing);
        const Pose less = poseOf(rotationFromVector(-w) * facing);
        int row = 0;
        for (const auto angle : {&Pose::turn, &Pose::tilt, &Pose::lean})
            slope(row++, k) = wrapped(more.*angle - less.*angle).value / (2 * step);
    }
    const Eigen::Vector3d variance = (slope * covariance * slope.transpose()).diagonal();
    auto sigma = [&](int k) {
        const double s = std::sqrt(std::max(0.0, variance[k]));
        return Radians{std::isfinite(s) ? std::min(s, std::numbers::pi) : std::numbers::pi};
    };
    return {sigma(0), sigma(1), sigma(2)};
}

} // namespace zokran
