#include "app/overlays/marks_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"

#include <QFontMetricsF>
#include <QLineF>
#include <algorithm>

namespace zokran {

void MarksOverlay::paintExpected(const Canvas& canvas, Mark m, const QPointF& at,
                                 bool doubtful) const {
    const QPointF ring = canvas.transform.toView(*shown.expected[m]);
    QPainterPath path;
    path.addEllipse(ring, 4.5, 4.5);
    if (QLineF(ring, at).length() > 5) {
        path.moveTo(at);
        path.lineTo(ring);
    }
    strokeWithHalo(canvas, path, QPen(canvas.style.ink, doubtful ? 2.2 : 1.1), 1.6);
}

void MarksOverlay::paintPreplaced(const Canvas& canvas) const {
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        if (!shown.preplaced[m])
            continue;
        const bool asked = shown.asked == m;
        QPainterPath ring;
        ring.addEllipse(canvas.transform.toView(*shown.preplaced[m]), asked ? 10 : 4,
                        asked ? 10 : 4);
        QPen pen(canvas.style.mark, asked ? 2.4 : 1.2);
        if (!asked)
            pen.setDashPattern({1.6, 1.6});
        strokeWithHalo(canvas, ring, pen, asked ? 2.4 : 1.4);
    }
}

void MarksOverlay::paint(const Canvas& canvas) const {
    QPainter& painter = canvas.painter;
    paintPreplaced(canvas);
    for (const auto& placed : shown.expression)
        if (placed && placed->usable()) {
            QPainterPath dot;
            dot.addEllipse(canvas.transform.toView(*placed->at), 2, 2);
            strokeWithHalo(canvas, dot, QPen(canvas.style.mark, 1.1), 1.4);
        }
    std::vector<QRectF> words;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto& placed = shown.marks[m];
        if (!placed || !placed->usable())
            continue;
        const QPointF at = canvas.transform.toView(*placed->at);
        const bool touched = shown.touched == m;
        const bool doubtful =
            std::find(shown.doubtful.begin(), shown.doubtful.end(), m) != shown.doubtful.end();
        if (shown.expected[m])
            paintExpected(canvas, m, at, doubtful);
        if (shown.small && !touched) {
            painter.setBrush(canvas.style.mark);
            painter.setPen(QPen(canvas.style.halo, 1.4));
            painter.drawEllipse(at, 2.8, 2.8);
            continue;
        }
        QPainterPath path;
        if (placed->suggested) {
            // Not looked over yet: hollow, told from a mark by its shape.
            path.addEllipse(at, 4, 4);
            if (touched)
                path.addEllipse(at, 9, 9);
        } else {
            const double arm = touched ? 9 : 6;
            for (const QPointF& d :
                 {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
                path.moveTo(at + 2 * d);
                path.lineTo(at + arm * d);
            }
        }
        strokeWithHalo(canvas, path, QPen(canvas.style.mark, touched ? 2.4 : 1.6), 2.2);
        if (doubtful) {
            const QString word = tr("doubtful");
            const QRectF box = QFontMetricsF(typeFont(TypeSize::Caption, true))
                                   .boundingRect(word)
                                   .translated(at + QPointF(10, -8))
                                   .adjusted(-4, -2, 4, 2);
            // Where a whole feature is doubtful its words would cover one another.
            if (std::none_of(words.begin(), words.end(), [&](const QRectF& other) { return other.intersects(box); })) {
                paintWord(canvas, box, word);
                words.push_back(box);
            }
        }
    }
}

std::optional<Hit> MarksOverlay::hit(const SheetTransform& transform, const QPointF& at) const {
    std::optional<Hit> best;
    double nearest = transform.reach;
    for (int i = 0; i < markCount; ++i) {
        const auto& placed = shown.marks[markAt(i)];
        if (!placed || !placed->usable())
            continue;
        const double d = QLineF(at, transform.toView(*placed->at)).length();
        if (d < nearest) {
            nearest = d;
            best = Hit{markAt(i), d};
        }
    }
    return best;
}

} // namespace zokran
