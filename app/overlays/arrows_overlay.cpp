#include "app/overlays/arrows_overlay.h"

#include "app/sheet/strokes.h"

#include <QLineF>

namespace zokran {

void ArrowsOverlay::paint(const Canvas& canvas) const {
    QPainter& painter = canvas.painter;
    for (const CorrectionArrow& arrow : arrows) {
        const QPointF from = canvas.transform.toView(arrow.from);
        const QPointF to = canvas.transform.toView(arrow.to);
        const double length = QLineF(from, to).length();
        if (length < 3)
            continue;
        const QPointF along = (to - from) / length, aside(-along.y(), along.x());
        const double head = std::min(length, arrow.strong ? 8.0 : 6.0);
        QPainterPath path;
        path.moveTo(from);
        path.lineTo(to - 0.6 * head * along);
        strokeWithHalo(canvas, path, QPen(canvas.style.correction, arrow.strong ? 2.6 : 1.5), 1.6);
        QPainterPath tip;
        tip.moveTo(to);
        tip.lineTo(to - head * along + 0.42 * head * aside);
        tip.lineTo(to - head * along - 0.42 * head * aside);
        tip.closeSubpath();
        painter.setPen(QPen(canvas.style.halo, 0.7));
        painter.setBrush(canvas.style.correction);
        painter.drawPath(tip);
    }
}

} // namespace zokran
