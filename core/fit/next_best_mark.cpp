#include "core/fit/next_best_mark.h"

#include "core/fit/head_estimation.h"
#include "core/fit/shape_problem.h"

#include <algorithm>

namespace zokran {

namespace {

/// A mark counts as turned to the camera when the line to it from the middle of the head points
/// this much towards the camera.
constexpr double turnedEnough = 0.15;
/// The crown stands on the outline and is marked there also when it turns a little away.
constexpr double crownTurnedEnough = -0.25;

} // namespace

std::optional<NextBestMark> nextBestMark(const MarkSheet& sheet, const Fit& fit,
                                       const ShapeInformation* sitter) {
    std::vector<Mark> candidates;
    MarkSheet imagined = sheet;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const Eigen::Vector3d outward =
            fit.view.facing() * (fit.head[m] - HeadPoint(0, -0.3, 0)).normalized();
        if (sheet.marks[m] || outward.z() < (m == Mark::Crown ? crownTurnedEnough : turnedEnough))
            continue;
        candidates.push_back(m);
        imagined.marks[m] = PlacedMark{fit.view.project(fit.head[m]), false};
    }
    if (candidates.empty())
        return std::nullopt;
    imagined.noise = sheet.noiseOrDefault(); // of what is really marked

    const HeadProblem known = shapeProblem(sheet, {fit.view.scale}, sitter);
    const HeadProblem all = shapeProblem(imagined, {fit.view.scale}, sitter);
    const HeadProblem::State state{fit.view, fit.shape};
    const Eigen::MatrixXd c = parameterCovariance(known, state);
    const Eigen::MatrixXd j = linearise(all, state).jacobian;
    const Eigen::MatrixXd slope = facingJacobian(known, state);
    const double now = (slope * c * slope.transpose()).trace();
    std::optional<NextBestMark> best;
    for (std::size_t i = 0; i < all.observations.size(); ++i) {
        const Mark m = all.observations[i].mark;
        if (std::find(candidates.begin(), candidates.end(), m) == candidates.end())
            continue;
        // One more pair of unit-variance rows: the Kalman update of the covariance.
        const Eigen::MatrixXd rows = j.middleRows(2 * static_cast<Eigen::Index>(i), 2);
        const Eigen::MatrixXd seen = rows * c;
        const Eigen::Matrix2d innovation = seen * rows.transpose() + Eigen::Matrix2d::Identity();
        const Eigen::MatrixXd facing = seen * slope.transpose();
        const Eigen::MatrixXd gone = facing.transpose() * innovation.inverse() * facing;
        const double left = std::sqrt(std::max(0.0, 1 - gone.trace() / now));
        if (!best || left < best->doubtLeft)
            best = NextBestMark{m, left};
    }
    return best;
}

} // namespace zokran
