#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <numbers>

namespace zokran {

namespace {

double cornerAt(const PicturePoint& at, const PicturePoint& a, const PicturePoint& b) {
    const double cosine = (a - at).normalized().dot((b - at).normalized());
    return std::acos(std::clamp(cosine, -1.0, 1.0)) * 180 / std::numbers::pi;
}

/// The number is the angle at the first end; that at the second stands there.
Reading readTriangle(const MeasureGround& g) {
    Reading r;
    r.unit = ReadingUnit::Angle;
    const PicturePoint &a = g.ends[0], &b = g.ends[1], &p = g.ends[2];
    r.value = cornerAt(a, b, p);
    r.lines = {{a, b}, {a, p}, {b, p}};
    r.numbers.push_back({b + 0.2 * (p - b), fmt::format("{:.0f}°", cornerAt(b, a, p))});
    r.labelAt = a + 0.2 * (p - a);
    return r;
}

} // namespace

const MeasureKind triangleKind{"triangle", ZOKRAN_WORDS("Third point"),
                               ZOKRAN_WORDS("At which two angles does the third point stand?"), 3,
                               readTriangle};

} // namespace zokran
