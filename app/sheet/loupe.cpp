#include "app/sheet/loupe.h"

#include "app/sheet/strokes.h"

#include <algorithm>

namespace zokran {

namespace {

constexpr double radius = 72, power = 4;

} // namespace

QPointF loupePlace(const QPointF& at, const QRectF& area) {
    constexpr double aside = 104, edge = 80;
    return {at.x() + (at.x() > area.center().x() ? -aside : aside),
            std::clamp(at.y() - 40, edge, std::max(edge, area.height() - edge))};
}

QPointF loupeCorner(const QPointF& at, const QRectF& area) {
    constexpr double edge = radius + 8;
    const QPointF middle = area.center();
    return {at.x() > middle.x() ? area.left() + edge : area.right() - edge,
            at.y() > middle.y() ? area.top() + edge : area.bottom() - edge};
}

void paintLoupe(const Canvas& canvas, const QPointF& centre, const QImage& picture,
                const PicturePoint& at) {
    QPainter& painter = canvas.painter;
    painter.save();
    QPainterPath disc;
    disc.addEllipse(centre, radius, radius);
    painter.setClipPath(disc);
    painter.fillPath(disc, canvas.style.ground);
    const double half = radius / std::max(canvas.transform.scale * power, 2.0);
    painter.translate(centre);
    painter.scale(canvas.transform.across() < 0 ? -1 : 1, canvas.transform.down() < 0 ? -1 : 1);
    painter.drawImage(QRectF(-radius, -radius, 2 * radius, 2 * radius), picture,
                      QRectF(at.x() - half, at.y() - half, 2 * half, 2 * half));
    painter.scale(canvas.transform.across() < 0 ? -1 : 1, canvas.transform.down() < 0 ? -1 : 1);
    painter.translate(-centre);
    painter.setClipping(false);
    QPainterPath hairs;
    for (const QPointF& d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
        hairs.moveTo(centre + 6 * d);
        hairs.lineTo(centre + 22 * d);
    }
    strokeWithHalo(canvas, hairs, QPen(canvas.style.mark, 1.4), 2);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(canvas.style.halo, 5));
    painter.drawPath(disc);
    painter.setPen(QPen(canvas.style.text, 1.6));
    painter.drawPath(disc);
    painter.restore();
}

} // namespace zokran
