#pragma once

#include "app/sheet/overlay.h"
#include "core/page/placing.h"
#include "core/page/plan.h"

namespace zokran {

/// The sheet of paper with its border, and the distances by which the head is laid off with a ruler. The
/// scene's px are millimetres.
class PlanOverlay : public Overlay {
public:
    PlanOverlay(const Placing& p, const PagePlan& where) : placing(p), plan(where) {}
    void paint(const Canvas& canvas) const override;

    const Placing placing;
    const PagePlan plan;
};

} // namespace zokran
