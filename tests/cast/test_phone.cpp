// The stand-in phone's pictures of pages, which the finder of pages was not made with.

#include "cast/phone.h"
#include "core/page/find_page.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;

TEST_CASE("Pages on the stand-in phone's table are found, surely, and to a thousandth") {
    int sure = 0;
    std::vector<double> off;
    constexpr unsigned pictures = 24;
    for (unsigned seed = 1; seed <= pictures; ++seed) {
        // Large pictures and small ones, with strokes right across the sheet.
        const int height = seed % 2 ? 1500 : 500;
        cv::Mat3b sheet(cv::Size(height * 4 / 5, height), cv::Vec3b(225, 232, 236));
        cv::RNG random(seed);
        const auto within = [&](double low, double high, int of) {
            return static_cast<int>(random.uniform(low, high) * of);
        };
        for (int k = 0; k < 10; ++k)
            cv::ellipse(sheet, {within(0.3, 0.7, sheet.cols), within(0.3, 0.7, sheet.rows)},
                        {within(0.02, 0.25, height), within(0.02, 0.25, height)},
                        random.uniform(0, 180), 0, 300, cv::Scalar(70, 70, 75), height / 400 + 1,
                        cv::LINE_AA);
        const Snapshot shot = snapshotOf(sheet, seed);
        const auto page = findPage(shot.picture);
        if (!page)
            continue;
        sure += page->sure > 0.5;
        const double right = sheet.cols - 0.5, foot = sheet.rows - 0.5;
        const std::pair<double, double> corners[] = {
            {-0.5, -0.5}, {right, -0.5}, {right, foot}, {-0.5, foot}};
        double worst = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const cv::Vec3d q = shot.toPicture * cv::Vec3d(corners[k].first, corners[k].second, 1);
            worst = std::max(worst, std::hypot(q[0] / q[2] - page->corners[k].x(),
                                               q[1] / q[2] - page->corners[k].y()));
        }
        off.push_back(worst / height);
    }
    std::sort(off.begin(), off.end());
    INFO("found " << off.size() << ", sure " << sure);
    REQUIRE(off.size() == pictures);
    CHECK(sure == pictures);
    CHECK(off[off.size() / 2] < 0.0005);
    CHECK(off.back() < 0.002);
}
