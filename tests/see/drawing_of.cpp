#include "tests/see/drawing_of.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace zokran::test {

cv::Mat drawingOf(const cv::Mat& grey, DrawingFilter filter) {
    cv::Mat soft, drawing;
    cv::GaussianBlur(grey, soft, {}, 0.8);
    if (filter == DrawingFilter::Dodged) {
        // A dodge of the picture by its blurred negative.
        cv::Mat negative = 255 - soft, blurred;
        cv::GaussianBlur(negative, blurred, {}, 9);
        cv::divide(soft, 256 - blurred, drawing, 255);
        return drawing;
    }
    cv::adaptiveThreshold(soft, drawing, 255, cv::ADAPTIVE_THRESH_GAUSSIAN_C, cv::THRESH_BINARY, 15, 6);
    cv::GaussianBlur(drawing, drawing, {}, 1.2);
    return drawing;
}

cv::Mat withMoved(const cv::Mat& picture, const cv::Point2d& at, const cv::Point2d& by, double core, double reach) {
    cv::Mat2f map(picture.size());
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            // Where the moved place comes from; solved by a few rounds, since the weight is that of the source.
            cv::Point2d from(x, y);
            for (int round = 0; round < 20; ++round) {
                const double away = cv::norm(from - at);
                const double t = std::clamp((away - core) / (reach - core), 0.0, 1.0);
                const double weight = 1 - t * t * (3 - 2 * t);
                from = cv::Point2d(x, y) - weight * by;
            }
            map(y, x) = {static_cast<float>(from.x), static_cast<float>(from.y)};
        }
    cv::Mat moved;
    cv::remap(picture, moved, map, cv::Mat(), cv::INTER_CUBIC, cv::BORDER_REPLICATE);
    return moved;
}

} // namespace zokran::test
