#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

Reading readAngles(const MeasureGround& g) {
    Reading r;
    r.unit = ReadingUnit::Angle;
    const PicturePoint one = (g.ends[1] - g.ends[0]).normalized(),
                       other = (g.ends[3] - g.ends[2]).normalized();
    const double cosine = std::clamp(std::abs(one.dot(other)), 0.0, 1.0);
    r.value = std::acos(cosine) * 180 / std::numbers::pi;
    r.lines = {{g.ends[0], g.ends[1]}, {g.ends[2], g.ends[3]}};
    r.labelAt = (g.ends[1] + g.ends[3]) / 2;
    return r;
}

} // namespace

const MeasureKind anglesKind{"angles", ZOKRAN_WORDS("Between two lines"),
                             ZOKRAN_WORDS("How do these two lines run against one another?"), 4,
                             readAngles};

} // namespace zokran
