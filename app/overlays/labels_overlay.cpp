#include "app/overlays/labels_overlay.h"

#include "app/sheet/strokes.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/construction/lines.h"
#include "core/messages/line_messages.h"

#include <QFontMetricsF>
#include <algorithm>

namespace zokran {

struct LabelsOverlay::Label {
    std::string id;
    QString text;
    QPointF left, right; ///< the line's ends in sight
    double y = 0;
};

std::vector<LabelsOverlay::Label> LabelsOverlay::labels(const Canvas& canvas, bool& onRight) const {
    double leftmost = 1e9, rightmost = -1e9;
    for (const GuideLine& line : lines_)
        for (const PicturePoint& p : line.points) {
            leftmost = std::min(leftmost, canvas.transform.toView(p).x());
            rightmost = std::max(rightmost, canvas.transform.toView(p).x());
        }
    onRight = canvas.area.right() - rightmost > leftmost - canvas.area.left();
    std::vector<Label> all;
    for (const LineEntry& entry : lineTable()) {
        if (!entry.level)
            continue;
        Label label{
            std::string(entry.id), qt(wordsForLine(entry.id, learnersTranslator())), {1e9, 0}, {-1e9, 0}};
        for (const GuideLine& line : lines_)
            if (line.id == entry.id && !line.hidden)
                for (const PicturePoint& p : line.points) {
                    const QPointF v = canvas.transform.toView(p);
                    if (v.x() < label.left.x())
                        label.left = v;
                    if (v.x() > label.right.x())
                        label.right = v;
                }
        if (const auto note = notes_.find(label.id); note != notes_.end() && label.id == canvas.lit.toStdString())
            label.text += "  " + note->second;
        label.y = onRight ? label.right.y() : label.left.y();
        if (label.left.x() < 1e8)
            all.push_back(label);
    }
    return all;
}

void LabelsOverlay::paint(const Canvas& canvas) const {
    bool onRight = true;
    std::vector<Label> all = labels(canvas, onRight);
    std::sort(all.begin(), all.end(), [](const Label& a, const Label& b) { return a.y < b.y; });
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    const double step = metrics.height() + 4;
    for (std::size_t i = 1; i < all.size(); ++i)
        all[i].y = std::max(all[i].y, all[i - 1].y + step);
    const double lowest = canvas.area.bottom() - 12;
    if (!all.empty() && all.back().y > lowest) {
        all.back().y = lowest;
        for (std::size_t i = all.size() - 1; i-- > 0;)
            all[i].y = std::min(all[i].y, all[i + 1].y - step);
    }
    QPainter& painter = canvas.painter;
    for (const Label& label : all) {
        const double width = metrics.horizontalAdvance(label.text);
        const QRectF box(onRight ? canvas.area.right() - width - 14 : canvas.area.left() + 6,
                         label.y - step / 2, width + 8, step);
        const QPointF to = onRight ? label.right : label.left;
        const QPointF from(onRight ? box.left() : box.right(), label.y);
        QColor leader = canvas.style.halo;
        leader.setAlphaF(0.7f);
        painter.setPen(QPen(leader, 2.4));
        painter.drawLine(from, to);
        painter.setPen(QPen(canvas.style.text, label.id == canvas.lit.toStdString() ? 1.6 : 0.8));
        painter.drawLine(from, to);
        paintWord(canvas, box, label.text);
    }
}

} // namespace zokran
