#include "app/overlays/handles_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

#include <QFontMetricsF>
#include <QLineF>
#include <algorithm>

namespace zokran {

namespace {

constexpr double reach = 14; ///< how near a press must be to take hold of a handle, px

} // namespace

void HandlesOverlay::paint(const Canvas& canvas) const {
    QPainter& painter = canvas.painter;
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const double step = metrics.height() + 4;
    std::vector<QRectF> taken;
    for (const SheetHandle& h : handles) {
        const QPointF at = canvas.transform.toView(h.at);
        QPainterPath diamond;
        diamond.moveTo(at + QPointF(0, -7));
        diamond.lineTo(at + QPointF(7, 0));
        diamond.lineTo(at + QPointF(0, 7));
        diamond.lineTo(at + QPointF(-7, 0));
        diamond.closeSubpath();
        painter.setBrush(canvas.style.chalk);
        painter.setPen(QPen(canvas.style.halo, 2));
        painter.drawPath(diamond);
        QRectF box(at.x() + 11, at.y() - step / 2, metrics.horizontalAdvance(h.word) + 8, step);
        if (box.right() > canvas.area.right() - 4)
            box.moveRight(at.x() - 11);
        // Words of handles that lie close together make room for one another.
        for (int tries = 0; tries < 8; ++tries)
            if (std::any_of(taken.begin(), taken.end(),
                            [&](const QRectF& other) { return other.intersects(box); }))
                box.translate(0, step + 1);
        taken.push_back(box);
        paintWord(canvas, box, h.word);
    }
}

std::optional<Hit> HandlesOverlay::hit(const SheetTransform& transform, const QPointF& at) const {
    std::optional<Hit> best;
    double nearest = reach;
    for (const SheetHandle& h : handles) {
        const double d = QLineF(at, transform.toView(h.at)).length();
        if (d < nearest) {
            nearest = d;
            best = Hit{h.handle, d};
        }
    }
    return best;
}

} // namespace zokran
