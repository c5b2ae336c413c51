#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

/// A polygon seen as a shape of its own: its area, and the angle at each corner.
Reading readShape(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Area;
    const std::size_t n = g.ends.size();
    double area = 0;
    PicturePoint middle(0, 0);
    std::vector<PicturePoint> round = g.ends;
    round.push_back(g.ends.front());
    for (std::size_t i = 0; i < n; ++i) {
        const PicturePoint &a = round[i], &b = round[i + 1], &before = g.ends[(i + n - 1) % n];
        area += (a.x() * b.y() - b.x() * a.y()) / 2;
        middle += a / static_cast<double>(n);
        r.numbers.push_back({a, fmt::format("{:.0f}°", cornerAt(a, before, b))});
    }
    // The angles stand inside, off their corners.
    for (Reading::Number& number : r.numbers)
        number.at += 0.18 * (middle - number.at);
    PicturePoint low = g.ends[0], high = g.ends[0];
    for (const PicturePoint& end : g.ends) {
        low = low.cwiseMin(end);
        high = high.cwiseMax(end);
    }
    r.secondary.push_back({"width_to_height", ZOKRAN_WORDS("as wide as high"),
                           (high.x() - low.x()) / std::max(1e-9, high.y() - low.y()), 0, ReadingUnit::Share});
    r.value = std::abs(area) / (g.unit.value * g.unit.value);
    r.lines.push_back(std::move(round));
    r.labelAt = middle;
    return r;
}

} // namespace

const MeasureKind shapeKind{"shape", ZOKRAN_WORDS("Negative shape"),
                            ZOKRAN_WORDS("What shape does the space beside the head make?"), 0,
                            readShape};

} // namespace zokran
