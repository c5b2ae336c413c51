#pragma once

#include "core/base/points.h"

#include <Eigen/Dense>
#include <vector>

namespace zokran {

/// A smooth bend of space that takes some points to where they are told (ball radii, head frame):
/// interpolation by multiquadrics with an affine part (Hardy 1971), gentle between the points and as
/// good as rigid away from them.
class RbfWarp {
public:
    /// Takes from[i] to to[i]; the points of `from` must differ and not lie in one plane.
    RbfWarp(const std::vector<HeadPoint>& from, const std::vector<HeadPoint>& to);

    HeadPoint operator()(const HeadPoint& p) const;

private:
    std::vector<HeadPoint> centres_;
    std::vector<Eigen::Vector3d> weights_; ///< of each centre
    Eigen::Matrix3d stretch_;              ///< the affine part
    Eigen::Vector3d shift_;
};

} // namespace zokran
