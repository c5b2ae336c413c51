#include "app/overlays/places_overlay.h"

#include "app/widgets/theme.h"

#include <cmath>

namespace zokran {

void PlacesOverlay::paint(const Canvas& canvas) const {
    QPainter& painter = canvas.painter;
    painter.setFont(typeFont(TypeSize::Caption, true));
    constexpr double radius = 8.5;
    std::vector<QPointF> put;
    for (const Shown& place : places) {
        QPointF at = canvas.transform.toView(place.at);
        // One that would lie upon another moves down beside it.
        for (bool moved = true; moved;) {
            moved = false;
            for (const QPointF& other : put)
                if (std::hypot(at.x() - other.x(), at.y() - other.y()) < 2 * radius) {
                    at.setY(other.y() + 2 * radius + 0.5);
                    moved = true;
                }
        }
        put.push_back(at);
        const QColor ground = place.dark ? QColor(35, 35, 37) : QColor(250, 248, 244);
        const QColor sign = place.dark ? QColor(250, 248, 244) : QColor(35, 35, 37);
        painter.setPen(QPen(sign, 1.2));
        painter.setBrush(ground);
        painter.drawEllipse(at, radius, radius);
        painter.drawText(QRectF(at - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)),
                         Qt::AlignCenter, place.sign);
    }
    painter.setBrush(Qt::NoBrush);
}

} // namespace zokran
