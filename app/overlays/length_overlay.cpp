#include "app/overlays/length_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

#include <QFontMetricsF>

namespace zokran {

void LengthOverlay::paint(const Canvas& canvas) const {
    const QPointF ends[] = {canvas.transform.toView(from), canvas.transform.toView(to)};
    QPainterPath line;
    line.moveTo(ends[0]);
    line.lineTo(ends[1]);
    strokeWithHalo(canvas, line, QPen(canvas.style.ink, 2), 2);
    for (std::size_t end = 0; end < 2; ++end) {
        const double radius = end == touched ? 11 : 7;
        QPainterPath ring;
        ring.addEllipse(ends[end], radius, radius);
        strokeWithHalo(canvas, ring, QPen(canvas.style.mark, end == touched ? 2.4 : 1.8), 2.4);
    }
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const QSizeF plate(metrics.horizontalAdvance(word) + 14, metrics.height() + 6);
    const QPointF middle = (ends[0] + ends[1]) / 2;
    paintWord(canvas, {middle - QPointF(plate.width() / 2, plate.height() + 10), plate}, word);
}

} // namespace zokran
