#include "core/fit/head_problem.h"

#include <algorithm>

namespace zokran {

HeadProblem HeadProblem::without(const std::vector<Mark>& marks) const {
    HeadProblem rest = *this;
    for (std::ptrdiff_t i = std::ssize(observations); i-- > 0;) {
        if (std::find(marks.begin(), marks.end(), observations[static_cast<std::size_t>(i)].mark) == marks.end())
            continue;
        rest.observations.erase(rest.observations.begin() + i);
        for (Direction& d : rest.directions)
            d.displacement.erase(d.displacement.begin() + i);
    }
    return rest;
}

} // namespace zokran
