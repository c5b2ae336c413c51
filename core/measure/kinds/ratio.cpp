#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

Reading readRatio(const MeasureContext& g) {
    Reading r;
    r.unit = ReadingUnit::Share;
    r.value = (g.ends[1] - g.ends[0]).norm() / (g.ends[3] - g.ends[2]).norm();
    r.lines = {{g.ends[0], g.ends[1]}, {g.ends[2], g.ends[3]}};
    r.labelAt = (g.ends[1] + g.ends[2]) / 2;
    return r;
}

} // namespace

const MeasureKind ratioKind{"ratio", ZOKRAN_WORDS("Ratio of lengths"),
                            ZOKRAN_WORDS("How does this length go into that one?"), 4, readRatio};

} // namespace zokran
