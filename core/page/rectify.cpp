#include "core/page/rectify.h"

#include "core/base/errors.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

Eigen::Matrix3d toPaper(const PageCorners& corners, const PaperSize& paper) {
    const PaperPoint to[] = {{0, 0},
                             {paper.width.value, 0},
                             {paper.width.value, paper.height.value},
                             {0, paper.height.value}};
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

cv::Mat rectified(const cv::Mat& photograph, const PageCorners& corners, const PaperSize& paper,
                  MillimetresPerPixel perPixel) {
    const Eigen::Matrix3d h = toPaper(corners, paper);
    const double s = 1 / perPixel.value;
    cv::Mat m(3, 3, CV_64F);
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c)
            m.at<double>(r, c) = (r < 2 ? s : 1) * h(r, c);
    cv::Mat flat;
    cv::warpPerspective(photograph, flat, m,
                        {static_cast<int>(std::lround(s * paper.width.value)),
                         static_cast<int>(std::lround(s * paper.height.value))},
                        cv::INTER_CUBIC, cv::BORDER_REPLICATE);
    return flat;
}

} // namespace zokran
