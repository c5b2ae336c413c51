#pragma once

#include "core/fit/head_problem.h"
#include "core/head/head_regions.h"

namespace zokran {

/// A mark is an outlier when the fit without it is better by this much, in squared standard deviations: beyond the 0.1 % point
/// of chi-squared with two degrees of freedom (13.8).
inline constexpr double outlierGain = 14;
/// With no more marks than this none is looked for.
inline constexpr std::size_t fewestForOutliers = 5;

/// Finds the marks that disagree with all the others: one after the other, the mark whose absence
/// mends the fit most is set aside, as long as that is more than chance would give. Leaves in
/// `problem` and `state` the fit without them and returns them, the worst first.
std::vector<HeadProblem::Observation> rejectOutliers(HeadProblem& problem, HeadProblem::State& state);

/// Finds the region whose marks disagree together with all the others: on a caricature, a doll or a cast one feature may be
/// unlike any known head's, and would bend the pose. It is set aside where that mends the fit by more than chance would give,
/// and by more than any single mark's absence does. Leaves in `problem` and `state` the fit without it; null where there is none.
const HeadRegion* rejectRegion(HeadProblem& problem, HeadProblem::State& state);

} // namespace zokran
