#pragma once

#include "core/fit/fit.h"

namespace zokran {

/// The spread of turn, tilt and lean at a facing for a covariance (rad²) of the rotation vector
/// acting on its left. Near a turn of ±90° tilt and lean cannot be told apart and their spread
/// grows without bound; it is cut off at 180°.
PoseSpread poseSpread(const Eigen::Matrix3d& facing, const Eigen::Matrix3d& covariance);

} // namespace zokran
