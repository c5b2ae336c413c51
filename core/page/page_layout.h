#pragma once

#include "core/base/points.h"
#include "core/page/paper.h"

#include <optional>

namespace zokran {

/// Where the learner wants the head on the paper.
struct PageLayout {
    PaperSize paper{{210}, {297}};
    Millimetres border{15}; ///< left free all round
    Millimetres head{130};  ///< crown to chin as drawn
    std::optional<PaperPoint> at = {}; ///< the middle of the head's box; nothing: put well
    bool operator==(const PageLayout&) const = default;
};

/// Whether these are sizes a sheet, a border and a head can have.
inline bool isPossible(const PageLayout& p) {
    const Millimetres narrow = std::min(p.paper.width, p.paper.height);
    return narrow >= Millimetres{20} && std::max(p.paper.width, p.paper.height) <= Millimetres{3000} &&
           p.border >= Millimetres{0} && 2 * p.border < narrow && p.head >= Millimetres{5} &&
           p.head <= Millimetres{3000};
}

} // namespace zokran
