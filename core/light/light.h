#pragma once

#include "core/construction/solid.h"
#include "core/fit/fit.h"

#include <optional>

namespace cv {
class Mat;
}

namespace zokran {

/// Where the light comes from, against the line of sight to the head: azimuth + = from the viewer's
/// right, elevation + = from above, 0/0 = from the viewer.
struct LightDirection {
    Radians azimuth, elevation;
};

/// The unit vector towards the light; sight axes: x right, y up, z to the viewer.
Eigen::Vector3d towardsLight(const LightDirection& light);
LightDirection lightFrom(const Eigen::Vector3d& towards);

/// A light as read off a photograph.
struct LightReading {
    LightDirection from;
    Radians sigma;       ///< one standard deviation of the direction
    double explained = 0; ///< share of the face's differences in tone that one light accounts for
};

/// Reads the light off a photograph (8-bit, blue green red) of a fitted head: of all directions the
/// one whose Lambert shading of the bent average skin, with some light from everywhere, explains the
/// tones of the face best; cast shadows, brows and beards are weighed down (Huber). Nothing where
/// the light is too flat, or the face too small, to tell.
std::optional<LightReading> readLight(const cv::Mat& photograph, const Fit& fit);

/// The form alone shaded by one light in `steps` values (2 to 10, or 0 for all), 8-bit grey, as large
/// as the fit's picture: ball, sliced sides and skin; the ground is mid-grey. Lambert's law with a
/// tenth of the light from everywhere, light values equal in lightness (CIE 1976 L*).
cv::Mat shadedForm(const Fit& fit, const LightDirection& light, int steps);

} // namespace zokran
