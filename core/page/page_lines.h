#pragma once

#include <Eigen/Core>
#include <opencv2/core.hpp>
#include <optional>
#include <vector>

namespace zokran {

/// A straight line n · p = d of the picture with a unit normal, px.
struct PageLine {
    Eigen::Vector2d n;
    double d;
    double at(const Eigen::Vector2d& p) const { return n.dot(p) - d; }
};

/// Where two lines meet; nothing where they run nearly alike.
std::optional<Eigen::Vector2d> meeting(const PageLine& a, const PageLine& b);

/// A photograph brought to a handy size, and its edges: of lightness and of two planes of colour the
/// strongest gradient at each place.
struct PageFeatures {
    cv::Mat1f lightness, a, b; ///< CIE 1976 L*a*b*
    cv::Mat1f strength, dx, dy;
    double scale; ///< px of these pictures to one of the photograph
};
PageFeatures edgeFeatures(const cv::Mat& photograph);

/// Straight edges (the line segment detector of von Gioi and others, 2012), pieces in one line taken
/// together, the longest first.
std::vector<PageLine> candidateLines(const PageFeatures& features);

} // namespace zokran
