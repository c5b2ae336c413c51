#include "app/overlays/frame_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void FrameOverlay::paint(const Canvas& canvas) const {
    const QRectF inside(canvas.transform.toView(framing.low), canvas.transform.toView(framing.high));
    QPainterPath outside;
    outside.addRect(canvas.area);
    outside.addRect(inside);
    canvas.painter.fillPath(outside, QColor(20, 18, 16, 130));
    QPainterPath edge;
    edge.addRect(inside);
    for (const QPointF& corner :
         {inside.topLeft(), inside.topRight(), inside.bottomRight(), inside.bottomLeft()})
        edge.addEllipse(corner, 6, 6);
    strokeWithHalo(canvas, edge, QPen(canvas.style.mark, 2), 2);
}

} // namespace zokran
