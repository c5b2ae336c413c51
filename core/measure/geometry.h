#pragma once

#include "core/measure/kinds.h"

namespace zokran {

/// What several ways of measuring share.

/// Of a way in the picture against level, degrees in (-90, 90]: above zero it rises to the right.
double slopeOf(const PicturePoint& way);

/// The line through a place along a way, as far as the picture reaches.
std::vector<PicturePoint> acrossPicture(const MeasureContext& context, const PicturePoint& through, const PicturePoint& way);

/// How a line through `through` along `way` passes every mark seen but its own ends, the nearest first;
/// above zero a mark lies to the right as one walks along it.
std::vector<Clearance> clearancesOf(const MeasureContext& context, const PicturePoint& through, const PicturePoint& way);

/// How far every mark seen lies from a spot, the nearest first.
std::vector<Clearance> clearancesOfSpot(const MeasureContext& context, const PicturePoint& spot);

/// The angle at `at` between the ways to `a` and to `b`, degrees in [0, 180].
double cornerAt(const PicturePoint& at, const PicturePoint& a, const PicturePoint& b);

} // namespace zokran
