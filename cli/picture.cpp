#include "cli/picture.h"

#include "cli/silenced_stderr.h"
#include "core/base/errors.h"

#include <algorithm>
#include <filesystem>
#include <fmt/format.h>
#include <opencv2/imgcodecs.hpp>

namespace zokran::cli {

namespace {

/// Pictures larger than this each way are no photographs; gigabytes would be needed for them.
constexpr int largestSide = 16384;

} // namespace

cv::Mat pictureFrom(const std::string& file) {
    std::error_code error;
    if (!std::filesystem::is_regular_file(file, error))
        throw BadInput(fmt::format("{}: there is no such file", file));
    const SilencedStderr quiet;
    cv::Mat picture;
    try {
        picture = cv::imread(file, cv::IMREAD_COLOR);
    } catch (const cv::Exception&) {
        // More pixels than OpenCV allows.
    }
    if (picture.empty())
        throw BadInput(fmt::format("{}: this is not a picture that can be read", file));
    if (std::max(picture.cols, picture.rows) > largestSide)
        throw BadInput(fmt::format("{}: {} by {} px are too many; {} each way at the most", file, picture.cols, picture.rows,
                                   largestSide));
    return picture;
}

PrintPicture printPictureFrom(const std::string& file) {
    const cv::Mat picture = pictureFrom(file);
    PrintPicture print;
    print.columns = picture.cols;
    print.rows = picture.rows;
    print.pixels.reserve(4 * picture.total());
    for (int y = 0; y < picture.rows; ++y)
        for (int x = 0; x < picture.cols; ++x) {
            const auto& p = picture.at<cv::Vec3b>(y, x);
            print.pixels.insert(print.pixels.end(), {p[0], p[1], p[2], 255});
        }
    return print;
}

} // namespace zokran::cli
