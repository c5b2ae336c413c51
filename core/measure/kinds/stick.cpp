#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>

namespace zokran {

namespace {

/// A length in units, stepped along: a long tick at each whole, a short one at each half, a dash to one side at each
/// third, and how many it is so far.
Reading readStick(const MeasureContext& g) {
    Reading r;
    const PicturePoint way = g.ends[1] - g.ends[0], along = way.normalized(),
                       side(-along.y(), along.x());
    r.value = Pixels{way.norm()} / g.unit;
    r.lines.push_back({g.ends[0], g.ends[1]});
    constexpr int mostTicks = 60;
    const int halves = static_cast<int>(2 * r.value + 1e-9);
    for (int i = 0; i <= std::min(halves, mostTicks); ++i) {
        const PicturePoint at = g.ends[0] + i * g.unit / 2 * along;
        const double half = (i % 2 ? 0.08 : 0.16) * g.unit.value;
        r.lines.push_back({at - half * side, at + half * side});
        if (i > 0 && i % 2 == 0)
            r.numbers.push_back({at - 0.35 * g.unit * side, std::to_string(i / 2)});
    }
    const int thirds = static_cast<int>(3 * r.value + 1e-9);
    for (int i = 1; i <= std::min(thirds, mostTicks); ++i)
        if (i % 3) {
            const PicturePoint at = g.ends[0] + i * g.unit / 3 * along;
            r.lines.push_back({at, at + 0.06 * g.unit * side});
        }
    r.labelAt = g.ends[1] + 0.5 * g.unit * along;
    return r;
}

} // namespace

const MeasureKind stickKind{"stick", ZOKRAN_WORDS("Unit stick"),
                            ZOKRAN_WORDS("How many eyes is it from here to there?"), 2, readStick};

} // namespace zokran
