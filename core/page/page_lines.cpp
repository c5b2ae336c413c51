#include "core/page/page_lines.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Pictures are looked at with this longer side, px.
constexpr int featureSize = 900;

using Vec2 = Eigen::Vector2d;

} // namespace

std::optional<Vec2> meeting(const PageLine& a, const PageLine& b) {
    Eigen::Matrix2d m;
    m << a.n.transpose(), b.n.transpose();
    if (std::abs(m.determinant()) < 0.15)
        return std::nullopt;
    return Vec2(m.inverse() * Vec2(a.d, b.d));
}

PageFeatures edgeFeatures(const cv::Mat& photograph) {
    PageFeatures features;
    features.scale = std::min(1.0, 1.0 * featureSize / std::max(photograph.cols, photograph.rows));
    cv::Mat small, lab;
    cv::resize(photograph, small, {}, features.scale, features.scale, cv::INTER_AREA);
    if (small.channels() == 1)
        cv::cvtColor(small, small, cv::COLOR_GRAY2BGR);
    small.convertTo(small, CV_32FC3, 1 / 255.0);
    cv::cvtColor(small, lab, cv::COLOR_BGR2Lab);
    std::vector<cv::Mat1f> planes;
    cv::split(lab, planes);
    features.lightness = planes[0];
    features.a = planes[1];
    features.b = planes[2];
    // The strongest gradient of the three planes, colour counting double: white cloth and white
    // paper differ more in tint than in lightness.
    for (int k = 0; k < 3; ++k) {
        cv::Mat1f smooth, dx, dy, size;
        cv::GaussianBlur(planes[static_cast<std::size_t>(k)], smooth, {}, 1.6);
        cv::Scharr(smooth, dx, CV_32F, 1, 0, 1 / 32.0);
        cv::Scharr(smooth, dy, CV_32F, 0, 1, 1 / 32.0);
        if (k > 0) {
            dx *= 2;
            dy *= 2;
        }
        cv::magnitude(dx, dy, size);
        if (k == 0) {
            features.dx = dx;
            features.dy = dy;
            features.strength = size;
        } else {
            const cv::Mat better = size > features.strength;
            dx.copyTo(features.dx, better);
            dy.copyTo(features.dy, better);
            size.copyTo(features.strength, better);
        }
    }
    return features;
}

std::vector<PageLine> candidateLines(const PageFeatures& features) {
    // Of lightness and of the two planes of colour, whose differences are smaller, each on its own.
    struct Piece {
        Vec2 a, b;
        double length() const { return (b - a).norm(); }
    };
    std::vector<Piece> pieces;
    const cv::Ptr<cv::LineSegmentDetector> detector = cv::createLineSegmentDetector();
    for (const auto& [plane, gain] : {std::pair{&features.lightness, 2.55}, {&features.a, 6.0}, {&features.b, 6.0}}) {
        cv::Mat1b bytes;
        plane->convertTo(bytes, CV_8U, gain, plane == &features.lightness ? 0 : 128);
        std::vector<cv::Vec4f> found;
        detector->detect(bytes, found);
        for (const cv::Vec4f& s : found)
            pieces.push_back({{s[0], s[1]}, {s[2], s[3]}});
    }
    std::sort(pieces.begin(), pieces.end(),
              [](const Piece& p, const Piece& q) { return p.length() > q.length(); });
    // Pieces in one line count together; the longest of them says where it runs.
    struct Run {
        PageLine line;
        double length;
    };
    std::vector<Run> runs;
    constexpr double beside = 3, askew = 0.035; // px, radians
    for (const Piece& p : pieces) {
        if (p.length() < 12)
            break;
        const Vec2 along = (p.b - p.a).normalized(), n(-along.y(), along.x());
        const auto known = std::find_if(runs.begin(), runs.end(), [&](const Run& run) {
            return std::abs(run.line.at(p.a)) < beside && std::abs(run.line.at(p.b)) < beside &&
                   std::abs(along.dot(run.line.n)) < askew;
        });
        if (known != runs.end())
            known->length += p.length();
        else
            runs.push_back({{n, n.dot(p.a)}, p.length()});
    }
    std::sort(runs.begin(), runs.end(),
              [](const Run& p, const Run& q) { return p.length > q.length; });
    constexpr std::size_t most = 36;
    const double shortest = 0.12 * std::max(features.strength.cols, features.strength.rows);
    std::vector<PageLine> lines;
    for (const Run& run : runs)
        if (run.length > shortest && lines.size() < most)
            lines.push_back(run.line);
    return lines;
}

} // namespace zokran
