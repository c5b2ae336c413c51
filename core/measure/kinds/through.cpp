#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

/// A line right across the picture; the number is how far it misses the nearest mark. `way` is the one
/// to whose right hand misses count above zero.
Reading readThrough(const MeasureContext& g, const PicturePoint& way) {
    Reading r;
    r.lines.push_back(acrossPicture(g, g.ends[0], way.cwiseAbs()));
    r.clearances = clearancesOf(g, g.ends[0], way);
    r.value = r.clearances.empty() ? 0 : r.clearances.front().by;
    r.labelAt = r.lines[0][0]; // at the edge, clear of the face
    return r;
}

Reading readLevel(const MeasureContext& g) {
    return readThrough(g, {1, 0});
}

Reading readPlumb(const MeasureContext& g) {
    return readThrough(g, {0, -1});
}

} // namespace

const MeasureKind levelKind{"level", ZOKRAN_WORDS("Level line"),
                            ZOKRAN_WORDS("What lies level with this?"), 1, readLevel, false};
const MeasureKind plumbKind{"plumb", ZOKRAN_WORDS("Plumb line"),
                            ZOKRAN_WORDS("What stands under or over this?"), 1, readPlumb, false};

} // namespace zokran
