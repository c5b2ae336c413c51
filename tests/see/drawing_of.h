#pragma once

#include <opencv2/core.hpp>

namespace zokran::test {

/// Drawing-like versions of a grey photograph, by filters that share no code with the program.
enum class DrawingFilter { Dodged, ThickLines };
cv::Mat drawingOf(const cv::Mat& grey, DrawingFilter filter);

/// The picture with what lies round `at` moved by `by` (px): fully within `core` px, not at all beyond `reach`.
cv::Mat withMoved(const cv::Mat& picture, const cv::Point2d& at, const cv::Point2d& by, double core, double reach);

} // namespace zokran::test
