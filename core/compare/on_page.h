#pragma once

#include "core/compare/compare.h"
#include "core/page/plan.h"

namespace zokran {

/// Where the head as it was drawn falls on its sheet: the plan that the drawing itself made, with what
/// runs off the paper. `perPixel` of the sketch's flat page.
PagePlan onPage(const Comparison& comparison, const Fit& reference, const PaperSize& paper,
                MillimetresPerPixel perPixel);

/// How a drawing kept to the plan of its page.
struct PlanKept {
    double grown = 1;               ///< times as large as planned
    Millimetres right{0}, down{0};  ///< its middle lies so far from where it was planned
};
PlanKept keptTo(const PagePlan& plan, const PagePlan& drawn);

} // namespace zokran
