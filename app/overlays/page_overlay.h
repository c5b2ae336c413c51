#pragma once

#include "app/sheet/overlay.h"
#include "core/page/page.h"

namespace zokran {

/// The sheet of paper in its photograph: its outline, its halves as the camera sees them, and a ring
/// on each corner, the touched one larger.
class PageOverlay : public Overlay {
public:
    PageOverlay(const PageCorners& c, std::size_t t) : corners(c), touched(t) {}
    void paint(const Canvas& canvas) const override;

    const PageCorners corners;
    const std::size_t touched;
};

} // namespace zokran
