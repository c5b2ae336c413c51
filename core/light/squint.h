#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// A picture as half-shut eyes see it: blurred over `blur` of its longer side and brought to `values`
/// tones equally apart in lightness (CIE 1976 L*; 2 to 10), grey. 8-bit; one, three or four channels,
/// blue first. Throws BadInput for another number of values.
cv::Mat squinted(const cv::Mat& picture, int values, double blur = 0.012);

/// A line drawing as half-shut eyes see it: there is no tone in it, but where its lines crowd they run together to darks.
/// Against the paper round each place, blurred by `sigma`, then brought to `values` tones (2 to 10) from its own darkest
/// hundredth to bare paper. 8-bit; one, three or four channels, blue first; grey. Throws BadInput for another number of
/// values.
cv::Mat squintedLines(const cv::Mat& picture, Pixels sigma, int values);

/// A head in a picture, for squinting at it: its size, and the lightness (L*, 0 to 100) of its darkest and lightest.
struct SquintScale {
    Pixels radius;          ///< of the ball
    double dark = 0, light = 100;
};
/// Reads it off the pixels where `mask` (8-bit, same size) is not 0.
SquintScale squintScaleOf(const cv::Mat& picture, const cv::Mat& mask, Pixels radius);

/// The same by the head's own size and its own range of lightness, as clean shapes: edges are kept, small patches join
/// what they lie in, and what is as large as a nostril stays. 8-bit; one, three or four channels, blue first; grey.
cv::Mat squintedShapes(const cv::Mat& picture, const SquintScale& scale, int values);

/// The borders between the values of a squinted picture, as smooth lines to copy or trace, px of it; what runs along the
/// picture's own edge is none. `radius`: of the ball.
std::vector<std::vector<PicturePoint>> shapeOutlines(const cv::Mat& squinted, Pixels radius);

} // namespace zokran
