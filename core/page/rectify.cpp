#include "core/page/rectify.h"

#include "core/base/errors.h"
#include "core/base/tone.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

double pixelsPerMillimetre(MillimetresPerPixel perPixel) {
    return 1 / perPixel.value;
}

} // namespace

Eigen::Matrix3d toPaper(const PageCorners& corners, const PaperSize& paper) {
    const PaperPoint to[] = {{0, 0}, {paper.width, {}}, {paper.width, paper.height}, {{}, paper.height}};
    // The direct linear transform on four pairs, h33 = 1 (Hartley and Zisserman, algorithm 4.1), in
    // pixels brought to about one.
    const Eigen::Vector2d middle = (corners[0] + corners[1] + corners[2] + corners[3]) / 4;
    double size = 0;
    for (const SketchPoint& c : corners)
        size = std::max(size, (c - middle).norm());
    double area = 0;
    for (std::size_t i = 0; i < 4; ++i) {
        const Eigen::Vector2d p = corners[i] - middle, q = corners[(i + 1) % 4] - middle;
        area += (p.x() * q.y() - p.y() * q.x()) / 2;
    }
    if (!(area > 1e-3 * size * size))
        throw BadInput("the corners of the page must go round it clockwise and not lie on one line");
    Eigen::Matrix<double, 8, 8> a = Eigen::Matrix<double, 8, 8>::Zero();
    Eigen::Matrix<double, 8, 1> b;
    for (int i = 0; i < 4; ++i) {
        const Eigen::Vector2d p = (corners[static_cast<std::size_t>(i)] - middle) / size;
        const Eigen::Vector2d q = to[i];
        a.row(2 * i) << p.x(), p.y(), 1, 0, 0, 0, -q.x() * p.x(), -q.x() * p.y();
        a.row(2 * i + 1) << 0, 0, 0, p.x(), p.y(), 1, -q.y() * p.x(), -q.y() * p.y();
        b[2 * i] = q.x();
        b[2 * i + 1] = q.y();
    }
    const Eigen::Matrix<double, 8, 1> h = a.fullPivLu().solve(b);
    Eigen::Matrix3d m, bring;
    m << h[0], h[1], h[2], h[3], h[4], h[5], h[6], h[7], 1;
    bring << 1 / size, 0, -middle.x() / size, 0, 1 / size, -middle.y() / size, 0, 0, 1;
    m *= bring;
    if (!m.allFinite() || std::abs(m(2, 2)) < 1e-12)
        throw BadInput("the corners of the page make no sheet");
    return m / m(2, 2);
}

PaperSize turnedLike(const PageCorners& corners, PaperSize paper) {
    const double across = (corners[1] - corners[0]).norm() + (corners[2] - corners[3]).norm();
    const double down = (corners[3] - corners[0]).norm() + (corners[2] - corners[1]).norm();
    if ((across > down) != (paper.width > paper.height))
        std::swap(paper.width, paper.height);
    return paper;
}

double aspectOf(const PageCorners& corners, Pixels width, Pixels height,
                std::optional<Pixels> focal) {
    const double f = focal.value_or(0.75 * std::max(width, height)).value;
    PageCorners centred = corners;
    for (SketchPoint& c : centred)
        c = (c - SketchPoint(width / 2, height / 2)) / f;
    const Eigen::Matrix3d h = toPaper(centred, {{1}, {1}}).inverse();
    return h.col(0).norm() / h.col(1).norm();
}

MillimetresPerPixel finenessOf(const PageCorners& corners, const PaperSize& paper) {
    const double across =
        std::max((corners[1] - corners[0]).norm(), (corners[2] - corners[3]).norm());
    const double down =
        std::max((corners[3] - corners[0]).norm(), (corners[2] - corners[1]).norm());
    const MillimetresPerPixel finest = std::min(paper.width / Pixels{across}, paper.height / Pixels{down});
    return std::max(finest, std::max(paper.width, paper.height) / Pixels{12000});
}

cv::Mat rectified(const cv::Mat& photograph, const PageCorners& corners, const PaperSize& paper,
                  MillimetresPerPixel perPixel) {
    const Eigen::Matrix3d h = toPaper(corners, paper);
    const double s = pixelsPerMillimetre(perPixel);
    cv::Mat m(3, 3, CV_64F);
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c)
            m.at<double>(r, c) = (r < 2 ? s : 1) * h(r, c);
    cv::Mat flat;
    cv::warpPerspective(photograph, flat, m,
                        {static_cast<int>(lround(paper.width / perPixel)), static_cast<int>(lround(paper.height / perPixel))},
                        cv::INTER_CUBIC, cv::BORDER_REPLICATE);
    return flat;
}

std::array<int, 2> flatSize(const PageRectification& flat) {
    const MillimetresPerPixel perPixel = finenessOf(flat.corners, flat.paper);
    return {std::max(1, static_cast<int>(lround(flat.paper.width / perPixel))),
            std::max(1, static_cast<int>(lround(flat.paper.height / perPixel)))};
}

Eigen::Matrix3d toFlat(const PageRectification& flat) {
    const double s = pixelsPerMillimetre(finenessOf(flat.corners, flat.paper));
    return Eigen::Vector3d(s, s, 1).asDiagonal() * toPaper(flat.corners, flat.paper);
}

cv::Mat laidFlat(const cv::Mat& photograph, const PageRectification& flat) {
    const cv::Mat sheet = rectified(photograph, flat.corners, flat.paper,
                                    finenessOf(flat.corners, flat.paper));
    return flat.evened ? evenedLight(sheet, flat.tone) : sheet;
}

namespace {

/// Bare paper, or white chalk, comes out a little under white.
constexpr double white = 244;

/// On toned paper: the paper at its own tone, each channel scaled as the grey.
cv::Mat evenedToned(const cv::Mat& drawing, PaperChoice choice) {
    cv::Mat1f luminance;
    evenPage(drawing, choice, luminance);
    cv::Mat grey = drawing;
    if (drawing.channels() > 1)
        cv::cvtColor(drawing, grey, cv::COLOR_BGR2GRAY);
    cv::Mat even(drawing.size(), drawing.type());
    const int channels = drawing.channels();
    for (int y = 0; y < drawing.rows; ++y) {
        const std::uint8_t *from = drawing.ptr(y), *tone = grey.ptr(y);
        std::uint8_t* to = even.ptr(y);
        for (int x = 0; x < drawing.cols; ++x) {
            const double factor = white * displayOfLinear(luminance(y, x)) / std::max<double>(tone[x], 1);
            for (int k = 0; k < channels; ++k)
                to[x * channels + k] = cv::saturate_cast<std::uint8_t>(factor * from[x * channels + k]);
        }
    }
    return even;
}

} // namespace

cv::Mat evenedLight(const cv::Mat& drawing, PaperChoice choice) {
    if (choice != PaperChoice::White && paperToneOf(drawing, choice).hasChalk)
        return evenedToned(drawing, choice);
    // The paper's own brightness is smooth: found on a small copy, where strokes vanish under a closing.
    constexpr int smallSide = 360;
    const double shrink = std::min(1.0, 1.0 * smallSide / std::max(drawing.cols, drawing.rows));
    cv::Mat bare;
    cv::resize(drawing, bare, {}, shrink, shrink, cv::INTER_AREA);
    const int reach = smallSide / 15 / 2 * 2 + 1;
    cv::morphologyEx(bare, bare, cv::MORPH_CLOSE,
                     cv::getStructuringElement(cv::MORPH_ELLIPSE, {reach, reach}));
    cv::GaussianBlur(bare, bare, {}, reach / 2.0);
    cv::resize(bare, bare, drawing.size(), 0, 0, cv::INTER_LINEAR);
    // A pencil's grey is driven a third darker.
    constexpr double strength = 1.35;
    cv::Mat share, even;
    cv::divide(drawing, bare, share, 255);
    cv::Mat1b curve(1, 256);
    for (int i = 0; i < 256; ++i)
        curve(i) = static_cast<std::uint8_t>(std::lround(white * std::pow(i / 255.0, strength)));
    cv::LUT(share, curve, even);
    return even;
}

} // namespace zokran
