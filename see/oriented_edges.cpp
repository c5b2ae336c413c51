#include "see/oriented_edges.h"

#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

namespace zokran {

cv::Mat orientedEdges(const cv::Mat& grey, double blur) {
    cv::Mat logarithm, x, y;
    grey.convertTo(logarithm, CV_32F);
    cv::GaussianBlur(logarithm, logarithm, {}, 1);
    cv::log(logarithm + 16, logarithm);
    cv::Sobel(logarithm, x, CV_32F, 1, 0);
    cv::Sobel(logarithm, y, CV_32F, 0, 1);
    cv::Mat magnitude, usual;
    cv::magnitude(x, y, magnitude);
    // Even: an edge counts by how far it exceeds what is usual round it.
    constexpr double neighbourhood = 16, least = 0.25;
    cv::GaussianBlur(magnitude, usual, {}, neighbourhood);
    cv::Mat edges(grey.size(), CV_32FC4);
    constexpr int channels = 4;
    for (int row = 0; row < grey.rows; ++row)
        for (int column = 0; column < grey.cols; ++column) {
            const double strength = magnitude.at<float>(row, column);
            const double even = strength / (usual.at<float>(row, column) + least);
            const double shown = even / (1 + even);
            // Directions modulo 180 degrees: a dark line and a light one run alike.
            double direction = std::atan2(y.at<float>(row, column), x.at<float>(row, column)) / std::numbers::pi;
            direction = (direction - std::floor(direction)) * channels;
            const int first = static_cast<int>(direction) % channels;
            const double next = direction - std::floor(direction);
            cv::Vec4f& here = edges.at<cv::Vec4f>(row, column);
            here = {};
            here[first] = static_cast<float>(shown * (1 - next));
            here[(first + 1) % channels] = static_cast<float>(shown * next);
        }
    if (blur > 0)
        cv::GaussianBlur(edges, edges, {}, blur);
    return edges;
}

cv::Mat dodged(const cv::Mat& grey, double blur) {
    cv::Mat around, result;
    cv::GaussianBlur(grey, around, {}, blur);
    cv::divide(grey, around, result, 250);
    return result;
}

cv::Mat pencilLines(const cv::Mat& grey, double thickness) {
    // A difference of Gaussians, thresholded softly: dark where the picture is darker than its surroundings.
    cv::Mat picture, narrow, wide;
    grey.convertTo(picture, CV_32F);
    cv::GaussianBlur(picture, narrow, {}, thickness);
    cv::GaussianBlur(picture, wide, {}, 1.6 * thickness);
    cv::Mat lines = 255 + 14 * (narrow - wide + 1);
    lines = cv::max(cv::min(lines, 255), 40);
    lines.convertTo(lines, CV_8U);
    return lines;
}

} // namespace zokran
