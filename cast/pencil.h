#pragma once

#include <opencv2/core.hpp>

namespace zokran {

/// How a hand draws.
struct Hand {
    double confidence = 0.6; ///< 0: short, searching, restated strokes; 1: long single ones
    double pressure = 1;
};

/// Goes over lines with pencil strokes: the ridges of `lines` (0 to 1, how strongly a draughtsman
/// would put a line) are followed and cut into strokes, each drawn with a pressure that swells and
/// lifts, a little off where it should be, and the doubtful ones more than once. Adds to
/// `graphite`. `unit` is a thousandth of the sheet's height in px.
void drawStrokes(const cv::Mat1f& lines, const Hand& hand, double unit, cv::RNG& rng,
                 cv::Mat1f& graphite);

} // namespace zokran
