#include "core/light/squint.h"

#include "core/base/errors.h"
#include "core/light/tone.h"

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
    // To lightness, there to the middle of its step, and back; by a table.
    cv::Mat table(1, 256, CV_8U);
    for (int i = 0; i < 256; ++i) {
        const double lightness = lightnessOfLinear(linearOfDisplay(i / 255.0));
        const int value = std::min(values - 1, static_cast<int>(lightness / 100 * values));
        const double shown = displayOfLinear(linearOfLightness(lightnessOfValue(value, values)));
        table.at<std::uint8_t>(i) = static_cast<std::uint8_t>(std::lround(255 * shown));
    }
    cv::LUT(grey, table, grey);
    return grey;
}

} // namespace zokran
