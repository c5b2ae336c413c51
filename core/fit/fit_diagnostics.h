#pragma once

#include "core/fit/fit.h"
#include "core/fit/head_problem.h"

namespace zokran {

/// `fit.spread`, for a solution of `problem` with this covariance of its unknowns.
PerMark<std::optional<Pixels>> expectedSpread(const MarkSheet& sheet, const Fit& fit,
                                              const HeadProblem& problem,
                                              const Eigen::MatrixXd& covariance);

/// `fit.asymmetries`, from the places of the seen marks and of the head's.
std::vector<Asymmetry> asymmetriesOf(const MarkSheet& sheet, const Fit& fit);

} // namespace zokran
