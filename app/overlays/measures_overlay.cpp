#include "app/overlays/measures_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"

#include <QFontMetricsF>

namespace zokran {

void MeasuresOverlay::paint(const Canvas& canvas) const {
    std::vector<QRectF> plates;
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    for (const Shown& measure : measures) {
        QPainterPath path;
        for (const auto& line : measure.reading.lines)
            for (std::size_t i = 0; i < line.size(); ++i) {
                const QPointF p = canvas.transform.toView(line[i]);
                i ? path.lineTo(p) : path.moveTo(p);
            }
        strokeWithHalo(canvas, path, QPen(canvas.style.text, measure.strong ? 2.4 : 1.3), 2);
    }
    // The numbers over all lines; one that would lie upon another moves down.
    for (const Shown& measure : measures) {
        if (measure.strong)
            for (const Reading::Number& number : measure.reading.numbers) {
                const QPointF at = canvas.transform.toView(number.at);
                const QString words = qt(number.text);
                const QSizeF size(metrics.horizontalAdvance(words) + 6, metrics.height());
                paintWord(canvas, QRectF(at - QPointF(size.width(), size.height()) / 2, size), words);
            }
        const QPointF at = canvas.transform.toView(measure.reading.labelAt);
        const QSizeF size(metrics.horizontalAdvance(measure.number) + 12, metrics.height() + 6);
        QRectF plate(at - QPointF(size.width(), size.height()) / 2, size);
        const QRectF room = canvas.area.adjusted(3, 3, -3, -3);
        plate.moveLeft(std::clamp(plate.left(), room.left(),
                                  std::max(room.left(), room.right() - size.width())));
        plate.moveTop(std::clamp(plate.top(), room.top(),
                                 std::max(room.top(), room.bottom() - size.height())));
        for (bool moved = true; moved;) {
            moved = false;
            for (const QRectF& other : plates)
                if (other.intersects(plate)) {
                    plate.moveTop(other.bottom() + 2);
                    moved = true;
                }
        }
        plates.push_back(plate);
        paintWord(canvas, plate, measure.number);
    }
    QPainterPath begun;
    for (std::size_t i = 0; i < ends.size(); ++i) {
        const QPointF p = canvas.transform.toView(ends[i]);
        i ? begun.lineTo(p) : begun.moveTo(p);
    }
    for (const PicturePoint& end : ends)
        begun.addEllipse(canvas.transform.toView(end), 6, 6);
    strokeWithHalo(canvas, begun, QPen(canvas.style.correction, 1.8), 2);
    if (open) {
        const QPointF at = canvas.transform.toView(*open);
        constexpr double expectedRing = 16, heldRing = 6; // px
        QPainterPath ring;
        ring.addEllipse(at, isOpenHeld ? heldRing : expectedRing, isOpenHeld ? heldRing : expectedRing);
        QPen pen(canvas.style.correction, 1.8);
        if (!isOpenHeld)
            pen.setStyle(Qt::DashLine);
        strokeWithHalo(canvas, ring, pen, 2);
    }
}

} // namespace zokran
