#include "app/overlays/drawn_line_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void DrawnLineOverlay::paint(const Canvas& canvas) const {
    QPainterPath path;
    const auto stroke = [&](const std::vector<PicturePoint>& curve) {
        for (std::size_t i = 0; i < curve.size(); ++i)
            i == 0 ? path.moveTo(canvas.transform.toView(curve[i])) : path.lineTo(canvas.transform.toView(curve[i]));
    };
    for (const auto& each : strokesThrough(line, at))
        stroke(each);
    // How far the neck's sides stand apart is what counts.
    if (line == DrawnLine::Neck && pointsOf(line).allows(at.size()))
        stroke({neckSides(at)[0].middle(), neckSides(at)[1].middle()});
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
