#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>

namespace zokran {

namespace {

Reading readAngles(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Angle;
    const double between = cornerAt({0, 0}, g.ends[1] - g.ends[0], g.ends[3] - g.ends[2]);
    r.value = std::min(between, 180 - between); // a line has no beginning
    r.lines = {{g.ends[0], g.ends[1]}, {g.ends[2], g.ends[3]}};
    r.labelAt = (g.ends[1] + g.ends[3]) / 2;
    return r;
}

} // namespace

const MeasureKind anglesKind{"angles", ZOKRAN_WORDS("Between two lines"),
                             ZOKRAN_WORDS("How do these two lines run against one another?"), 4,
                             readAngles};

} // namespace zokran
