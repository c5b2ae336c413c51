#pragma once

#include <opencv2/core.hpp>
#include <string>
#include <vector>

namespace zokran {

/// How a hand draws.
struct Hand {
    std::string id = "steady";
    double confidence = 0.65; ///< 0: short, searching, restated strokes; 1: long single ones
    double pressure = 1;
    double shading = 0.7; ///< how much it hatches, 0 to 1
};

/// The hands there are, from timid to bold.
const std::vector<Hand>& hands();
/// The hand with this id. Throws BadInput listing those there are.
const Hand& handNamed(const std::string& id);

/// Goes over lines with pencil strokes: the ridges of `lines` (0 to 1, how strongly a draughtsman
/// would put a line) are followed and cut into strokes, each drawn with a pressure that swells and
/// lifts, a little off where it should be, and the doubtful ones more than once. Adds to
/// `graphite`. `unit` is a thousandth of the sheet's height in px.
void drawStrokes(const cv::Mat1f& lines, const Hand& hand, double unit, cv::RNG& rng,
                 cv::Mat1f& graphite);

/// Hatches a tone: `lightness` (CIE 1976 L*, 0 to 100) comes out so in the mean over a few strokes, its share of
/// graphite (luminance `darkest`, bare paper `paper`) as strokes that lie one beside another.
cv::Mat1f hatchedTone(const cv::Mat1f& lightness, double spacing, double paper, double darkest, cv::RNG& rng);

} // namespace zokran
