#pragma once

#include "app/document/analysis.h"
#include "core/compare/on_page.h"
#include "core/page/page_layout.h"

namespace zokran {

/// The plan of the page: where the head on the bench is to stand on the learner's paper.
class LayoutController {
public:
    LayoutController(Document& document, Analysis& analysis) : document_(document), analysis_(analysis) {}

    /// As the learner placed it; before that as it usually stands on the paper used last.
    PageLayout pageLayout() const;
    /// Changes it, undoably; `merge` as in `Document::edit`. What would be no placing changes nothing.
    void set(const QString& words, const QString& merge,
             const std::function<void(PageLayout&)>& change);
    /// Where everything falls. An average head stands for the sitter's before there is a fit.
    PagePlan plan() const { return planFor(pageLayout()); }
    PagePlan planFor(const PageLayout& pageLayout) const;
    /// The form as the plan's view shows it, mm.
    std::vector<GuideLine> lines(const PagePlan& plan) const;
    /// How the sketch on the bench kept to its plan; nothing where there was none, or where its page is
    /// not known.
    std::optional<PlanKept> kept() const;

private:
    Document& document_;
    Analysis& analysis_;
    /// A head's planner, and what it was made for.
    mutable std::optional<PagePlanner> planner_;
    mutable std::optional<HeadMarks> head_;
    mutable std::vector<HeadPoint> hairEdge_;
    mutable View view_;
};

} // namespace zokran
