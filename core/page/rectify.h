#pragma once

#include "core/base/points.h"
#include "core/page/paper.h"

#include <Eigen/Core>
#include <array>

namespace cv {
class Mat;
}

namespace zokran {

/// The corners of a sheet in a photograph, from its top-left corner clockwise, px. They may lie
/// outside the picture.
using PageCorners = std::array<SketchPoint, 4>;

/// The homography that carries pixels of the photograph to millimetres of the sheet.
Eigen::Matrix3d toPaper(const PageCorners& corners, const PaperSize& paper);

/// Whether the sheet lies on its side in the picture, judged from its corners.
PaperSize turnedLike(const PageCorners& corners, PaperSize paper);

/// The sheet as a flat picture, `perPixel` large.
cv::Mat rectified(const cv::Mat& photograph, const PageCorners& corners, const PaperSize& paper,
                  MillimetresPerPixel perPixel);

} // namespace zokran
