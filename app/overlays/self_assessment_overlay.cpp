#include "app/overlays/self_assessment_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

namespace zokran {

void SelfAssessmentOverlay::paint(const Canvas& canvas) const {
    constexpr double radius = 17;
    for (const Place& place : places) {
        const QPointF at = canvas.transform.toView(place.at);
        QPainterPath ring;
        ring.addEllipse(at, radius, radius);
        strokeWithHalo(canvas, ring, QPen(canvas.style.mark, 2.6), 2.4);
        canvas.painter.setFont(typeFont(TypeSize::Heading, true));
        canvas.painter.setPen(canvas.style.mark);
        canvas.painter.drawText(QRectF(at - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)),
                                Qt::AlignCenter, QString::number(place.number));
    }
}

} // namespace zokran
