#pragma once

namespace cv {
class Mat;
}

namespace zokran {

/// Linear luminance, 0 to 1, one channel of float, of an 8-bit picture (sRGB; one, three or four channels, blue first).
cv::Mat luminanceOf(const cv::Mat& picture);
/// Its lightness (CIE 1976 L*, 0 to 100), likewise.
cv::Mat lightnessOf(const cv::Mat& picture);

} // namespace zokran
