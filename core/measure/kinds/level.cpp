#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

/// The number is how far the line misses the nearest mark.
Reading readLevel(const MeasureGround& g) {
    Reading r;
    const PicturePoint way = PicturePoint(1, 0);
    r.lines.push_back(acrossPicture(g, g.ends[0], way));
    r.passes = passesOf(g, g.ends[0], way);
    r.value = r.passes.empty() ? 0 : r.passes.front().by;
    r.labelAt = r.lines[0][0]; // at the edge, clear of the face
    return r;
}

} // namespace

const MeasureKind levelKind{"level", ZOKRAN_WORDS("Level line"), ZOKRAN_WORDS("What lies level with this?"), 1, readLevel};

} // namespace zokran
