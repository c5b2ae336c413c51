#pragma once

namespace cv {
class Mat;
}

namespace zokran {

/// A picture as half-shut eyes see it: blurred over `blur` of its longer side and brought to `values`
/// tones equally apart in lightness (CIE 1976 L*; 2 to 10), grey. 8-bit; one, three or four channels,
/// blue first. Throws BadInput for another number of values.
cv::Mat squinted(const cv::Mat& picture, int values, double blur = 0.012);

} // namespace zokran
