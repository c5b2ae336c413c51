#include "app/document/carried_marks.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// How well two photographs of one page lie over each other once both are flat.
constexpr Millimetres pageNoise{1};
/// Of a mark that is not found again, so that it is looked at.
constexpr Millimetres unseenNoise{5};
/// Marks further apart than this many deviations have been moved.
constexpr double moved = 2.5;
/// A line is taken to have moved with a mark that is this near to it, as a share of the box round the marks.
constexpr double besideLine = 0.15;

/// Carries one mark; true where it was found to have moved.
bool carry(const std::optional<PlacedMark>& old, std::optional<PlacedMark>& here, double larger, MillimetresPerPixel perPixel) {
    if (!old || old->suggested)
        return false;
    if (!old->usable()) {
        if (!here)
            here = old;
        return false;
    }
    const PicturePoint at = larger * *old->at;
    if (!here || !here->at) {
        here = PlacedMark{at, false, true, unseenNoise / perPixel};
        return false;
    }
    const Pixels noise = hypot(here->noise.value_or(Pixels{0}), pageNoise / perPixel);
    if (Pixels{(at - *here->at).norm()} >= moved * noise)
        return true;
    here = PlacedMark{at, false};
    return false;
}

} // namespace

MarkSheet carriedMarks(const Sketch& before, const Sketch& now, const MarkSheet& found) {
    if (!before.page.flat || !now.page.flat || before.marks.width <= 0)
        return found;
    const double larger = static_cast<double>(now.marks.width) / before.marks.width;
    const MillimetresPerPixel perPixel = now.page.flat->paper.width / Pixels{1.0 * now.marks.width};
    MarkSheet carried = found;
    std::vector<PicturePoint> stayed, gone;
    const auto carryAll = [&](const auto& from, auto& to) {
        auto here = to.begin();
        for (auto old = from.begin(); old != from.end(); ++old, ++here) {
            const bool wasSuggested = !*here || (*here)->suggested;
            if (carry(*old, *here, larger, perPixel))
                gone.push_back(larger * *(*old)->at);
            else if (wasSuggested && *here && (*here)->usable() && !(*here)->suggested)
                stayed.push_back(*(*here)->at);
        }
    };
    carryAll(before.marks.marks, carried.marks);
    carryAll(before.marks.expression, carried.expression);

    // Lines stay where the drawing has not moved about them.
    if (stayed.empty() || gone.size() > stayed.size())
        return carried;
    PicturePoint low = stayed.front(), high = low;
    for (const auto* list : {&stayed, &gone})
        for (const PicturePoint& p : *list) {
            low = low.cwiseMin(p);
            high = high.cwiseMax(p);
        }
    const double near = besideLine * (high - low).norm();
    for (DrawnLine line : allDrawnLines) {
        std::vector<PicturePoint> at = before.marks.lines[line];
        for (PicturePoint& p : at)
            p *= larger;
        const bool hasMoved = std::any_of(at.begin(), at.end(), [&](const PicturePoint& p) {
            return std::any_of(gone.begin(), gone.end(), [&](const PicturePoint& g) { return (g - p).norm() < near; });
        });
        if (!hasMoved && !carried.lines.has(line))
            carried.lines[line] = std::move(at);
    }
    return carried;
}

} // namespace zokran
