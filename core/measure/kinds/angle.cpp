#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <cmath>

namespace zokran {

namespace {

Reading readAngle(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Angle;
    const PicturePoint way = g.ends[1] - g.ends[0];
    r.value = slopeOf(way);
    r.lines.push_back({g.ends[0], g.ends[1]});
    // Level from its left end, as a pencil is held against it.
    const PicturePoint left = way.x() >= 0 ? g.ends[0] : g.ends[1];
    r.lines.push_back({left, left + PicturePoint(std::abs(way.norm()) * 0.8, 0)});
    const PicturePoint right = way.x() >= 0 ? g.ends[1] : g.ends[0];
    r.labelAt = right + 0.5 * g.unit * (right - left).normalized();
    return r;
}

} // namespace

const MeasureKind angleKind{"angle", ZOKRAN_WORDS("Angle to level"),
                            ZOKRAN_WORDS("How steep is this line?"), 2, readAngle};

} // namespace zokran
