#include "app/overlays/page_overlay.h"

#include "app/sheet/strokes.h"
#include "core/base/errors.h"
#include "core/page/rectify.h"

#include <Eigen/LU>

namespace zokran {

void PageOverlay::paint(const Canvas& canvas) const {
    auto at = [&](const PicturePoint& p) { return canvas.transform.toView(p); };
    QPainterPath outline;
    outline.moveTo(at(corners[3]));
    for (const SketchPoint& c : corners)
        outline.lineTo(at(c));
    strokeWithHalo(canvas, outline, QPen(canvas.style.ink, 2), 2);
    try {
        const Eigen::Matrix3d back = toPaper(corners, {{1}, {1}}).inverse();
        auto onSheet = [&](double x, double y) {
            return at((back * Eigen::Vector3d(x, y, 1)).hnormalized());
        };
        QPainterPath halves;
        for (const double share : {0.25, 0.5, 0.75}) {
            halves.moveTo(onSheet(share, 0));
            halves.lineTo(onSheet(share, 1));
            halves.moveTo(onSheet(0, share));
            halves.lineTo(onSheet(1, share));
        }
        QPen pen(canvas.style.ink, 0.8);
        pen.setDashPattern({2, 4});
        strokeWithHalo(canvas, halves, pen, 0.8);
    } catch (const BadInput&) {
        // Corners under the hand that make no sheet: the outline alone shows it.
    }
    for (std::size_t i = 0; i < 4; ++i) {
        const double radius = i == touched ? 11 : 7;
        QPainterPath ring;
        ring.addEllipse(at(corners[i]), radius, radius);
        strokeWithHalo(canvas, ring, QPen(canvas.style.mark, i == touched ? 2.4 : 1.8), 2.4);
    }
}

} // namespace zokran
