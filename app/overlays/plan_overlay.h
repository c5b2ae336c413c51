#pragma once

#include "app/sheet/overlay.h"
#include "core/page/page_layout.h"
#include "core/page/plan.h"

namespace zokran {

/// The sheet of paper with its border, and the distances by which the head is laid off with a ruler. The
/// scene's px are millimetres.
class PlanOverlay : public Overlay {
public:
    PlanOverlay(const PageLayout& p, const PagePlan& where) : pageLayout(p), plan(where) {}
    void paint(const Canvas& canvas) const override;

    const PageLayout pageLayout;
    const PagePlan plan;
};

} // namespace zokran
