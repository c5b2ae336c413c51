#include "core/page/luminance.h"

#include "core/base/tone.h"

#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

template <class OfCode>
cv::Mat byTable(const cv::Mat& picture, OfCode ofCode) {
    cv::Mat grey = picture;
    if (picture.channels() > 1)
        cv::cvtColor(picture, grey, picture.channels() == 4 ? cv::COLOR_BGRA2GRAY : cv::COLOR_BGR2GRAY);
    cv::Mat1f table(1, 256);
    cv::Mat result;
    for (int i = 0; i < 256; ++i)
        table(i) = static_cast<float>(ofCode(i / 255.0));
    cv::LUT(grey, table, result);
    return result;
}

} // namespace

cv::Mat luminanceOf(const cv::Mat& picture) {
    return byTable(picture, [](double code) { return linearOfDisplay(code); });
}

cv::Mat lightnessOf(const cv::Mat& picture) {
    return byTable(picture, [](double code) { return lightnessOfLinear(linearOfDisplay(code)); });
}

} // namespace zokran
