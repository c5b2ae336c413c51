#include "app/document/carried_marks.h"

#include <cmath>

namespace zokran {

namespace {

/// How well two photographs of one page lie over each other once both are flat.
constexpr Millimetres pageNoise{1};
/// Of a mark that is not found again, so that it is looked at.
constexpr Millimetres unseenNoise{5};
/// Marks further apart than this many deviations have been moved.
constexpr double moved = 2.5;

} // namespace

MarkSheet carriedMarks(const Sketch& before, const Sketch& now, const MarkSheet& found) {
    if (!before.page.flat || !now.page.flat || before.marks.width <= 0)
        return found;
    const double larger = static_cast<double>(now.marks.width) / before.marks.width;
    const double perMillimetre = now.marks.width / now.page.flat->paper.width.value;
    MarkSheet carried = found;
    for (int i = 0; i < markCount; ++i) {
        const auto& old = before.marks.marks[markAt(i)];
        auto& here = carried.marks[markAt(i)];
        if (!old || old->suggested)
            continue;
        if (!old->usable()) {
            if (!here)
                here = old;
            continue;
        }
        const PicturePoint at = larger * *old->at;
        if (!here || !here->at) {
            here = PlacedMark{at, false, true, Pixels{unseenNoise.value * perMillimetre}};
            continue;
        }
        const double noise = std::hypot(here->noise.value_or(Pixels{0}).value, pageNoise.value * perMillimetre);
        if ((at - *here->at).norm() < moved * noise)
            here = PlacedMark{at, false};
    }
    return carried;
}

} // namespace zokran
