#pragma once

#include "app/sheet/overlay.h"
#include "core/head/drawn_lines.h"

namespace zokran {

/// A line laid over a drawn one; while it is being laid, with the rings that are dragged.
class DrawnLineOverlay : public Overlay {
public:
    DrawnLineOverlay(DrawnLine which, std::vector<PicturePoint> through, std::optional<std::size_t> ring = {})
        : line(which), at(std::move(through)), touched(ring) {}
    void paint(const Canvas& canvas) const override;

    const DrawnLine line;
    const std::vector<PicturePoint> at;
    const std::optional<std::size_t> touched; ///< of the rings; none: it stands
};

} // namespace zokran
