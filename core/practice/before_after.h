#pragma once

#include "core/practice/drawing.h"

namespace zokran {

/// What changed from one drawing to a later one, of any two heads.
struct Change {
    /// The mean distance of the marks from where they belong, % of the head's height; nothing where one of the
    /// drawings has none.
    std::optional<double> distanceBefore, distanceAfter;
    /// How far the head was drawn towards facing straight, above zero, or away from it.
    Radians straightenedBefore, straightenedAfter;
    std::vector<std::string> gone, stayed, fresh; ///< ids of findings worth mending
};

/// `before` and `after` in the order they were drawn.
Change changeBetween(const Drawing& before, const Drawing& after);

} // namespace zokran
