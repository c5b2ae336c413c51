#include "core/light/squint.h"

#include "core/base/errors.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

cv::Mat squinted(const cv::Mat& picture, int values, double blur) {
    if (values < 2 || values > 10)
        throw BadInput("a picture is squinted at in 2 to 10 values");
    cv::Mat grey;
    if (picture.channels() == 1)
        grey = picture.clone();
    else
        cv::cvtColor(picture, grey,
                     picture.channels() == 4 ? cv::COLOR_BGRA2GRAY : cv::COLOR_BGR2GRAY);
    const double sigma = blur * std::max(grey.cols, grey.rows);
    if (sigma > 0.3)
        cv::GaussianBlur(grey, grey, {}, sigma);
    // From sRGB's grey to lightness, there to the middle of its step, and back; by a table.
    const auto lightness = [](double code) {
        const double c = code / 255;
        const double y = c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
        return y > 216.0 / 24389 ? 116 * std::cbrt(y) - 16 : y * 24389 / 27;
    };
    cv::Mat table(1, 256, CV_8U);
    for (int i = 0; i < 256; ++i) {
        const int step = std::min(values - 1, static_cast<int>(lightness(i) / 100 * values));
        const double wanted = 100 * (step + 0.5) / values;
        int code = 0;
        while (code < 255 && lightness(code) < wanted)
            ++code;
        table.at<std::uint8_t>(i) = static_cast<std::uint8_t>(code);
    }
    cv::LUT(grey, table, grey);
    return grey;
}

} // namespace zokran
