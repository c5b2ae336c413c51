#include "app/overlays/lines_overlay.h"

#include "app/sheet/strokes.h"

#include <QLineF>
#include <algorithm>
#include <cmath>
#include <map>

namespace zokran {

namespace {

constexpr double reach = 7; ///< how near the pointer must be to a line, px

/// A line's points on the widget, a few pixels apart: finer ones only cost time.
struct Stroke {
    std::vector<QPointF> at;
    std::vector<double> weight;
};

Stroke strokeOf(const GuideLine& line, const SheetTransform& transform) {
    constexpr double shortest = 4;
    constexpr double longest = 30; // a straight needs points on its way to taper
    Stroke stroke;
    for (std::size_t i = 0; i < line.points.size(); ++i) {
        const QPointF p = transform.toView(line.points[i]);
        const double weight = i < line.weights.size() ? line.weights[i] : 1;
        if (i > 0)
            if (const double far = QLineF(stroke.at.back(), p).length(); far > longest) {
                const QPointF from = stroke.at.back();
                const double before = stroke.weight.back();
                const int pieces = std::min(40, static_cast<int>(far / longest) + 1);
                for (int k = 1; k < pieces; ++k) {
                    const double share = static_cast<double>(k) / pieces;
                    stroke.at.push_back(from + share * (p - from));
                    stroke.weight.push_back(before + share * (weight - before));
                }
            }
        if (i > 0 && i + 1 < line.points.size() &&
            (p - stroke.at.back()).manhattanLength() < shortest)
            continue;
        stroke.at.push_back(p);
        stroke.weight.push_back(weight);
    }
    return stroke;
}

void append(QPainterPath& path, const Stroke& stroke) {
    if (!stroke.at.empty())
        path.addPolygon(QPolygonF(QList<QPointF>(stroke.at.begin(), stroke.at.end())));
}

/// A stroke as the pencil leaves it, `width` broad where it bears down as usual: it swells with its
/// weights and comes in and out thin, but for one that closes on itself.
void appendTapered(QPainterPath& path, const Stroke& stroke, double width) {
    constexpr double run = 26;   // px over which it comes in
    constexpr double least = 0.4; // of its breadth at the very end
    const auto& at = stroke.at;
    const std::size_t n = at.size();
    if (n < 2)
        return;
    const bool closed = n > 3 && QLineF(at.front(), at.back()).length() < 1;
    std::vector<double> along(n, 0);
    for (std::size_t i = 1; i < n; ++i)
        along[i] = along[i - 1] + QLineF(at[i - 1], at[i]).length();
    const double in = std::min(run, along.back() / 2.5);
    QPolygonF band(static_cast<qsizetype>(2 * n));
    for (std::size_t i = 0; i < n; ++i) {
        const QPointF& before = at[i > 0 ? i - 1 : closed ? n - 2 : 0];
        const QPointF& after = at[i + 1 < n ? i + 1 : closed ? 1 : n - 1];
        const QPointF d = after - before;
        const double size = std::max(1e-6, std::hypot(d.x(), d.y()));
        const double end = std::min(along[i], along.back() - along[i]);
        const double share =
            closed || in <= 0 ? 1 : least + (1 - least) * std::min(1.0, end / in);
        const double half = width * stroke.weight[i] * share / 2;
        const QPointF out = QPointF(-d.y(), d.x()) * (half / size);
        band[static_cast<qsizetype>(i)] = at[i] + out;
        band[static_cast<qsizetype>(2 * n - 1 - i)] = at[i] - out;
    }
    path.addPolygon(band);
    path.closeSubpath();
}

/// Everything of one look is one path: a few long strokes cost far less than many short ones.
struct Look {
    bool hidden, light, isHighlighted;
    LineKind kind;
    auto operator<=>(const Look&) const = default;
};

/// The order in which they are painted: hidden ones and helps lie under the rest, a highlighted line over all.
int layerOf(const Look& look) {
    return 8 * look.isHighlighted + 4 * !look.hidden + 2 * !look.light +
           (look.kind == LineKind::Guide || look.kind == LineKind::Construction);
}

void paintLook(const Canvas& canvas, const Look& look, const std::vector<Stroke>& strokes) {
    QColor colour = look.kind == LineKind::Construction ? canvas.style.chalk
                    : look.kind == LineKind::Other      ? canvas.style.text
                    : look.kind == LineKind::Guess      ? canvas.style.mark
                                                        : canvas.style.ink;
    double width = look.hidden                              ? 1.1
                   : look.light                             ? 1.2
                   : look.kind == LineKind::Construction    ? 2.2
                                                            : 1.7;
    if (look.isHighlighted)
        width += 1.6;
    const bool dashed = look.hidden || look.kind == LineKind::Guess || look.kind == LineKind::Other;
    QPainterPath middle;
    for (const Stroke& stroke : strokes)
        append(middle, stroke);
    if (dashed) {
        if (look.hidden)
            colour.setAlphaF(look.isHighlighted ? 0.85f : 0.4f);
        QPen pen(colour, look.kind == LineKind::Guess || look.hidden ? width : 1.4);
        pen.setDashPattern(look.kind == LineKind::Guess ? QList<qreal>{9, 4, 2, 4}
                           : look.hidden ? QList<qreal>{4 / width, 4 / width}
                                         : QList<qreal>{1.5, 2.5});
        return strokeWithHalo(canvas, middle, pen, look.hidden ? 0 : 1.8);
    }
    if (look.light && !look.isHighlighted)
        colour.setAlphaF(0.6f);
    paintHalo(canvas, middle, width * canvas.style.stroke, look.light ? 1.2 : 2.0);
    QPainterPath bands;
    bands.setFillRule(Qt::WindingFill);
    for (const Stroke& stroke : strokes)
        appendTapered(bands, stroke, width * canvas.style.stroke);
    canvas.painter.setPen(Qt::NoPen);
    canvas.painter.setBrush(colour);
    canvas.painter.drawPath(bands);
    canvas.painter.setBrush(Qt::NoBrush);
}

} // namespace

void LinesOverlay::paint(const Canvas& canvas) const {
    const std::string highlighted = canvas.highlighted.toStdString();
    std::map<std::pair<int, Look>, std::vector<Stroke>> looks;
    for (const GuideLine& line : lines) {
        const Look look{line.hidden, line.light, line.id == highlighted, line.kind};
        looks[{layerOf(look), look}].push_back(strokeOf(line, canvas.transform));
    }
    for (const auto& [at, strokes] : looks)
        paintLook(canvas, at.second, strokes);
    for (const GuideLine& line : lines)
        if (!line.label.empty() && line.points.size() > 1)
            paintLabel(canvas, line);
}

void LinesOverlay::paintLabel(const Canvas& canvas, const GuideLine& line) const {
    // A little way out beyond the line's first end.
    const QPointF end = canvas.transform.toView(line.points.front());
    const QPointF out = end - canvas.transform.toView(line.points[1]);
    const double size = std::max(1e-6, std::hypot(out.x(), out.y()));
    const QPointF at = end + out * (10 / size);
    const QString text = QString::fromStdString(line.label);
    paintWord(canvas, QRectF(at - QPointF(9, 8), QSizeF(18, 16)), text);
}

std::vector<NamedPlace> LinesOverlay::named() const {
    std::vector<NamedPlace> places;
    for (const GuideLine& line : lines)
        if (!line.hidden && !line.points.empty() && line.kind != LineKind::Guess)
            places.push_back({line.id, line.points.front()});
    return places;
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
