#include "app/overlays/warped_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void WarpedOverlay::paint(const Canvas& canvas) const {
    if (shown.picture.isNull() || shown.strength <= 0)
        return;
    QPainter& painter = canvas.painter;
    const SheetTransform& t = canvas.transform;
    const QRectF part(canvas.area.topLeft(),
                      QSizeF(shown.upTo * canvas.area.width(), canvas.area.height()));
    painter.save();
    painter.setClipRect(part);
    painter.setOpacity(shown.strength);
    painter.translate(t.offset);
    painter.scale(t.across(), t.down());
    painter.translate(shown.registration.shift.x(), shown.registration.shift.y());
    painter.rotate(inDegrees(shown.registration.rotation));
    painter.scale(shown.registration.scale, shown.registration.scale);
    painter.drawImage(QRectF({0, 0}, shown.extent), shown.picture);
    painter.restore();
    if (shown.upTo < 1) {
        QPainterPath edge;
        edge.moveTo(part.topRight());
        edge.lineTo(part.bottomRight());
        strokeWithHalo(canvas, edge, QPen(canvas.style.text, 1.6), 2.4);
    }
}

} // namespace zokran
