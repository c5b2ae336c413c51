#pragma once

#include "core/base/points.h"

#include <algorithm>

namespace zokran {

/// The part of a photograph that is looked at; the rest stays where it is, so that the lens's axis is still
/// the photograph's middle. Frame: px of the photograph.
struct Framing {
    PhotoPoint low, high; ///< its top-left and bottom-right corner
    bool operator==(const Framing&) const = default;
};

/// Brought into a photograph of this size and to at least `least` px each way, its corners in order.
inline Framing within(const Framing& f, double width, double height, double least = 32) {
    Framing in{f.low.cwiseMin(f.high), f.low.cwiseMax(f.high)};
    const PicturePoint size(width, height);
    for (int axis = 0; axis < 2; ++axis) {
        const double room = std::min(least, size[axis]);
        in.low[axis] = std::clamp(in.low[axis], 0.0, size[axis] - room);
        in.high[axis] = std::clamp(in.high[axis], in.low[axis] + room, size[axis]);
    }
    return in;
}

} // namespace zokran
