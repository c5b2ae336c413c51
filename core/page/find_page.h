#pragma once

#include "core/page/rectify.h"

#include <optional>

namespace cv {
class Mat;
}

namespace zokran {

/// A sheet found in a photograph.
struct FoundPage {
    PageCorners corners;
    double sure = 0; ///< 0 to 1; below a half it is only a guess to be looked over
};

/// Looks for a sheet of paper in a photograph (8-bit, one or three channels): bright against what it
/// lies on, or with edges that run all round it. Nothing when there is none to be seen.
///
/// Candidate edges come from the brightness's and the colour's gradients, lines from Hough's
/// transform; four of them are taken whose whole length lies on edges with the paper inside, and each
/// is then drawn through the gradient's own ridge (least squares, outliers weighed down).
std::optional<FoundPage> findPage(const cv::Mat& photograph);

} // namespace zokran
