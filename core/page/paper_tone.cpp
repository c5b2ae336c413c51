#include "core/page/paper_tone.h"

#include "core/page/luminance.h"
#include "core/base/tone.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace zokran {

namespace {

/// The longer side of the copy on which the light is fitted, px.
constexpr int smallSide = 240;
/// What is lighter than the paper by this factor of luminance is no grain of it ...
constexpr double lighterThanPaper = 1.18;
/// ... and counts from this share of the page on: a highlight on an eye is a few thousandths of a drawn head.
constexpr double leastChalk = 0.004;
/// The margin, as shares of the page's sides: beyond its ragged edge, and outside the drawing.
constexpr double marginFrom = 0.015, marginTo = 0.06;
/// So much of the margin lies on one smooth surface where it is bare.
constexpr double bareMargin = 0.6;

using Surface = Eigen::Matrix<double, 6, 1>;

Surface monomials(double x, double y) {
    Surface m;
    m << 1, x, y, x * x, x * y, y * y;
    return m;
}

/// The logarithm of luminance, row by row.
std::vector<double> logarithms(const cv::Mat1f& luminance) {
    std::vector<double> all;
    for (float v : luminance)
        all.push_back(std::log(std::max(v, 1e-3f)));
    return all;
}

/// Whether a pixel lies in the margin.
bool isMargin(int x, int y, cv::Size size) {
    const double u = (x + 0.5) / size.width, v = (y + 0.5) / size.height;
    const double off = std::min({u, 1 - u, v, 1 - v});
    return off > marginFrom && off < marginTo;
}

/// The commonest of some values, by a histogram whose bins are wider than the grain of paper.
double commonestOf(const std::vector<double>& values) {
    constexpr double binWidth = 0.06;
    constexpr int bins = 128;
    std::array<double, bins + 2> count{};
    for (double v : values)
        ++count[static_cast<std::size_t>(std::clamp(static_cast<int>(-v / binWidth) + 1, 1, bins))];
    std::size_t best = 1;
    const auto about = [&](std::size_t i) { return count[i - 1] + 2 * count[i] + count[i + 1]; };
    for (std::size_t i = 1; i <= bins; ++i)
        if (about(i) > about(best))
            best = i;
    return -(static_cast<double>(best) - 0.5) * binWidth;
}

/// The logarithm of the light on the bare paper over the unit square, from `start` on: iteratively reweighted least
/// squares with Tukey's biweight, its width narrowing; the margin counts more.
Surface lightOn(cv::Size size, const std::vector<double>& values, double start) {
    Surface surface = Surface::Zero();
    surface[0] = start;
    constexpr double widths[] = {0.45, 0.35, 0.25, 0.18, 0.14, 0.12};
    constexpr double marginWeight = 6;
    for (double width : widths) {
        Eigen::Matrix<double, 6, 6> normal = 1e-6 * Eigen::Matrix<double, 6, 6>::Identity();
        Surface right = Surface::Zero();
        for (int row = 0; row < size.height; ++row)
            for (int column = 0; column < size.width; ++column) {
                const Surface m = monomials(1.0 * column / size.width, 1.0 * row / size.height);
                const double value = values[static_cast<std::size_t>(row) * static_cast<std::size_t>(size.width) +
                                            static_cast<std::size_t>(column)];
                const double r = (value - m.dot(surface)) / width;
                if (std::abs(r) >= 1)
                    continue;
                const double weight = (1 - r * r) * (1 - r * r) * (isMargin(column, row, size) ? marginWeight : 1);
                normal += weight * m * m.transpose();
                right += weight * value * m;
            }
        if (normal.trace() > 1)
            surface = normal.ldlt().solve(right);
    }
    return surface;
}

/// The light on the bare paper, and whether the margin shows it.
struct Light {
    Surface surface;
    bool isMarginBare;
};

Light lightOn(const cv::Mat1f& small) {
    const std::vector<double> values = logarithms(small);
    std::vector<double> margin;
    for (int y = 0; y < small.rows; ++y)
        for (int x = 0; x < small.cols; ++x)
            if (isMargin(x, y, small.size()))
                margin.push_back(values[static_cast<std::size_t>(y) * static_cast<std::size_t>(small.cols) +
                                        static_cast<std::size_t>(x)]);
    if (!margin.empty()) {
        const Surface surface = lightOn(small.size(), values, commonestOf(margin));
        int bare = 0, all = 0;
        for (int y = 0; y < small.rows; ++y)
            for (int x = 0; x < small.cols; ++x)
                if (isMargin(x, y, small.size())) {
                    const double at = monomials(1.0 * x / small.cols, 1.0 * y / small.rows).dot(surface);
                    bare += std::abs(values[static_cast<std::size_t>(y) * static_cast<std::size_t>(small.cols) +
                                            static_cast<std::size_t>(x)] - at) < 0.1;
                    ++all;
                }
        if (bare > bareMargin * all)
            return {surface, true};
    }
    // The picture shows more than the page, or the page is drawn over: the commonest tone of the lighter half.
    std::vector<double> lighter = values;
    const auto middle = lighter.begin() + static_cast<std::ptrdiff_t>(lighter.size() / 2);
    std::nth_element(lighter.begin(), middle, lighter.end());
    lighter.erase(lighter.begin(), middle);
    return {lightOn(small.size(), values, commonestOf(lighter)), false};
}

/// A small copy of a page whose luminance is divided by the light on it.
struct SmallPage {
    cv::Mat1f light, ratio;
    bool isMarginBare = false;
};

SmallPage smallPage(const cv::Mat& page) {
    cv::Mat copy;
    const double shrink = std::min(1.0, 1.0 * smallSide / std::max(page.cols, page.rows));
    cv::resize(page, copy, {}, shrink, shrink, cv::INTER_AREA);
    SmallPage small;
    small.ratio = cv::Mat1f(luminanceOf(copy));
    const Light light = lightOn(small.ratio);
    small.isMarginBare = light.isMarginBare;
    small.light.create(small.ratio.size());
    for (int y = 0; y < small.light.rows; ++y)
        for (int x = 0; x < small.light.cols; ++x)
            small.light(y, x) = static_cast<float>(
                std::exp(monomials(1.0 * x / small.light.cols, 1.0 * y / small.light.rows).dot(light.surface)));
    small.ratio /= small.light;
    return small;
}

/// White chalk on the page whose bare paper is at 1 everywhere.
PaperTone toneOf(const cv::Mat1f& ratio, bool isMarginBare, PaperChoice choice) {
    if (choice == PaperChoice::White || (choice == PaperChoice::AsItShows && !isMarginBare))
        return {};
    std::vector<float> lighter;
    int all = 0;
    for (int y = 0; y < ratio.rows; ++y)
        for (int x = 0; x < ratio.cols; ++x) {
            const double u = (x + 0.5) / ratio.cols, v = (y + 0.5) / ratio.rows;
            if (std::min({u, 1 - u, v, 1 - v}) < marginTo)
                continue;
            ++all;
            if (ratio(y, x) > lighterThanPaper)
                lighter.push_back(ratio(y, x));
        }
    const bool isEnough = static_cast<double>(lighter.size()) > leastChalk * all;
    if (lighter.empty() || (choice == PaperChoice::AsItShows && !isEnough))
        return {};
    // The lightest tenth of it is the chalk pressed hard.
    const auto hard = lighter.begin() + static_cast<std::ptrdiff_t>(lighter.size() * 9 / 10);
    std::nth_element(lighter.begin(), hard, lighter.end());
    return {true, 1.0 / static_cast<double>(*hard)};
}

} // namespace

PaperTone paperToneOf(const cv::Mat& page, PaperChoice choice) {
    if (page.empty())
        return {};
    const SmallPage small = smallPage(page);
    return toneOf(small.ratio, small.isMarginBare, choice);
}

PaperTone evenPage(const cv::Mat& page, PaperChoice choice, cv::Mat& luminance) {
    if (page.empty()) {
        luminance = cv::Mat();
        return {};
    }
    const SmallPage small = smallPage(page);
    const PaperTone tone = toneOf(small.ratio, small.isMarginBare, choice);
    cv::Mat1f light;
    cv::resize(small.light, light, page.size(), 0, 0, cv::INTER_LINEAR);
    luminance = cv::min(cv::Mat(luminanceOf(page) / light * tone.luminance), 1.0);
    return tone;
}

cv::Mat relativeGrey(const cv::Mat& page, PaperChoice choice) {
    cv::Mat1f linear;
    evenPage(page, choice, linear);
    cv::Mat1b grey(linear.size());
    for (int y = 0; y < linear.rows; ++y)
        for (int x = 0; x < linear.cols; ++x)
            grey(y, x) = static_cast<std::uint8_t>(std::lround(255 * displayOfLinear(linear(y, x))));
    return grey;
}

cv::Mat displayedPaperLight(const cv::Mat& page) {
    cv::Mat1f light = smallPage(page).light;
    for (float& value : light)
        value = static_cast<float>(255 * displayOfLinear(value));
    cv::resize(light, light, page.size(), 0, 0, cv::INTER_LINEAR);
    return light;
}

} // namespace zokran
