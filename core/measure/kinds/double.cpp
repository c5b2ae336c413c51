#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

/// A distance laid on once more from its second end; the number is how far from the nearest mark the
/// laid-on end falls.
Reading readDoubled(const MeasureContext& g) {
    Reading r;
    const PicturePoint way = g.ends[1] - g.ends[0], landing = g.ends[1] + way;
    const PicturePoint side = 0.16 * g.unit * PicturePoint(-way.y(), way.x()).normalized();
    r.lines = {{g.ends[0], landing}};
    for (const PicturePoint& at : {g.ends[0], g.ends[1], landing})
        r.lines.push_back({at - side, at + side});
    r.spot = true;
    r.clearances = clearancesOfSpot(g, landing);
    r.value = r.clearances.empty() ? 0 : r.clearances.front().by;
    r.labelAt = landing + 0.5 * g.unit * way.normalized();
    return r;
}

} // namespace

const MeasureKind doubleKind{"double", ZOKRAN_WORDS("Laid on again"),
                             ZOKRAN_WORDS("Where does this distance end, laid on once more?"), 2,
                             readDoubled, false};

} // namespace zokran
