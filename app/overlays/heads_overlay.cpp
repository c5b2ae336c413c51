#include "app/overlays/heads_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

#include <QFontMetricsF>

namespace zokran {

void HeadsOverlay::paint(const Canvas& canvas) const {
    int number = 0;
    for (const Framing& head : heads) {
        const QRectF frame(canvas.transform.toView(head.low), canvas.transform.toView(head.high));
        QPainterPath edge;
        edge.addRoundedRect(frame, 6, 6);
        strokeWithHalo(canvas, edge, QPen(canvas.style.mark, 2), 2);
        const QString word = QString::number(++number);
        const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
        const double high = metrics.height() + 6;
        paintWord(canvas, {frame.topLeft(), QSizeF(std::max(high, metrics.horizontalAdvance(word) + 12), high)}, word);
    }
}

} // namespace zokran
