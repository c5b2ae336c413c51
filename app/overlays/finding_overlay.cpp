#include "app/overlays/finding_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

#include <QFontMetricsF>
#include <QLineF>
#include <cmath>

namespace zokran {

namespace {

QPainterPath pathOf(const std::vector<std::vector<PicturePoint>>& lines,
                    const SheetTransform& transform) {
    QPainterPath path;
    for (const auto& line : lines)
        for (std::size_t i = 0; i < line.size(); ++i) {
            const QPointF p = transform.toView(line[i]);
            i ? path.lineTo(p) : path.moveTo(p);
        }
    return path;
}

void paintThread(const Canvas& canvas, double y, const QString& name) {
    QColor colour = canvas.style.text;
    colour.setAlphaF(0.55f);
    QPainterPath path;
    path.moveTo(canvas.area.left(), y);
    path.lineTo(canvas.area.right(), y);
    strokeWithHalo(canvas, path, QPen(colour, 1), 1.5);
    if (name.isEmpty())
        return;
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const double width = metrics.horizontalAdvance(name) + 10;
    paintWord(canvas, QRectF(canvas.area.right() - width - 4, y - 9, width, 18), name);
}

/// A length with a stroke across either end and its number in the middle.
void paintBar(const Canvas& canvas, const FindingShown::Bar& bar) {
    const QPointF from = canvas.transform.toView(bar.from), to = canvas.transform.toView(bar.to);
    const QPointF way = to - from;
    const double size = std::hypot(way.x(), way.y());
    if (size < 4)
        return;
    const QPointF side = 5 * QPointF(-way.y(), way.x()) / size;
    QPainterPath path;
    path.moveTo(from);
    path.lineTo(to);
    for (const QPointF& end : {from, to}) {
        path.moveTo(end - side);
        path.lineTo(end + side);
    }
    strokeWithHalo(canvas, path, QPen(canvas.style.ink, 1.6), 2);
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const double width = metrics.horizontalAdvance(bar.number) + 8;
    const QPointF middle = (from + to) / 2;
    paintWord(canvas, QRectF(middle.x() - width / 2, middle.y() - 9, width, 18), bar.number);
}

} // namespace

void FindingOverlay::paint(const Canvas& canvas) const {
    for (const auto& [place, name] : shown.threads)
        paintThread(canvas, canvas.transform.toView(place).y(), name);
    for (const FindingShown::Bar& bar : shown.bars)
        paintBar(canvas, bar);
    QPen graphite(canvas.style.text, 2.4);
    graphite.setDashPattern({3, 2});
    strokeWithHalo(canvas, pathOf(shown.drawn, canvas.transform), graphite, 2.6);
    strokeWithHalo(canvas, pathOf(shown.belongs, canvas.transform),
                   QPen(canvas.style.chalk, 4), 3);
    if (!shown.arrow)
        return;
    const QPointF from = canvas.transform.toView(shown.arrow->from);
    const QPointF to = canvas.transform.toView(shown.arrow->to);
    const QPointF way = to - from;
    const double size = std::hypot(way.x(), way.y());
    if (size > 3) {
        // A way of a few pixels is shown at arm's length beside the place.
        const QPointF unit = way / size;
        const double length = std::max(size, 26.0);
        const QPointF tail = to - unit * length, side(-unit.y(), unit.x());
        QPainterPath shaft;
        shaft.moveTo(tail);
        shaft.lineTo(to - unit * 4);
        strokeWithHalo(canvas, shaft, QPen(canvas.style.chalk, 3.6), 3);
        QPainterPath head;
        head.moveTo(to);
        head.lineTo(to - unit * 13 + side * 7.5);
        head.lineTo(to - unit * 13 - side * 7.5);
        head.closeSubpath();
        canvas.painter.setPen(QPen(canvas.style.halo, 1));
        canvas.painter.setBrush(canvas.style.chalk);
        canvas.painter.drawPath(head);
    }
    const QFont font = typeFont(TypeSize::Heading, true);
    const QFontMetricsF metrics(font);
    const QSizeF plateSize(metrics.horizontalAdvance(shown.arrow->length) + 20,
                           metrics.height() + 10);
    QRectF plate(to + QPointF(22, -plateSize.height() / 2), plateSize);
    if (plate.right() > canvas.area.right() - 6)
        plate.moveRight(std::min(from.x(), to.x()) - 22);
    canvas.painter.setPen(QPen(canvas.style.halo, 1.5));
    canvas.painter.setBrush(canvas.style.chalk);
    canvas.painter.drawRoundedRect(plate, 5, 5);
    // The word stands out from the chalk in both themes.
    canvas.painter.setPen(canvas.style.chalk.lightnessF() > 0.6f ? QColor(Qt::black)
                                                                 : QColor(Qt::white));
    canvas.painter.setFont(font);
    canvas.painter.drawText(plate, Qt::AlignCenter, shown.arrow->length);
}

} // namespace zokran
