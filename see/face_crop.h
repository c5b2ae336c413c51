#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include "core/base/points.h"
#include "core/base/units.h"

#include <opencv2/core.hpp>

namespace zokran {

/// A square of a picture, turned: what a network is shown.
struct FaceCrop {
    PicturePoint centre{0, 0};
    Pixels side;
    Radians turned; ///< from the picture's x axis to the square's, clockwise as seen

    /// A place in the square, from (0, 0) at its top-left corner to (1, 1), in the picture.
    PicturePoint toPicture(const Eigen::Vector2d& inSquare) const;
};

/// Fills `size` by `size` px with the square, three channels of 8 bits. What is larger by more than two is averaged
/// first, so that nothing is skipped. Beyond the picture's edge its border is repeated, or is black.
cv::Mat sample(const cv::Mat& picture, const FaceCrop& crop, int size, bool blackBeyond = false);

/// The square turned like the line from the sitter's right eye to the left one, round all `points`, `enlarged` times
/// their box's longer side.
template <class Points>
FaceCrop cropRound(const Points& points, const PicturePoint& rightEye, const PicturePoint& leftEye, double enlarged) {
    const PicturePoint across = (leftEye - rightEye).normalized(), down(-across.y(), across.x());
    Eigen::Vector2d low(1e300, 1e300), high(-1e300, -1e300);
    for (const PicturePoint& p : points) {
        const Eigen::Vector2d at(p.dot(across), p.dot(down));
        low = low.cwiseMin(at);
        high = high.cwiseMax(at);
    }
    const Eigen::Vector2d middle = (low + high) / 2;
    return {middle.x() * across + middle.y() * down,
            {enlarged * (high - low).maxCoeff()},
            {std::atan2(across.y(), across.x())}};
}

} // namespace zokran
