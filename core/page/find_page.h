#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

#include <array>
#include <optional>

namespace cv {
class Mat;
}

namespace zokran {

/// The size of a sheet of paper, upright or lying.
struct PaperSize {
    Millimetres width, height;
    bool operator==(const PaperSize&) const = default;
};

/// A sheet by its name (A0 to A6, letter, legal, tabloid, imperial, half-imperial, quarter-imperial;
/// with "-landscape" lying on its side) or as "WxH" in millimetres. Throws BadInput with the names
/// there are. A sizes: ISO 216; the American ones: ANSI/ASME Y14.1; imperial 22 by 30 inches, common
/// practice.
PaperSize paperNamed(std::string_view name);

/// The corners of a sheet in a photograph, from its top-left corner clockwise, px. They may lie
/// outside the picture.
using PageCorners = std::array<SketchPoint, 4>;

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

/// The homography that carries pixels of the photograph to millimetres of the sheet.
Eigen::Matrix3d toPaper(const PageCorners& corners, const PaperSize& paper);

/// Whether the sheet lies on its side in the picture, judged from its corners.
PaperSize turnedLike(const PageCorners& corners, PaperSize paper);

/// The sheet as a flat picture, `perPixel` large, photographed light evened out when asked.
cv::Mat rectified(const cv::Mat& photograph, const PageCorners& corners, const PaperSize& paper,
                  MillimetresPerPixel perPixel);

} // namespace zokran
