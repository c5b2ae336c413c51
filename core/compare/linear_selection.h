#pragma once

#include <Eigen/Core>
#include <vector>

namespace zokran {

/// An error that competes to explain residuals: what one unit of it does to them, whitened, and how much it must explain
/// before it is admitted, in squared standard deviations (chi-squared with one degree of freedom).
struct LinearCandidate {
    Eigen::VectorXd effect;
    double penalty;
};

/// One that was admitted: its place among the candidates, how much of it there is, and one standard deviation of that.
struct LinearChoice {
    std::size_t candidate;
    double amount, sigma;
};

/// The few candidates that explain `residuals` (whitened) best beside the nuisance columns of `base`, by forward selection
/// with backward elimination: the one with the largest gain is admitted while it explains more than its penalty, and dropped
/// again where it no longer does. Of candidates that explain equally much the first is taken; at most `most` are.
std::vector<LinearChoice> selectErrors(const Eigen::MatrixXd& base, const Eigen::VectorXd& residuals,
                                       const std::vector<LinearCandidate>& candidates, std::size_t most);

/// By how much the given deviations are to be multiplied, for residuals whose deviation nobody knows well: from the median
/// of the absolute whitened residuals, which a few errors do not move; between `least` and `most`.
double steadinessOf(std::vector<double> whitened, double least, double most);

} // namespace zokran
