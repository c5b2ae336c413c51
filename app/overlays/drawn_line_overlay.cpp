#include "app/overlays/drawn_line_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void DrawnLineOverlay::paint(const Canvas& canvas) const {
    QPainterPath path;
    const auto stroke = [&](const std::vector<PicturePoint>& line) {
        for (std::size_t i = 0; i < line.size(); ++i)
            i == 0 ? path.moveTo(canvas.transform.toView(line[i])) : path.lineTo(canvas.transform.toView(line[i]));
    };
    if (line == DrawnLine::Neck && at.size() == 2) {
        // Two sides; how far apart they stand is what counts.
        const Eigen::Vector2d across = at[1] - at[0];
        const Eigen::Vector2d down = 0.25 * Eigen::Vector2d(-across.y(), across.x());
        for (const PicturePoint& side : at)
            stroke({side - down, side + down});
        stroke(at);
    } else {
        stroke(curveThrough(at));
    }
    QPen pen(canvas.style.ink, touched ? 2 : 1.4);
    if (!touched)
        pen.setDashPattern({5, 3});
    strokeWithHalo(canvas, path, pen, 2);
    for (std::size_t i = 0; touched && i < at.size(); ++i) {
        const double radius = i == *touched ? 11 : 7;
        QPainterPath ring;
        ring.addEllipse(canvas.transform.toView(at[i]), radius, radius);
        strokeWithHalo(canvas, ring, QPen(canvas.style.mark, i == *touched ? 2.4 : 1.8), 2.4);
    }
}

} // namespace zokran
