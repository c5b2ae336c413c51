#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <fmt/format.h>

namespace zokran {

namespace {

/// The number is the angle at the first end; that at the second stands there.
Reading readTriangle(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Angle;
    const PicturePoint &a = g.ends[0], &b = g.ends[1], &p = g.ends[2];
    r.value = cornerAt(a, b, p);
    r.lines = {{a, b}, {a, p}, {b, p}};
    const double other = cornerAt(b, a, p);
    r.secondary.push_back({"at_b", ZOKRAN_WORDS("at the other end"), other, 0, ReadingUnit::Angle});
    r.numbers.push_back({b + 0.2 * (p - b), fmt::format("{:.0f}°", other)});
    r.labelAt = a + 0.2 * (p - a);
    return r;
}

} // namespace

const MeasureKind triangleKind{"triangle", ZOKRAN_WORDS("Third point"),
                               ZOKRAN_WORDS("At which two angles does the third point stand?"), 3,
                               readTriangle};

} // namespace zokran
