#include "app/sheet/strokes.h"

#include "app/widgets/theme.h"

namespace zokran {

void strokeWithHalo(const Canvas& canvas, const QPainterPath& path, QPen pen, double halo) {
    QPainter& painter = canvas.painter;
    const double wider = halo * canvas.style.haloWidth;
    pen.setWidthF(pen.widthF() * canvas.style.stroke);
    painter.setBrush(Qt::NoBrush);
    if (wider > 0) {
        QColor colour = canvas.style.halo;
        colour.setAlphaF(0.62f);
        painter.setPen(
            QPen(colour, pen.widthF() + wider, Qt::SolidLine, Qt::FlatCap, Qt::BevelJoin));
        // Under a smooth line a rough halo is not seen, and it is painted in a fraction of the
        // time.
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.drawPath(path);
        painter.setRenderHint(QPainter::Antialiasing, true);
    }
    pen.setCapStyle(Qt::FlatCap);
    pen.setJoinStyle(Qt::BevelJoin);
    painter.setPen(pen);
    painter.drawPath(path);
}

void paintWord(const Canvas& canvas, const QRectF& plate, const QString& word) {
    QColor back = canvas.style.ground;
    back.setAlphaF(0.88f);
    canvas.painter.setPen(Qt::NoPen);
    canvas.painter.setBrush(back);
    canvas.painter.drawRoundedRect(plate, 3, 3);
    canvas.painter.setPen(canvas.style.text);
    canvas.painter.setFont(typeFont(TypeSize::Caption, true));
    canvas.painter.drawText(plate, Qt::AlignCenter, word);
}

} // namespace zokran
