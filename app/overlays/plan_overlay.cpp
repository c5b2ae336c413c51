#include "app/overlays/plan_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"

#include <QFontMetricsF>
#include <cmath>

namespace zokran {

namespace {

/// A distance along a thin line, its number on it.
void paintDistance(const Canvas& canvas, const PicturePoint& from, const PicturePoint& to) {
    const double length = (to - from).norm();
    if (length < 1)
        return;
    QPainterPath path;
    const QPointF a = canvas.transform.toView(from), b = canvas.transform.toView(to);
    path.moveTo(a);
    path.lineTo(b);
    strokeWithHalo(canvas, path, QPen(canvas.style.text, 1, Qt::DashLine), 1.5);
    const QString words =
        tr("%1").arg(static_cast<int>(std::lround(length)));
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const QSizeF size(metrics.horizontalAdvance(words) + 8, metrics.height() + 2);
    paintWord(canvas, QRectF((a + b) / 2 - QPointF(size.width(), size.height()) / 2, size), words);
}

} // namespace

void PlanOverlay::paint(const Canvas& canvas) const {
    QPainter& painter = canvas.painter;
    const PaperPoint far(pageLayout.paper.width, pageLayout.paper.height);
    const double w = far.x(), h = far.y(), b = pageLayout.border.value;
    painter.setPen(QPen(canvas.style.quiet, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(canvas.transform.toView(QRectF(0, 0, w, h)));
    if (b > 0) {
        painter.setPen(QPen(canvas.style.ink, 1, Qt::DashLine));
        painter.drawRect(canvas.transform.toView(QRectF(b, b, w - 2 * b, h - 2 * b)));
    }
    // From the edges to crown and chin, and to the sides.
    const PicturePoint crown = plan.crown, chin = plan.chin;
    paintDistance(canvas, {crown.x(), 0}, crown);
    paintDistance(canvas, chin, {chin.x(), h});
    const double middle = (plan.head.low.y() + plan.head.high.y()) / 2;
    paintDistance(canvas, {0, middle}, {plan.head.low.x(), middle});
    paintDistance(canvas, {plan.head.high.x(), middle}, {w, middle});
    QPainterPath handles;
    for (const PicturePoint& p : {crown, chin})
        handles.addEllipse(canvas.transform.toView(p), 6, 6);
    strokeWithHalo(canvas, handles, QPen(canvas.style.correction, 2), 2);
}

} // namespace zokran
