#include "app/overlays/labels_overlay.h"

#include "app/overlays/label_column.h"
#include "app/text/messages.h"
#include "core/construction/lines.h"
#include "core/messages/line_messages.h"

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
        if (const auto note = notes_.find(label.id); note != notes_.end() && label.id == canvas.highlighted.toStdString())
            label.text += "  " + note->second;
        label.y = onRight ? label.right.y() : label.left.y();
        if (label.left.x() < 1e8)
            all.push_back(label);
    }
    return all;
}

void LabelsOverlay::paint(const Canvas& canvas) const {
    bool onRight = true;
    std::vector<ColumnLabel> column;
    for (const Label& label : labels(canvas, onRight))
        column.push_back({label.text, label.y, onRight ? label.right : label.left, label.id == canvas.highlighted.toStdString()});
    paintLabelColumn(canvas, std::move(column), onRight);
}

} // namespace zokran
