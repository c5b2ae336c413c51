#include "cast/simulated_phone.h"

#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// A wooden table top: grain along x, in boards.
cv::Mat3f table(cv::Size size, cv::RNG& rng) {
    cv::Mat1f fine(size);
    rng.fill(fine, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(fine, fine, {}, size.width / 14.0, 0.7);
    cv::Mat1f broad(size);
    rng.fill(broad, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(broad, broad, {}, size.width / 5.0, size.height / 120.0);
    cv::normalize(fine, fine, -1, 1, cv::NORM_MINMAX);
    cv::normalize(broad, broad, -1, 1, cv::NORM_MINMAX);
    cv::Mat3f wood(size);
    const double board = size.height / 5.3;
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const double joint = std::abs(std::remainder(y, board)) / (0.0016 * size.height);
            const double tone = (0.36 + 0.05 * fine(y, x) + 0.06 * broad(y, x)) *
                                (joint < 1 ? 0.45 + 0.55 * joint : 1.0);
            wood(y, x) = cv::Vec3f(static_cast<float>(0.50 * tone), static_cast<float>(0.72 * tone),
                                   static_cast<float>(1.0 * tone));
        }
    return wood;
}

} // namespace

Snapshot snapshotOf(const cv::Mat3b& sheet, unsigned seed) {
    cv::RNG rng(seed * 40503u + 77);
    const cv::Size size = sheet.size();
    const double w = size.width, h = size.height;
    // The corners of the sheet in the picture: smaller, turned and foreshortened a little.
    const double share = rng.uniform(0.86, 0.90), turn = rng.uniform(-0.022, 0.022);
    const double lean = rng.uniform(-0.022, 0.022), nod = rng.uniform(-0.030, 0.030);
    std::vector<cv::Point2f> from, to;
    for (auto [u, v] : {std::pair{-0.5, -0.5}, {0.5, -0.5}, {0.5, 0.5}, {-0.5, 0.5}}) {
        from.emplace_back(static_cast<float>((u + 0.5) * w), static_cast<float>((v + 0.5) * h));
        const double depth = 1 + lean * u * 2 + nod * v * 2;
        const double x = share * u * w / depth, y = share * v * h / depth;
        to.emplace_back(static_cast<float>(w / 2 + x * std::cos(turn) - y * std::sin(turn)),
                        static_cast<float>(h / 2 + x * std::sin(turn) + y * std::cos(turn)));
    }
    Snapshot shot;
    shot.toPicture = cv::Matx33d(cv::getPerspectiveTransform(from, to));

    cv::Mat3f picture = table(size, rng), paper;
    cv::Mat(sheet).convertTo(paper, CV_32F, 1 / 255.0);
    cv::Mat3f laid;
    cv::warpPerspective(paper, laid, shot.toPicture, size, cv::INTER_AREA, cv::BORDER_REPLICATE);
    cv::Mat1f cover(size, 1.0f), where;
    cv::warpPerspective(cover, where, shot.toPicture, size, cv::INTER_LINEAR);
    // The sheet's own shadow on the table.
    cv::Mat1f under;
    cv::GaussianBlur(where, under, {}, h / 130);
    const cv::Matx23d aside(1, 0, 0.005 * h, 0, 1, 0.006 * h);
    cv::warpAffine(under, under, aside, size);
    // The holder's shadow falls in from one lower corner, soft and broad.
    const double side = rng.uniform(0.0, 1.0) < 0.5 ? 0.05 : 0.95;
    const cv::Point2d shade(side * w, (1.08 + rng.uniform(-0.05, 0.05)) * h);
    const cv::Point2d lamp((1 - side) * w, -0.15 * h);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const float k = where(y, x);
            cv::Vec3f c = picture(y, x) * (1 - 0.5f * under(y, x)) * (1 - k) + laid(y, x) * k;
            const double toLamp = std::hypot(x - lamp.x, y - lamp.y) / h;
            const double toShade =
                std::hypot((x - shade.x) / (0.55 * w), (y - shade.y) / (0.42 * h));
            const double dim = 1 - 0.26 / (1 + std::exp((toShade - 1) * 7));
            const double light = (1.08 - 0.20 * toLamp) * dim;
            const double cast[3] = {0.955, 0.99, 1.02}; // a warm lamp
            for (int i = 0; i < 3; ++i)
                c[i] *= static_cast<float>(light * cast[i]);
            picture(y, x) = c;
        }
    cv::GaussianBlur(picture, picture, {}, 0.55 * h / 1000 + 0.25);
    cv::Mat3f grain(size);
    rng.fill(grain, cv::RNG::NORMAL, 0, 0.010);
    picture += grain;
    cv::Mat(picture).convertTo(shot.picture, CV_8U, 255);
    return shot;
}

} // namespace zokran
