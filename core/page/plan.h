#pragma once

#include "core/fit/fit.h"
#include "core/page/paper.h"

#include <optional>
#include <vector>

namespace zokran {

/// A box on the paper, mm from the sheet's top-left corner.
struct PaperBox {
    PaperPoint low, high;
};

/// What may go wrong with a page before a feature is drawn.
enum class PlanTrouble { HairCut, ChinCut, EarCut, ShoulderCut, TooLarge, TooSmall, TooLow, LooksOut };

/// Where a head falls on a sheet.
struct PagePlan {
    PaperPoint crown, chin, browLeft, browRight; ///< the ends of the brow line as seen
    PaperPoint centreTop, centreFoot;            ///< the centre line's ends
    PaperBox head;      ///< hair's shell, face and ears
    PaperBox hair, ears;
    PaperBox neck;      ///< with the beginning of the shoulders
    std::vector<PlanTrouble> troubles;
    View view; ///< of the head on the sheet, in mm where a view is else in px
};

/// Places one head on paper after another: what does not depend on the paper is worked out once, so that
/// it follows a hand that drags it.
class PagePlanner {
public:
    /// Without a fit: an average head from the front. Throws BadInput for a head seen from straight above
    /// or below, whose height says nothing. `hairEdge`: as in `Subject`.
    explicit PagePlanner(const Fit* fit = nullptr, const std::vector<HeadPoint>& hairEdge = {});

    /// Places the head so that crown to chin, as seen, is `headHeight` on the paper. Where `at` does not
    /// say where the middle of the head's box goes, it is put well (common practice, no source): a
    /// twelfth of the room left over is moved behind the head, so that it looks into the page, and two
    /// fifths of what is left over in height stay above it. Throws BadInput where sizes are no sizes.
    PagePlan plan(const PaperSize& paper, Millimetres border, Millimetres headHeight,
                  const std::optional<PaperPoint>& at = {}) const;

private:
    PagePlan small_; ///< of a head one millimetre high, anywhere
};

/// Places one head; the same as `PagePlanner(fit).plan(...)`.
PagePlan planPage(const PaperSize& paper, Millimetres border, Millimetres headHeight,
                  const Fit* fit = nullptr, const std::optional<PaperPoint>& at = {});

} // namespace zokran
