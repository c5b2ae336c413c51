#pragma once

#include "core/measure/kinds.h"

namespace zokran {

/// What several ways of measuring share.

/// Of a way in the picture against level, degrees in (-90, 90]: above zero it rises to the right.
double slopeOf(const PicturePoint& way);

/// The line through a place along a way, as far as the picture reaches.
std::vector<PicturePoint> acrossPicture(const MeasureGround& ground, const PicturePoint& through,
                                        const PicturePoint& way);

/// The marks that a line through `through` along `way` passes within a unit and a half, the nearest
/// first; above zero a mark lies to the right as one walks along it.
std::vector<Pass> passesOf(const MeasureGround& ground, const PicturePoint& through,
                           const PicturePoint& way);

} // namespace zokran
