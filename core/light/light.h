#pragma once

#include "core/fit/fit.h"
#include "core/light/depth_buffer.h"

#include <optional>

namespace cv {
class Mat;
}

namespace zokran {

/// A light as read off a photograph.
struct LightReading {
    LightDirection from;
    Radians sigma;       ///< one standard deviation of the direction
    double explained = 0; ///< share of the face's differences in tone that the light accounts for
    /// Where one light alone does not explain the face: another, at least 50° from it.
    std::optional<SecondLight> second = {};
};

/// Reads the light off a photograph (8-bit, blue green red) of a fitted head: of all directions the
/// one whose Lambert shading of the bent average skin, with some light from everywhere, explains the
/// tones of the face best; cast shadows, brows and beards are weighed down (Huber). Nothing where
/// the light is too flat, or the face too small, to tell.
std::optional<LightReading> readLight(const cv::Mat& photograph, const Fit& fit);

/// The form alone shaded by one light in `steps` values (2 to 10, or 0 for all), 8-bit grey, as large
/// as the fit's picture: ball, sliced sides and skin; the ground is mid-grey. The light is that of
/// `Shading`.
cv::Mat shadedForm(const Fit& fit, const LightDirection& light, int steps);

} // namespace zokran
