#include "core/compare/linear_selection.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <iterator>
#include <optional>

namespace zokran {

namespace {

struct LinearSolution {
    double misfit; ///< squared, with the penalty of everything admitted
    Eigen::VectorXd amounts, sigmas;
};

LinearSolution solutionWith(const Eigen::MatrixXd& base, const Eigen::VectorXd& residuals,
                            const std::vector<LinearCandidate>& candidates, const std::vector<std::size_t>& admitted) {
    const auto count = static_cast<long>(admitted.size());
    Eigen::MatrixXd all(base.rows(), base.cols() + count);
    all.leftCols(base.cols()) = base;
    double prices = 0;
    for (long k = 0; k < count; ++k) {
        const LinearCandidate& candidate = candidates[admitted[static_cast<std::size_t>(k)]];
        all.col(base.cols() + k) = candidate.effect;
        prices += candidate.penalty;
    }
    Eigen::MatrixXd normal = all.transpose() * all;
    // Two errors that look alike share what they explain, and neither earns its place.
    normal.diagonal().array() += 1e-9;
    const Eigen::LDLT<Eigen::MatrixXd> solver(normal);
    const Eigen::VectorXd x = solver.solve(all.transpose() * residuals);
    const Eigen::MatrixXd covariance = solver.solve(Eigen::MatrixXd::Identity(normal.rows(), normal.rows()));
    return {(residuals - all * x).squaredNorm() + prices, x.tail(count), covariance.diagonal().tail(count).cwiseSqrt()};
}

} // namespace

std::vector<LinearChoice> selectErrors(const Eigen::MatrixXd& base, const Eigen::VectorXd& residuals,
                                       const std::vector<LinearCandidate>& candidates, std::size_t most) {
    std::vector<std::size_t> admitted;
    const auto cost = [&](const std::vector<std::size_t>& chosen) {
        return solutionWith(base, residuals, candidates, chosen).misfit;
    };
    double total = cost(admitted);
    while (admitted.size() < most) {
        std::optional<std::size_t> best;
        double least = total;
        for (std::size_t k = 0; k < candidates.size(); ++k) {
            if (std::find(admitted.begin(), admitted.end(), k) != admitted.end())
                continue;
            std::vector<std::size_t> trial = admitted;
            trial.push_back(k);
            if (const double c = cost(trial); c < least - 1e-6) {
                least = c;
                best = k;
            }
        }
        if (!best)
            break;
        admitted.push_back(*best);
        total = least;
        for (std::size_t i = 0; i < admitted.size();) {
            std::vector<std::size_t> without;
            std::copy_if(admitted.begin(), admitted.end(), std::back_inserter(without),
                         [&](std::size_t k) { return k != admitted[i]; });
            if (const double c = cost(without); c < total) {
                admitted = without;
                total = c;
                i = 0;
            } else
                ++i;
        }
    }
    const LinearSolution solution = solutionWith(base, residuals, candidates, admitted);
    std::vector<LinearChoice> choices;
    for (std::size_t i = 0; i < admitted.size(); ++i)
        choices.push_back({admitted[i], solution.amounts[static_cast<long>(i)], solution.sigmas[static_cast<long>(i)]});
    return choices;
}

double steadinessOf(std::vector<double> whitened, double least, double most) {
    // 1.48 turns the median of a normal's absolute values into its deviation.
    constexpr double ofNormal = 1.48;
    for (double& value : whitened)
        value = std::abs(value);
    const auto middle = whitened.begin() + static_cast<long>(whitened.size() / 2);
    std::nth_element(whitened.begin(), middle, whitened.end());
    return std::clamp(ofNormal * *middle, least, most);
}

} // namespace zokran
