#include "core/fit/outliers.h"

#include "core/fit/head_estimation.h"

#include <algorithm>

namespace zokran {

namespace {

/// A mark is looked at as a possible outlier from this many standard deviations on ...
constexpr double suspicious = 1.7;
/// ... and is one by `outlierGain`. That a second mark is wrong as well asks for more, since a sitter
/// unlike all others looks like several small outliers.
constexpr double furtherOutlierGain = 24;
constexpr int mostOutliers = 4;
/// A suspect is fitted without only where the linear estimate of the gain reaches this share of what
/// is asked; the estimate is seldom off by half.
constexpr double worthTrying = 0.4;
/// How well the cost is to be known, which is half a squared deviation, for a gain to be judged.
constexpr double closely = 0.05;

/// What leaving each observation out would gain, to first order: r' (I - H)^-1 r with its residual r
/// and its leverage H (Cook and Weisberg 1982, from memory).
std::vector<double> gainsWithout(const HeadProblem& problem, const HeadProblem::State& state) {
    const auto [f, j, cameraCount] = linearise(problem, state);
    const Eigen::MatrixXd covariance = parameterCovariance(problem, state);
    std::vector<double> gains;
    for (Eigen::Index i = 0; i < static_cast<Eigen::Index>(problem.observations.size()); ++i) {
        const auto rows = j.middleRows(2 * i, 2);
        const Eigen::Vector2d r = f.segment<2>(2 * i);
        const Eigen::Matrix2d rest =
            Eigen::Matrix2d::Identity() * (1 + 1e-6) - rows * covariance * rows.transpose();
        gains.push_back(std::max(r.squaredNorm(), r.dot(rest.inverse() * r)));
    }
    return gains;
}

} // namespace

std::vector<HeadProblem::Observation> rejectOutliers(HeadProblem& problem,
                                                     HeadProblem::State& state) {
    std::vector<HeadProblem::Observation> outliers;
    while (static_cast<int>(outliers.size()) < mostOutliers && problem.observations.size() > fewestForOutliers) {
        const std::vector<PicturePoint> off = deviations(problem, state);
        std::vector<std::pair<double, std::size_t>> suspects;
        for (std::size_t i = 0; i < off.size(); ++i) {
            const double size = Pixels{off[i].norm()} / problem.observations[i].deviation;
            if (size > suspicious)
                suspects.emplace_back(size, i);
        }
        if (suspects.empty())
            break;
        std::sort(suspects.rbegin(), suspects.rend());
        suspects.resize(std::min<std::size_t>(suspects.size(), 5));
        // Judged by plain least squares, in which an outlier cannot hide behind a tolerant loss.
        HeadProblem whole = problem;
        whole.robustness = std::numeric_limits<double>::infinity();
        HeadProblem::State wholeState = state;
        const double with = 2 * estimate(whole, wholeState, {10, closely}).cost;
        double best = outliers.empty() ? outlierGain : furtherOutlierGain;
        std::optional<std::size_t> worst;
        HeadProblem::State settled;
        const auto gains = gainsWithout(whole, wholeState);
        for (const auto& [size, i] : suspects) {
            if (gains[i] < worthTrying * best)
                continue;
            HeadProblem::State trial = state;
            const double gain = with - 2 * estimate(whole.without(i), trial, {10, closely}).cost;
            if (gain > best) {
                best = gain;
                worst = i;
                settled = trial;
            }
        }
        if (!worst)
            break;
        outliers.push_back(problem.observations[*worst]);
        problem = problem.without(*worst);
        state = settled;
        estimate(problem, state, {10});
    }
    return outliers;
}

} // namespace zokran
