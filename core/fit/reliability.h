#pragma once

#include "core/fit/head_problem.h"

namespace zokran {

/// How far a mark put in a wrong place could have carried the facing without being noticed: the covariance (rad²) of the
/// rotation vector acting on its left, to be added to the one that the marks' noise gives. `slope`: `facingSlope` at
/// `state`, `covariance`: the problem's there. It is zero where every such mark would be set aside as an outlier, and large
/// where few marks carry the reading. After the external reliability of a network (Baarda 1968, A testing procedure for use
/// in geodetic networks; from memory); how often and how far people misplace a mark is an assumption without a source.
Eigen::Matrix3d unnoticedMistakeCovariance(const HeadProblem& problem, const HeadProblem::State& state,
                                           const Eigen::MatrixXd& slope, const Eigen::MatrixXd& covariance);

/// How far the reading would move with one mark left out, or the other: the covariance (rad²) of the rotation vector acting on
/// the left of `facing`. A linear estimate does not see that few marks can be read as quite another pose. `readings`: the
/// facings that were found without one mark each. After the jackknife (Tukey 1958; from memory).
Eigen::Matrix3d jackknifeCovariance(const Eigen::Matrix3d& facing, const std::vector<Eigen::Matrix3d>& readings);

} // namespace zokran
