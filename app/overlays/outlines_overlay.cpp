#include "app/overlays/outlines_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void OutlinesOverlay::paint(const Canvas& canvas) const {
    QPainterPath path;
    for (const auto& line : *lines_)
        for (std::size_t i = 0; i < line.size(); ++i)
            i == 0 ? path.moveTo(canvas.transform.toView(line[i])) : path.lineTo(canvas.transform.toView(line[i]));
    strokeWithHalo(canvas, path, QPen(canvas.style.ink, 1.4), 1.6);
}

} // namespace zokran
