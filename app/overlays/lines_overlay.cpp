#include "app/overlays/lines_overlay.h"

#include "app/sheet/strokes.h"

#include <QLineF>
#include <algorithm>

namespace zokran {

namespace {

constexpr double reach = 7; ///< how near the pointer must be to a line, px

void append(QPainterPath& path, const GuideLine& line, const SheetTransform& transform) {
    // Steps of a few pixels look smooth; finer ones only cost time.
    constexpr double shortest = 4;
    QPointF last;
    for (std::size_t i = 0; i < line.points.size(); ++i) {
        const QPointF p = transform.toView(line.points[i]);
        if (i == 0)
            path.moveTo(p);
        else if (i + 1 == line.points.size() || (p - last).manhattanLength() >= shortest)
            path.lineTo(p);
        else
            continue;
        last = p;
    }
}

} // namespace

void LinesOverlay::paint(const Canvas& canvas) const {
    QPainterPath guess;
    for (const GuideLine& line : lines)
        if (line.kind == LineKind::Guess)
            append(guess, line, canvas.transform);
    if (!guess.isEmpty()) {
        QPen pen(canvas.style.mark, 1.5);
        pen.setDashPattern({9, 4, 2, 4});
        strokeWithHalo(canvas, guess, pen, 1.6);
    }
    // All lines drawn alike are one path: a few long strokes cost far less than many short ones.
    // Hidden pieces lie under the seen ones, and a lit line over its like.
    const std::string lit = canvas.lit.toStdString();
    for (const auto& [hidden, construction, isLit] : {std::tuple{true, true, false},
                                                      {true, false, false},
                                                      {true, true, true},
                                                      {true, false, true},
                                                      {false, true, false},
                                                      {false, false, false},
                                                      {false, true, true},
                                                      {false, false, true}}) {
        QPainterPath path;
        for (const GuideLine& line : lines)
            if (line.kind != LineKind::Guess && line.hidden == hidden &&
                (line.kind == LineKind::Construction) == construction && (lit == line.id) == isLit)
                append(path, line, canvas.transform);
        if (path.isEmpty())
            continue;
        QColor colour = construction ? canvas.style.chalk : canvas.style.ink;
        double width = hidden ? 1.1 : construction ? 2.2 : 1.7;
        if (isLit)
            width += 1.6;
        if (hidden)
            colour.setAlphaF(isLit ? 0.85f : 0.45f);
        QPen pen(colour, width);
        if (hidden)
            pen.setDashPattern({4 / width, 4 / width});
        strokeWithHalo(canvas, path, pen, hidden ? 0 : 2.0);
    }
}

std::optional<Hit> LinesOverlay::hit(const SheetTransform& transform, const QPointF& at) const {
    std::optional<Hit> best;
    double nearest = reach;
    for (const GuideLine& line : lines)
        for (std::size_t i = 1; i < line.points.size(); ++i) {
            const QPointF a = transform.toView(line.points[i - 1]);
            const QPointF d = transform.toView(line.points[i]) - a;
            const double size = QPointF::dotProduct(d, d);
            const double t =
                size > 0 ? std::clamp(QPointF::dotProduct(at - a, d) / size, 0.0, 1.0) : 0;
            const double distance = QLineF(at, a + t * d).length();
            if (distance < nearest) {
                nearest = distance;
                best = Hit{line.id, distance};
            }
        }
    return best;
}

} // namespace zokran
