#include "app/document/layout_controller.h"

#include "core/base/errors.h"
#include "core/construction/forms.h"
#include "core/head/population.h"

namespace zokran {

namespace {

constexpr double usualShare = 0.42; ///< of the paper's height that a head takes well

/// An average head's form, before there is a fit.
const Construction& averageForm() {
    static const auto form = construct(*forms().front(), std::nullopt, adultHeads().mean);
    return *form;
}

} // namespace

PageLayout LayoutController::pageLayout() const {
    if (const auto& pageLayout = document_.study().pageLayout)
        return *pageLayout;
    PageLayout usual;
    if (const Sketch* attempt = document_.study().sketch(); attempt && attempt->page.flat)
        usual.paper = attempt->page.flat->paper;
    else if (const std::string name = document_.logbook().remembered("paper"); !name.empty())
        try {
            usual.paper = paperNamed(name);
        } catch (const BadInput&) {
            // Written by a program that knew more sheets.
        }
    usual.head = usualShare * usual.paper.height;
    return usual;
}

void LayoutController::set(const QString& words, const QString& merge,
                   const std::function<void(PageLayout&)>& change) {
    PageLayout wanted = pageLayout();
    change(wanted);
    if (isPossible(wanted))
        document_.edit(words, merge, [&](Study& s) { s.pageLayout = wanted; });
}

PagePlan LayoutController::planFor(const PageLayout& p) const {
    const auto& fit = analysis_.fit();
    const auto isCurrent = [&] {
        if (!planner_ || head_.has_value() != fit.has_value())
            return false;
        return !fit || (*head_ == fit->head && hairEdge_ == analysis_.hairEdge() && view_.rotation == fit->view.rotation &&
                        view_.scale == fit->view.scale && view_.nearness == fit->view.nearness);
    };
    if (!isCurrent()) {
        head_.reset();
        try {
            planner_.emplace(fit ? &*fit : nullptr, fit ? analysis_.hairEdge() : std::vector<HeadPoint>());
        } catch (const BadInput&) {
            planner_.emplace(); // seen from straight above: an average head says as much
        }
        if (fit) {
            head_ = fit->head;
            hairEdge_ = analysis_.hairEdge();
            view_ = fit->view;
        }
    }
    return planner_->plan(p.paper, p.border, p.head, p.at);
}

std::vector<GuideLine> LayoutController::lines(const PagePlan& plan) const {
    return analysis_.fit() ? analysis_.linesSeenBy(plan.view, Detail::Guides)
                           : averageForm().lines(plan.view, Detail::Guides);
}

std::optional<PlanKept> LayoutController::kept() const {
    const Study& study = document_.study();
    const Sketch* attempt = study.sketch();
    if (!study.pageLayout || !attempt || !attempt->page.flat || !analysis_.comparison())
        return std::nullopt;
    try {
        return keptTo(plan(), onPage(*analysis_.comparison(), *analysis_.fit(),
                                     attempt->page.flat->paper,
                                     *attempt->page.perPixel({1.0 * attempt->marks.width})));
    } catch (const BadInput&) {
        return std::nullopt; // so small or foreshortened that it says nothing of the page
    }
}

} // namespace zokran
