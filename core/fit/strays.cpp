#include "core/fit/strays.h"

#include <algorithm>

namespace zokran {

namespace {

/// A mark is looked at as a possible stray from this many standard deviations on ...
constexpr double suspicious = 1.7;
/// ... and is one when the fit without it is better by this much, in squared standard deviations:
/// beyond the 0.1 % point of chi-squared with two degrees of freedom (13.8). That a second mark is
/// wrong as well asks for more, since a sitter unlike all others looks like several small strays.
constexpr double strayGain = 14, furtherStrayGain = 24;
constexpr int mostStrays = 4;

} // namespace

std::vector<HeadProblem::Observation> setStraysAside(HeadProblem& problem,
                                                     HeadProblem::State& state) {
    std::vector<HeadProblem::Observation> strays;
    while (static_cast<int>(strays.size()) < mostStrays && problem.observations.size() > 5) {
        const std::vector<PicturePoint> deviations = problem.deviations(state);
        std::vector<std::pair<double, std::size_t>> suspects;
        for (std::size_t i = 0; i < deviations.size(); ++i) {
            const double size = deviations[i].norm() / problem.observations[i].deviation.value;
            if (size > suspicious)
                suspects.emplace_back(size, i);
        }
        if (suspects.empty())
            break;
        std::sort(suspects.rbegin(), suspects.rend());
        suspects.resize(std::min<std::size_t>(suspects.size(), 5));
        // Judged by plain least squares, in which a stray cannot hide behind a tolerant loss.
        HeadProblem whole = problem;
        whole.robustness = std::numeric_limits<double>::infinity();
        HeadProblem::State wholeState = state;
        const double with = 2 * whole.solve(wholeState, 10);
        double best = strays.empty() ? strayGain : furtherStrayGain;
        std::optional<std::size_t> worst;
        HeadProblem::State settled;
        for (const auto& [size, i] : suspects) {
            HeadProblem without = whole;
            without.drop(i);
            HeadProblem::State trial = state;
            const double gain = with - 2 * without.solve(trial, 10);
            if (gain > best) {
                best = gain;
                worst = i;
                settled = trial;
            }
        }
        if (!worst)
            break;
        strays.push_back(problem.observations[*worst]);
        problem.drop(*worst);
        state = settled;
        problem.solve(state, 10);
    }
    return strays;
}

} // namespace zokran
