#include "core/page/page_lines.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Pictures are looked at with this longer side, px.
constexpr int lookSize = 900;

using Vec2 = Eigen::Vector2d;

} // namespace

std::optional<Vec2> meeting(const PageLine& a, const PageLine& b) {
    Eigen::Matrix2d m;
    m << a.n.transpose(), b.n.transpose();
    if (std::abs(m.determinant()) < 0.15)
        return std::nullopt;
    return Vec2(m.inverse() * Vec2(a.d, b.d));
}

PageLook lookAt(const cv::Mat& photograph) {
    PageLook look;
    look.scale = std::min(1.0, 1.0 * lookSize / std::max(photograph.cols, photograph.rows));
    cv::Mat small, lab;
    cv::resize(photograph, small, {}, look.scale, look.scale, cv::INTER_AREA);
    if (small.channels() == 1)
        cv::cvtColor(small, small, cv::COLOR_GRAY2BGR);
    small.convertTo(small, CV_32FC3, 1 / 255.0);
    cv::cvtColor(small, lab, cv::COLOR_BGR2Lab);
    std::vector<cv::Mat1f> planes;
    cv::split(lab, planes);
    look.lightness = planes[0];
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
            look.dx = dx;
            look.dy = dy;
            look.strength = size;
        } else {
            const cv::Mat better = size > look.strength;
            dx.copyTo(look.dx, better);
            dy.copyTo(look.dy, better);
            size.copyTo(look.strength, better);
        }
    }
    return look;
}

std::vector<PageLine> candidateLines(const PageLook& look) {
    // Edges are thinned across their own direction, then the weaker ones dropped.
    cv::Mat1b thin(look.strength.size(), std::uint8_t{0});
    std::vector<float> sizes;
    for (int y = 2; y + 2 < thin.rows; ++y)
        for (int x = 2; x + 2 < thin.cols; ++x) {
            const float s = look.strength(y, x);
            if (s < 0.35f)
                continue;
            const double ux = look.dx(y, x) / s, uy = look.dy(y, x) / s;
            const int ax = static_cast<int>(std::lround(ux)), ay = static_cast<int>(std::lround(uy));
            if (s >= look.strength(y + ay, x + ax) && s >= look.strength(y - ay, x - ax)) {
                thin(y, x) = 255;
                sizes.push_back(s);
            }
        }
    if (sizes.size() < 200)
        return {};
    std::vector<PageLine> lines;
    std::vector<cv::Vec4i> pieces;
    const double shortest = 0.10 * std::max(thin.cols, thin.rows);
    cv::HoughLinesP(thin, pieces, 1, CV_PI / 360, 60, shortest, 14);
    std::sort(pieces.begin(), pieces.end(), [](const cv::Vec4i& a, const cv::Vec4i& b) {
        return std::hypot(a[2] - a[0], a[3] - a[1]) > std::hypot(b[2] - b[0], b[3] - b[1]);
    });
    for (const cv::Vec4i& p : pieces) {
        const Vec2 a(p[0], p[1]), b(p[2], p[3]);
        const Vec2 along = (b - a).normalized();
        const PageLine line{Vec2(-along.y(), along.x()), Vec2(-along.y(), along.x()).dot(a)};
        // Of lines that lie on one another one is enough.
        const Vec2 middle = (a + b) / 2;
        const bool twin = std::any_of(lines.begin(), lines.end(), [&](const PageLine& other) {
            return std::abs(other.n.dot(line.n)) > 0.9990 && std::abs(other.at(middle)) < 4;
        });
        if (!twin)
            lines.push_back(line);
        if (lines.size() == 28)
            break;
    }
    return lines;
}

} // namespace zokran
