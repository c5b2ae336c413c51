// The light read off plaster heads the reading has never seen, under the cast room's own renderer,
// which shades a finer mesh with shadows, bounce and grain.

#include "cast/sitter.h"
#include "cast/stand_in_camera.h"
#include "core/light/light.h"
#include "core/base/tone.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;
using namespace zokran::test;

namespace {

double angleBetween(const LightDirection& a, const LightDirection& b) {
    return degrees({std::acos(std::clamp(towardsLight(a).dot(towardsLight(b)), -1.0, 1.0))});
}

} // namespace

TEST_CASE("The light is read within 15 degrees in nine of ten pictures of unseen sitters", "[long]") {
    Random random(600);
    int told = 0, close = 0, within = 0;
    constexpr int pictures = 20;
    std::string list;
    for (int i = 0; i < pictures; ++i) {
        const Bust bust(sitterNamed("someone-" + std::to_string(700 + i)));
        Shot shot;
        shot.size = 360;
        shot.pose = pose(random.between(-40, 40), random.between(-15, 15), random.between(-10, 10));
        shot.lightAzimuth = Degrees{random.between(-65, 65)};
        shot.lightElevation = Degrees{random.between(0, 55)};
        Picture taken = photograph(bust, shot);
        const Fit fit = fitHead(exactMarks(bust, viewOf(shot), taken.width, taken.height));
        const auto reading =
            readLight(cv::Mat(taken.height, taken.width, CV_8UC3, taken.bgr.data()), fit);
        if (!reading)
            continue;
        ++told;
        const double off = angleBetween(
            reading->from, {toRadians(shot.lightAzimuth), toRadians(shot.lightElevation)});
        close += off < 15;
        within += off < 2.5 * degrees(reading->sigma);
        list += std::to_string(static_cast<int>(off)) + " ";
    }
    INFO(told << " told, " << close << " close, " << within << " within: " << list);
    CHECK(told >= 0.9 * pictures);
    CHECK(close >= 0.9 * told);
    CHECK(within >= 0.8 * told);
}

TEST_CASE("In flat light it says that it cannot tell") {
    const View view = viewAt(pose(20, 0, 0));
    const Fit fit = fitHead(sheetOf(adultHeads().mean, view));
    cv::RNG rng(3);
    cv::Mat3b even(1000, 1000, cv::Vec3b(150, 150, 150));
    cv::Mat3s noise(even.size());
    rng.fill(noise, cv::RNG::NORMAL, 0, 4);
    cv::add(even, noise, even, cv::noArray(), CV_8U);
    CHECK_FALSE(readLight(even, fit));
    CHECK_FALSE(readLight(cv::Mat3b(20, 20, cv::Vec3b(9, 9, 9)), fit));
}

TEST_CASE("The form is shaded by Lambert's law, and in as many values as are asked for") {
    const View view = viewAt(pose(0, 0, 0));
    Fit fit;
    fit.view = view;
    fit.head = adultHeads().mean;
    fit.width = fit.height = 1000;
    const LightDirection light{toRadians(Degrees{30}), toRadians(Degrees{40})};
    const cv::Mat whole = shadedForm(fit, light, 0);
    REQUIRE(whole.size() == cv::Size(1000, 1000));
    // On the ball well above the face the normal is the place itself. sRGB and L* as OpenCV has them: the
    // lightness of the pixel is that of a tenth and nine tenths of the cosine.
    const Eigen::Vector3d l(std::sin(0.5235988) * std::cos(0.6981317), std::sin(0.6981317),
                            std::cos(0.5235988) * std::cos(0.6981317));
    for (const HeadPoint& p : {HeadPoint(0.1, 0.8, 0), HeadPoint(-0.3, 0.75, 0), HeadPoint(0.4, 0.85, 0)}) {
        HeadPoint at = p;
        at.z() = std::sqrt(1 - p.x() * p.x() - p.y() * p.y());
        const PicturePoint q = view.project(at);
        const double y = 0.1 + 0.9 * std::max(0.0, (view.facing() * at).dot(l));
        cv::Mat3f lab, rgb(1, 1);
        const float s = whole.at<std::uint8_t>(static_cast<int>(std::lround(q.y())),
                                               static_cast<int>(std::lround(q.x()))) / 255.0f;
        rgb(0, 0) = cv::Vec3f(s, s, s);
        cv::cvtColor(rgb, lab, cv::COLOR_BGR2Lab);
        CHECK(lab(0, 0)[0] == Approx(116 * std::cbrt(y) - 16).margin(1.5));
    }
    for (int steps : {2, 3, 5, 10}) {
        const cv::Mat stepped = shadedForm(fit, light, steps);
        std::set<int> values;
        for (int y = 0; y < stepped.rows; ++y)
            for (int x = 0; x < stepped.cols; ++x)
                values.insert(stepped.at<std::uint8_t>(y, x));
        values.erase(119); // the ground, which may also be the middle value
        CHECK(static_cast<int>(values.size()) <= steps);
        CHECK(static_cast<int>(values.size()) >= steps - 1);
    }
}

namespace {

/// Two pictures of one head as if both lights had burnt at once: what they send adds up.
void addLight(Picture& picture, const Picture& other, double strength) {
    for (std::size_t i = 0; i < picture.bgr.size(); ++i) {
        const double y = (linearOfDisplay(picture.bgr[i] / 255.0) +
                          strength * linearOfDisplay(other.bgr[i] / 255.0)) /
                         (1 + strength);
        picture.bgr[i] = static_cast<std::uint8_t>(std::lround(255 * displayOfLinear(y)));
    }
}

} // namespace

TEST_CASE("Where two lights burn both are found, and where one burns no second is made up") {
    Random random(4100);
    int both = 0, close = 0, madeUp = 0;
    constexpr int heads = 16;
    std::string list;
    for (int i = 0; i < heads; ++i) {
        const Bust bust(sitterNamed("someone-" + std::to_string(4200 + i)));
        Shot shot;
        shot.size = 300;
        shot.pose = pose(random.between(-30, 30), random.between(-12, 12), random.between(-8, 8));
        const double side = i % 2 ? 1 : -1;
        shot.lightAzimuth = Degrees{side * random.between(45, 75)};
        shot.lightElevation = Degrees{random.between(10, 40)};
        Picture taken = photograph(bust, shot);
        const LightDirection key{toRadians(shot.lightAzimuth), toRadians(shot.lightElevation)};
        const Fit fit = fitHead(exactMarks(bust, viewOf(shot), taken.width, taken.height));
        const auto read = [&] {
            return readLight(cv::Mat(taken.height, taken.width, CV_8UC3, taken.bgr.data()), fit);
        };
        const auto alone = read();
        madeUp += alone && alone->second;
        shot.lightAzimuth = Degrees{-side * random.between(50, 80)};
        shot.lightElevation = Degrees{random.between(0, 30)};
        const LightDirection other{toRadians(shot.lightAzimuth), toRadians(shot.lightElevation)};
        addLight(taken, photograph(bust, shot), 0.6);
        const auto two = read();
        if (!two || !two->second) {
            list += two ? "- " : "x ";
            continue;
        }
        ++both;
        const double off = std::max(angleBetween(two->from, key), angleBetween(two->second->from, other));
        close += off < 45; // both of them; that two burn is surer than where
        list += std::to_string(static_cast<int>(off)) + " ";
    }
    INFO(both << " found, " << close << " close, " << madeUp << " made up: " << list);
    CHECK(both >= 0.85 * heads);
    CHECK(close >= 0.9 * both);
    CHECK(madeUp == 0);
}
