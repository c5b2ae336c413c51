#include "core/fit/reliability.h"

#include "core/fit/head_estimation.h"
#include "core/fit/outliers.h"

#include <Eigen/Geometry>

namespace zokran {

namespace {

/// One mark in so many is put in a wrong place, this far off, ball radii.
constexpr double howOften = 1 / 30.0, howFar = 0.5;

} // namespace

Eigen::Matrix3d unnoticedMistakeCovariance(const HeadProblem& problem, const HeadProblem::State& state,
                                           const Eigen::MatrixXd& slope, const Eigen::MatrixXd& covariance) {
    const Eigen::MatrixXd j = linearise(problem, state).jacobian;
    const bool areLookedFor = problem.observations.size() > fewestForOutliers;
    Eigen::Matrix3d sum = Eigen::Matrix3d::Zero();
    for (std::size_t i = 0; i < problem.observations.size(); ++i) {
        const auto rows = j.middleRows(2 * static_cast<Eigen::Index>(i), 2);
        const Eigen::Matrix2d redundancy = Eigen::Matrix2d::Identity() - rows * covariance * rows.transpose();
        // In standard deviations of the mark.
        const double mistake = state.view.inPicture({howFar}) / problem.observations[i].deviation;
        for (int axis = 0; axis < 2; ++axis) {
            const double gain = mistake * mistake * redundancy(axis, axis);
            if (areLookedFor && gain > outlierGain)
                continue;
            const Eigen::Vector3d carried = slope * covariance * rows.row(axis).transpose() * mistake;
            sum += howOften / 2 * carried * carried.transpose();
        }
    }
    return sum;
}

Eigen::Matrix3d jackknifeCovariance(const Eigen::Matrix3d& facing, const std::vector<Eigen::Matrix3d>& readings) {
    // The marks' noise alone moves these readings too, and is counted already; a third of the square is kept.
    constexpr double share = 1 / 3.0;
    Eigen::Matrix3d sum = Eigen::Matrix3d::Zero();
    for (const Eigen::Matrix3d& reading : readings) {
        const Eigen::AngleAxisd turn(Eigen::Matrix3d(reading * facing.transpose()));
        const Eigen::Vector3d moved = turn.angle() * turn.axis();
        sum += share * moved * moved.transpose();
    }
    return sum;
}

} // namespace zokran
