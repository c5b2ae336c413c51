#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include <opencv2/core.hpp>

namespace zokran {

/// How strongly edges of four directions run through each pixel of a grey picture (8 bits): gradients of the
/// logarithm, so that light and paper drop out, their magnitude made even in each neighbourhood, shared among four
/// channels by direction (modulo 180 degrees) and blurred by `blur` px. Four channels of 32-bit floats, 0 to 1.
cv::Mat orientedEdges(const cv::Mat& grey, double blur);

/// The picture as a pencil would put it: lines where it changes, paper elsewhere (grey, 8 bits). `thickness`: px.
cv::Mat pencilLines(const cv::Mat& grey, double thickness);

/// Dodged: the picture divided by its blurred self, which leaves lines and half-tones (grey, 8 bits).
cv::Mat dodged(const cv::Mat& grey, double blur);

} // namespace zokran
