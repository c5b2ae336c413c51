#include "core/compare/on_page.h"

#include <algorithm>

namespace zokran {

PagePlan onPage(const Comparison& c, const Fit& reference, const PaperSize& paper,
                MillimetresPerPixel perPixel) {
    const View& drawn = c.registeredView;
    const PicturePoint crown = drawn.project(reference.head[Mark::Crown]),
                       chin = drawn.project(reference.head[Mark::Chin]);
    Fit asDrawn = reference;
    asDrawn.view = drawn;
    const Millimetres height = Pixels{(crown - chin).norm()} * perPixel;
    // Put anywhere first; then moved so that the crown lies where it was drawn.
    const PaperPoint middle(paper.width / 2, paper.height / 2);
    const PagePlan first = planPage(paper, {0}, height, &asDrawn, middle);
    const PaperPoint by = PaperPoint(perPixel * crown) - first.crown;
    return planPage(paper, {0}, height, &asDrawn, PaperPoint(middle + by));
}

PlanKept keptTo(const PagePlan& plan, const PagePlan& drawn) {
    const Eigen::Vector2d by =
        (drawn.head.low + drawn.head.high - plan.head.low - plan.head.high) / 2;
    return {(drawn.chin - drawn.crown).norm() / (plan.chin - plan.crown).norm(), {by.x()}, {by.y()}};
}

} // namespace zokran
