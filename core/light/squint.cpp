#include "core/light/squint.h"

#include "core/base/errors.h"
#include "core/base/tone.h"
#include "core/page/luminance.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <utility>
#include <vector>

namespace zokran {

namespace {

/// Gives patches smaller than `least` px the value that most of their border has.
void mergeSmall(cv::Mat1b& values, int count, int least) {
    for (int value = 0; value < count; ++value) {
        cv::Mat labels, stats, centres;
        const int n = cv::connectedComponentsWithStats(values == value, labels, stats, centres, 4, CV_32S);
        for (int i = 1; i < n; ++i) {
            if (stats.at<int>(i, cv::CC_STAT_AREA) >= least)
                continue;
            const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                               stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
            const cv::Rect wide = cv::Rect(box.x - 1, box.y - 1, box.width + 2, box.height + 2) &
                                  cv::Rect({0, 0}, values.size());
            cv::Mat patch = labels(wide) == i, round;
            cv::dilate(patch, round, cv::Mat());
            std::array<int, 256> beside{};
            for (int y = 0; y < wide.height; ++y)
                for (int x = 0; x < wide.width; ++x)
                    if (round.at<std::uint8_t>(y, x) && !patch.at<std::uint8_t>(y, x))
                        ++beside[values(wide.y + y, wide.x + x)];
            const auto most = std::max_element(beside.begin(), beside.end());
            if (*most > 0)
                values(wide).setTo(static_cast<int>(most - beside.begin()), patch);
        }
    }
}

/// Adds a closed contour's pieces that lie off the picture's edge, each point the mean of those within `reach` along it.
void addSmooth(std::vector<std::vector<PicturePoint>>& outlines, const std::vector<cv::Point>& contour, const cv::Size& picture,
               int reach, double shortest) {
    const int n = static_cast<int>(contour.size());
    const auto isAtEdge = [&](const cv::Point& p) {
        return p.x <= 1 || p.y <= 1 || p.x >= picture.width - 2 || p.y >= picture.height - 2;
    };
    // A piece begins behind a place at the edge; a contour without one is a single closed piece.
    const auto edge = std::find_if(contour.begin(), contour.end(), isAtEdge);
    const bool isClosed = edge == contour.end();
    const int first = isClosed ? 0 : static_cast<int>(edge - contour.begin());
    const auto at = [&](int i) -> const cv::Point& { return contour[static_cast<std::size_t>(((first + i) % n + n) % n)]; };
    std::vector<PicturePoint> piece;
    double length = 0;
    const auto finish = [&] {
        if (length >= shortest)
            outlines.push_back(piece);
        piece.clear();
        length = 0;
    };
    for (int i = 0; i <= n; ++i) {
        if (!isClosed && isAtEdge(at(i))) {
            finish();
            continue;
        }
        PicturePoint sum(0, 0);
        int count = 0;
        for (int k = -reach; k <= reach; ++k)
            if (isClosed || !isAtEdge(at(i + k))) {
                sum += PicturePoint(at(i + k).x + 0.5, at(i + k).y + 0.5);
                ++count;
            }
        const PicturePoint mean = sum / count;
        if (!piece.empty())
            length += (mean - piece.back()).norm();
        piece.push_back(mean);
    }
    finish();
}

/// The value, from 0, at each place of a picture of lightnesses, between a darkest and a lightest.
cv::Mat1b valuesOf(const cv::Mat1f& lightness, double dark, double light, int values) {
    const double span = std::max(light - dark, 1.0);
    cv::Mat1b value(lightness.size());
    for (int y = 0; y < value.rows; ++y)
        for (int x = 0; x < value.cols; ++x)
            value(y, x) = static_cast<std::uint8_t>(
                std::clamp(static_cast<int>((static_cast<double>(lightness(y, x)) - dark) / span * values), 0, values - 1));
    return value;
}

/// Values as greys equally apart in lightness.
cv::Mat greysOf(const cv::Mat1b& value, int values) {
    cv::Mat1b table(1, 256);
    for (int i = 0; i < 256; ++i)
        table(i) = static_cast<std::uint8_t>(
            std::lround(255 * displayOfLinear(linearOfLightness(lightnessOfValue(std::min(i, values - 1), values)))));
    cv::Mat grey;
    cv::LUT(value, table, grey);
    return grey;
}

double quantileOf(std::vector<float> values, double q) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(q * static_cast<double>(values.size() - 1));
    std::nth_element(values.begin(), at, values.end());
    return static_cast<double>(*at);
}

void requireValues(int values) {
    if (values < 2 || values > 10)
        throw BadInput("a picture is squinted at in 2 to 10 values");
}

} // namespace

cv::Mat squintedLines(const cv::Mat& picture, Pixels sigma, int values) {
    requireValues(values);
    cv::Mat1f lightness = lightnessOf(picture);
    if (lightness.empty())
        return {};
    // How much darker than the paper round it: paper in failing light is no tone.
    const double near = std::max(0.5, sigma.value);
    const int reach = 2 * static_cast<int>(std::lround(2 * near)) + 1;
    cv::Mat1f paper, smooth, above; // the paper; the drawing; by how much it is lighter than the paper, below 0
    cv::dilate(lightness, paper, cv::getStructuringElement(cv::MORPH_ELLIPSE, {reach, reach}));
    cv::GaussianBlur(paper, paper, {}, 4 * near);
    cv::GaussianBlur(lightness, smooth, {}, near);
    cv::subtract(smooth, paper, above);
    return greysOf(valuesOf(above, quantileOf({above.begin(), above.end()}, 0.01), 0, values), values);
}

cv::Mat squintedShapes(const cv::Mat& picture, const SquintScale& scale, int values) {
    requireValues(values);
    cv::Mat1f lightness = lightnessOf(picture);
    // Edges are kept: a bilateral filter, twice, as wide as half-shut eyes lose on a head of this size; on a copy in
    // which that is a few pixels.
    constexpr double fineness = 90; // px of the copy to the ball's radius
    constexpr double sigma = 0.035 * fineness, kept = 9; // steps of lightness beyond which it is an edge
    constexpr int reach = 11;
    const double radius = scale.radius.value;
    const double shrink = std::min(1.0, fineness / std::max(radius, 1.0));
    cv::Mat1f copy, smooth;
    cv::resize(lightness, copy, {}, shrink, shrink, cv::INTER_AREA);
    for (int pass = 0; pass < 2; ++pass) {
        cv::bilateralFilter(copy, smooth, reach, kept, sigma);
        copy = smooth.clone();
    }
    cv::resize(copy, lightness, lightness.size(), 0, 0, cv::INTER_CUBIC);
    constexpr double leastRange = 5; // of lightness
    cv::Mat1b value = valuesOf(lightness, scale.dark, std::max(scale.light, scale.dark + leastRange), values);
    // Smooth borders: what most of the neighbourhood has.
    const int border = std::clamp(static_cast<int>(0.02 * radius) * 2 + 1, 3, 15);
    cv::medianBlur(value, value, border);
    constexpr double smallest = 0.0022; // of the ball's square: a nostril is kept, a pore is not
    mergeSmall(value, values, std::max(4, static_cast<int>(smallest * radius * radius)));
    return greysOf(value, values);
}

std::vector<std::vector<PicturePoint>> shapeOutlines(const cv::Mat& squinted, Pixels radius) {
    std::array<bool, 256> has{};
    for (int y = 0; y < squinted.rows; ++y)
        for (int x = 0; x < squinted.cols; ++x)
            has[squinted.at<std::uint8_t>(y, x)] = true;
    const double ball = radius.value, shortest = 0.12 * ball;
    const int reach = std::max(2, static_cast<int>(0.02 * ball));
    std::vector<std::vector<PicturePoint>> outlines;
    bool isLightest = true;
    for (int grey = 255; grey >= 0; --grey) {
        if (!has[static_cast<std::size_t>(grey)])
            continue;
        if (std::exchange(isLightest, false))
            continue;
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(squinted <= grey, contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
        for (const auto& contour : contours)
            addSmooth(outlines, contour, squinted.size(), reach, shortest);
    }
    return outlines;
}

SquintScale squintScaleOf(const cv::Mat& picture, const cv::Mat& mask, Pixels radius) {
    cv::Mat1f lightness = lightnessOf(picture);
    // A line is no tone: what is darkest is looked for as from afar.
    cv::GaussianBlur(lightness, lightness, {}, std::max(0.5, 0.03 * radius.value));
    std::vector<float> onHead;
    for (int y = 0; y < std::min(lightness.rows, mask.rows); ++y)
        for (int x = 0; x < std::min(lightness.cols, mask.cols); ++x)
            if (mask.at<std::uint8_t>(y, x))
                onHead.push_back(lightness(y, x));
    SquintScale scale{radius};
    if (onHead.empty())
        return scale;
    scale.dark = quantileOf(onHead, 0.01);
    scale.light = quantileOf(onHead, 0.985);
    return scale;
}

cv::Mat squinted(const cv::Mat& picture, int values, double blur) {
    requireValues(values);
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
