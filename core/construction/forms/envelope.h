#pragma once

#include "core/base/points.h"

#include <vector>

namespace zokran {

/// The smallest convex polygon round some points (Andrew's monotone chain, 1979), without its first
/// point a second time.
std::vector<PicturePoint> convexHull(std::vector<PicturePoint> points);

/// A polygon of `straights` edges round a convex one: from the hull's own edges those are left out
/// one after another whose going adds least, a sharp corner counting for more than its area, so that
/// with each further straight the envelope lies closer. Fewer come back when the hull has no more.
std::vector<PicturePoint> envelopeOf(const std::vector<PicturePoint>& hull, int straights);

/// The area a polygon encloses, px².
double areaOf(const std::vector<PicturePoint>& polygon);

} // namespace zokran
