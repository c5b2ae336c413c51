#include "core/practice/before_after.h"

#include <algorithm>
#include <cmath>

namespace zokran {

Change changeBetween(const Drawing& before, const Drawing& after) {
    Change change;
    change.distanceBefore = before.distance();
    change.distanceAfter = after.distance();
    // The turn alone: it is what hands straighten first.
    const auto straightened = [](const Drawing& d) { return abs(d.seen.turn) - abs(d.asDrawn.turn); };
    change.straightenedBefore = straightened(before);
    change.straightenedAfter = straightened(after);
    const auto has = [](const std::vector<std::string>& list, const std::string& id) {
        return std::find(list.begin(), list.end(), id) != list.end();
    };
    for (const std::string& id : before.toMend)
        (has(after.toMend, id) ? change.stayed : change.gone).push_back(id);
    for (const std::string& id : after.toMend)
        if (!has(before.toMend, id))
            change.fresh.push_back(id);
    return change;
}

} // namespace zokran
