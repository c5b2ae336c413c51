#include "core/fit/head_problem.h"

namespace zokran {

HeadProblem HeadProblem::without(std::size_t observation) const {
    HeadProblem rest = *this;
    const auto at = static_cast<std::ptrdiff_t>(observation);
    rest.observations.erase(rest.observations.begin() + at);
    for (Direction& d : rest.directions)
        d.displacement.erase(d.displacement.begin() + at);
    return rest;
}

} // namespace zokran
