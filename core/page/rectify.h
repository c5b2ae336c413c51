#pragma once

#include "core/page/page.h"

#include <Eigen/Core>

namespace cv {
class Mat;
}

namespace zokran {

/// The homography that carries pixels of the photograph to millimetres of the sheet. Throws BadInput
/// where the corners make no sheet.
Eigen::Matrix3d toPaper(const PageCorners& corners, const PaperSize& paper);

/// Whether the sheet lies on its side in the picture, judged from its corners.
PaperSize turnedLike(const PageCorners& corners, PaperSize paper);

/// The sheet's width over its height, from its corners in a photograph of this size; the lens looks at
/// the photograph's middle. `focal`: from its lens data, or else that of a phone, 0.75 of the longer
/// side. The columns of the sheet's homography, freed of the camera, are as long as its sides (Zhang,
/// A flexible new technique for camera calibration, 2000).
double aspectOf(const PageCorners& corners, Pixels width, Pixels height,
                std::optional<Pixels> focal = {});

/// Millimetres to a pixel when the flat sheet keeps about as many pixels as the photograph shows of it;
/// no side has more than 12,000 px.
MillimetresPerPixel finenessOf(const PageCorners& corners, const PaperSize& paper);

/// The sheet as a flat picture, `perPixel` large.
cv::Mat rectified(const cv::Mat& photograph, const PageCorners& corners, const PaperSize& paper,
                  MillimetresPerPixel perPixel);

/// The size of the flat picture at its own fineness: width and height, px.
std::array<int, 2> flatSize(const PageRectification& flat);

/// The homography that carries pixels of the photograph to pixels of that flat picture.
Eigen::Matrix3d toFlat(const PageRectification& flat);

/// The flat picture, with the light evened where that is wished for.
cv::Mat laidFlat(const cv::Mat& photograph, const PageRectification& flat);

/// Evens the light on a drawing and strengthens its pencil: each place is seen against the bare paper
/// round it, which is the brightest there is within a fifteenth of the picture's longer side (a grey
/// closing, then a blur). On toned paper with white chalk (`paperToneOf`) the paper keeps its tone, and the chalk is
/// white. 8-bit, one or three channels.
cv::Mat evenedLight(const cv::Mat& drawing, PaperChoice choice = PaperChoice::AsItShows);

} // namespace zokran
