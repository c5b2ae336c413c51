#pragma once

#include "core/fit/head_problem.h"

namespace zokran {

/// Finds the marks that disagree with all the others: one after the other, the mark whose absence
/// mends the fit most is set aside, as long as that is more than chance would give. Leaves in
/// `problem` and `state` the fit without them and returns them, the worst first.
std::vector<HeadProblem::Observation> setStraysAside(HeadProblem& problem,
                                                     HeadProblem::State& state);

} // namespace zokran
