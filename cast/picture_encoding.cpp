#include "cast/picture_encoding.h"

#include <opencv2/imgcodecs.hpp>
#include <vector>

namespace zokran {

namespace {

cv::Mat asImage(const Picture& picture) {
    return {picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.bgr.data())};
}

std::string encoded(const cv::Mat& image, const std::string& extension) {
    std::vector<std::uint8_t> bytes;
    cv::imencode(extension, image, bytes, {cv::IMWRITE_JPEG_QUALITY, 92});
    return {bytes.begin(), bytes.end()};
}

} // namespace

std::string encoded(const Picture& picture, const std::string& extension) {
    return encoded(asImage(picture), extension);
}

std::string encodeAsCameraJpeg(const Picture& picture, const Shot& shot) {
    cv::Mat lying;
    cv::rotate(asImage(picture), lying, cv::ROTATE_90_COUNTERCLOCKWISE);
    return withCameraExif(encoded(lying, ".jpg"), shot, lying.cols, lying.rows);
}

} // namespace zokran
