#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

/// The number is how far the line, drawn on, misses the nearest mark.
Reading readProlonged(const MeasureContext& g) {
    Reading r;
    const PicturePoint way = g.ends[1] - g.ends[0];
    r.lines = {{g.ends[0], g.ends[1]}, acrossPicture(g, g.ends[0], way)};
    r.clearances = clearancesOf(g, g.ends[0], way);
    r.value = r.clearances.empty() ? 0 : r.clearances.front().by;
    r.labelAt = r.lines[1][0]; // at the edge, clear of the face
    return r;
}

} // namespace

const MeasureKind prolongKind{"prolong", ZOKRAN_WORDS("Prolonged line"),
                              ZOKRAN_WORDS("Where would this line land?"), 2, readProlonged, false};

} // namespace zokran
