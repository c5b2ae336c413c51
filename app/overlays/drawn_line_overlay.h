#pragma once

#include "app/sheet/overlay.h"
#include "core/head/drawn_lines.h"

namespace zokran {

/// A line laid over a drawn one; while it is being laid, with the rings that are dragged.
class DrawnLineOverlay : public Overlay {
public:
    DrawnLineOverlay(DrawnLine line, std::vector<PicturePoint> at, std::optional<std::size_t> touched = {})
        : line(line), at(std::move(at)), touched(touched) {}
    void paint(const Canvas& canvas) const override;

    const DrawnLine line;
    const std::vector<PicturePoint> at;
    const std::optional<std::size_t> touched; ///< of the rings; none: it stands
};

} // namespace zokran
