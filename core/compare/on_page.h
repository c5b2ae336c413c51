#pragma once

#include "core/compare/compare.h"
#include "core/page/plan.h"

namespace zokran {

/// Where the head as it was drawn falls on its sheet: the plan that the drawing itself made, with what
/// runs off the paper. `perPixel` of the sketch's flat page.
PagePlan onPage(const Comparison& comparison, const Fit& reference, const PaperSize& paper,
                MillimetresPerPixel perPixel);

} // namespace zokran
