#include "app/overlays/named_places_overlay.h"

#include "app/overlays/label_column.h"

namespace zokran {

void NamedPlacesOverlay::paint(const Canvas& canvas) const {
    double middle = 0;
    for (const Shown& place : places)
        middle += canvas.transform.toView(place.at).x() / static_cast<double>(places.size());
    std::vector<ColumnLabel> left, right;
    for (const Shown& place : places) {
        const QPointF at = canvas.transform.toView(place.at);
        (at.x() < middle ? left : right).push_back({place.name, at.y(), at});
    }
    paintLabelColumn(canvas, std::move(left), false);
    paintLabelColumn(canvas, std::move(right), true);
    constexpr double dot = 3.2;
    canvas.painter.setPen(QPen(canvas.style.halo, 1.6));
    canvas.painter.setBrush(canvas.style.text);
    for (const Shown& place : places)
        canvas.painter.drawEllipse(canvas.transform.toView(place.at), dot, dot);
    canvas.painter.setBrush(Qt::NoBrush);
}

} // namespace zokran
