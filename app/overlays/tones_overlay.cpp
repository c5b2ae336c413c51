#include "app/overlays/tones_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

namespace zokran {

void TonesOverlay::paint(const Canvas& canvas) const {
    canvas.painter.setFont(typeFont(TypeSize::Caption, true));
    // The chosen one lies on top.
    for (const bool chosen : {false, true})
        for (const Shown& place : places) {
            if (place.isChosen != chosen)
                continue;
            const QPointF at = canvas.transform.toView(place.at);
            const double radius = std::max(9.0, place.radius.value * canvas.transform.scale);
            QPainterPath ring;
            ring.addEllipse(at, radius, radius);
            strokeWithHalo(canvas, ring, QPen(canvas.style.correction, chosen ? 2.6 : 1.3), 2);
            // The plate stands to the right of the ring, and for the sheet's last stretch to its left.
            constexpr double width = 30, height = 18;
            QRectF plate(at.x() + radius + 4, at.y() - height / 2, width, height);
            if (plate.right() > canvas.area.right() - 4)
                plate.moveRight(at.x() - radius - 4);
            canvas.painter.setPen(Qt::NoPen);
            canvas.painter.setBrush(chosen ? canvas.style.correction : canvas.style.halo);
            canvas.painter.drawRoundedRect(plate, 4, 4);
            const QColor sign = chosen ? canvas.style.halo : canvas.style.correction;
            canvas.painter.setPen(sign);
            canvas.painter.drawText(plate.adjusted(5, 0, -14, 0), Qt::AlignCenter, QString::number(place.number));
            const QPointF middle(plate.right() - 9, plate.center().y());
            const double tip = place.darker ? 4.5 : -4.5;
            canvas.painter.setPen(Qt::NoPen);
            canvas.painter.setBrush(sign);
            canvas.painter.drawPolygon(QPolygonF{middle + QPointF(-4.5, -tip * 0.8), middle + QPointF(4.5, -tip * 0.8),
                                                 middle + QPointF(0, tip)});
        }
    canvas.painter.setBrush(Qt::NoBrush);
}

} // namespace zokran
