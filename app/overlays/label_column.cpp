#include "app/overlays/label_column.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"

#include <QFontMetricsF>
#include <algorithm>

namespace zokran {

void paintLabelColumn(const Canvas& canvas, std::vector<ColumnLabel> labels, bool onRight) {
    if (labels.empty())
        return;
    std::sort(labels.begin(), labels.end(), [](const ColumnLabel& a, const ColumnLabel& b) { return a.y < b.y; });
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const double step = metrics.height() + 4;
    for (std::size_t i = 1; i < labels.size(); ++i)
        labels[i].y = std::max(labels[i].y, labels[i - 1].y + step);
    const double lowest = canvas.area.bottom() - 12;
    if (labels.back().y > lowest) {
        labels.back().y = lowest;
        for (std::size_t i = labels.size() - 1; i-- > 0;)
            labels[i].y = std::min(labels[i].y, labels[i + 1].y - step);
    }
    QPainter& painter = canvas.painter;
    for (const ColumnLabel& label : labels) {
        const double width = metrics.horizontalAdvance(label.text);
        const QRectF box(onRight ? canvas.area.right() - width - 14 : canvas.area.left() + 6, label.y - step / 2, width + 8,
                         step);
        const QPointF from(onRight ? box.left() : box.right(), label.y);
        QColor leader = canvas.style.halo;
        leader.setAlphaF(0.7f);
        painter.setPen(QPen(leader, 2.4));
        painter.drawLine(from, label.end);
        painter.setPen(QPen(canvas.style.text, label.strong ? 1.6 : 0.8));
        painter.drawLine(from, label.end);
        paintWord(canvas, box, label.text);
    }
}

} // namespace zokran
