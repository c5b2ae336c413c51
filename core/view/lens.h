#pragma once

#include "core/base/units.h"

namespace zokran {

/// A lens as people name it: the focal length that gives the same angle of view on a frame of 36 by
/// 24 mm. The equivalence is of the diagonals, 43.27 mm (CIPA DCG-001, from memory), whatever the
/// shape of the picture.
inline constexpr Millimetres fullFrameDiagonal{43.27};

/// The focal length in pixels of an uncropped picture `width` by `height` px taken through the
/// lens.
Pixels focalOf(Millimetres equivalent, Pixels width, Pixels height);

/// The other way round.
Millimetres equivalentOf(Pixels focal, Pixels width, Pixels height);

} // namespace zokran
