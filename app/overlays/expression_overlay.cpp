#include "app/overlays/expression_overlay.h"

#include "app/sheet/strokes.h"
#include "core/compare/finding_lines.h"

namespace zokran {

void ExpressionOverlay::paint(const Canvas& canvas) const {
    QPainterPath strokes;
    for (const auto& stroke : expressionStrokes(shown.places, shown.structure))
        for (std::size_t i = 0; i < stroke.size(); ++i)
            i == 0 ? strokes.moveTo(canvas.transform.toView(stroke[i])) : strokes.lineTo(canvas.transform.toView(stroke[i]));
    QPen light(canvas.style.ink, 1.1);
    light.setDashPattern({4, 3});
    strokeWithHalo(canvas, strokes, light, 1.6);
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark mark = expressionMarkAt(i);
        if (!shown.places[mark])
            continue;
        const bool isTaken = shown.taken == mark;
        const double radius = isTaken ? 9 : 5;
        QPainterPath ring;
        ring.addEllipse(canvas.transform.toView(*shown.places[mark]), radius, radius);
        QPen pen(canvas.style.mark, isTaken ? 2.4 : 1.6);
        if (!shown.isFound[mark] && !isTaken)
            pen.setDashPattern({2.4, 2});
        strokeWithHalo(canvas, ring, pen, 2);
    }
}

} // namespace zokran
