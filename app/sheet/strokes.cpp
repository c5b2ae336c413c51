#include "app/sheet/strokes.h"

#include "app/widgets/theme.h"

namespace zokran {

void paintHalo(const Canvas& canvas, const QPainterPath& path, double width, double halo) {
    const double wider = halo * canvas.style.haloWidth;
    if (wider <= 0)
        return;
    QPainter& painter = canvas.painter;
    QColor colour = canvas.style.halo;
    colour.setAlphaF(0.62f);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(colour, width + wider, Qt::SolidLine, Qt::FlatCap, Qt::BevelJoin));
    // Under a smooth line a rough halo is not seen, and it is painted in a fraction of the time.
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.drawPath(path);
    painter.setRenderHint(QPainter::Antialiasing, true);
}

void strokeWithHalo(const Canvas& canvas, const QPainterPath& path, QPen pen, double halo) {
    pen.setWidthF(pen.widthF() * canvas.style.stroke);
    paintHalo(canvas, path, pen.widthF(), halo);
    canvas.painter.setBrush(Qt::NoBrush);
    pen.setCapStyle(Qt::FlatCap);
    pen.setJoinStyle(Qt::BevelJoin);
    canvas.painter.setPen(pen);
    canvas.painter.drawPath(path);
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
