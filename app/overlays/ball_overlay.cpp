#include "app/overlays/ball_overlay.h"

#include "app/sheet/strokes.h"

namespace zokran {

void BallOverlay::paint(const Canvas& canvas) const {
    const QPointF centre = canvas.transform.toView(ball.centre);
    const double r = ball.radius.value * canvas.transform.scale;
    QPainterPath path;
    path.addEllipse(centre, r, r);
    path.moveTo(centre - QPointF(6, 0));
    path.lineTo(centre + QPointF(6, 0));
    path.moveTo(centre - QPointF(0, 6));
    path.lineTo(centre + QPointF(0, 6));
    QPen pen(canvas.style.chalk, 1.4);
    pen.setDashPattern({1.5, 3});
    strokeWithHalo(canvas, path, pen, 2);
    canvas.painter.setBrush(canvas.style.chalk);
    canvas.painter.setPen(QPen(canvas.style.halo, 2));
    canvas.painter.drawRect(QRectF(centre.x() + r - 5, centre.y() - 5, 10, 10));
}

} // namespace zokran
