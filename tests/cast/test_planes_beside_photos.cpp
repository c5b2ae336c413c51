// The head in planes under a lamp beside a squinted photograph under the same lamp, value by value. The plaster is our own; of
// photographs of people docs/sources.md tells.

#include "cast/stand_in_camera.h"
#include "core/base/tone.h"
#include "core/light/depth_buffer.h"
#include "core/light/lit_solid.h"
#include "core/light/planar_head.h"
#include "core/light/squint.h"
#include "core/light/tone_places.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <map>
#include <opencv2/core.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

constexpr int values = 5;

/// Which of five values equally apart in lightness a grey of the screen has.
int valueOfGrey(std::uint8_t grey) {
    const double lightness = lightnessOfLinear(linearOfDisplay(grey / 255.0));
    return std::clamp(static_cast<int>(lightness * values / 100), 0, values - 1);
}

/// The value that most of a disc has; nothing where the disc leaves the picture.
std::optional<int> commonestValue(const cv::Mat1b& grey, const PicturePoint& at, double radius) {
    int counts[values] = {};
    const int r = std::max(1, static_cast<int>(radius));
    for (int dy = -r; dy <= r; ++dy)
        for (int dx = -r; dx <= r; ++dx) {
            const int x = static_cast<int>(at.x()) + dx, y = static_cast<int>(at.y()) + dy;
            if (dx * dx + dy * dy > r * r)
                continue;
            if (x < 0 || y < 0 || x >= grey.cols || y >= grey.rows)
                return std::nullopt;
            ++counts[valueOfGrey(grey(y, x))];
        }
    return static_cast<int>(std::max_element(counts, counts + values) - counts);
}

/// How many places of the face have a value in both pictures, and how many differ by at most one.
struct Agreement {
    int places = 0, within = 0;
    std::map<std::string, std::array<int, 3>> byPlace; ///< count, within, sum of form less photograph
};

/// Adds the places of a photograph (8-bit, blue green red) squinted to five values, beside the head in planes under the lamp.
void add(Agreement& agreement, const cv::Mat& photo, const Fit& fit, Lighting lamp) {
    lamp.values = values;
    const DepthBuffer round(litHead(fit.head), fit.view, photo.cols, photo.rows);
    cv::Mat1b mask(photo.rows, photo.cols, std::uint8_t{0});
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            mask(y, x) = round.spot(x, y).there() ? 255 : 0;
    const cv::Mat1b squinted = squintedShapes(photo, squintScaleOf(photo, mask, {fit.view.scale}), values);
    const DepthBuffer planes(litPlanes(planarHead(), fit.head, PlaneGrade::All).solid, fit.view, photo.cols, photo.rows);
    std::vector<std::uint8_t> pixels = Shading(planes, lamp).picture(values);
    const cv::Mat1b formed(photo.rows, photo.cols, pixels.data());
    for (const TonePlace& place : tonePlaces()) {
        const std::string id(place.id);
        if (place.kind != TonePlace::Kind::Surface || id.starts_with("hair") || id == "eyebrow" ||
            abs(fit.pose.turn) > toRadians(place.mostTurned))
            continue;
        for (const int side : {+1, -1}) {
            if (!place.bothSides && side < 0)
                continue;
            HeadPoint at = place.at(fit.head);
            Eigen::Vector3d looks = place.looks;
            at.x() *= side;
            looks.x() *= side;
            constexpr double turnedToViewer = 0.45;
            if ((fit.view.facing() * looks).z() < turnedToViewer)
                continue;
            const PicturePoint in = fit.view.project(at);
            const double radius = 0.6 * fit.view.inPicture(place.radius).value;
            const auto seen = commonestValue(squinted, in, radius), form = commonestValue(formed, in, radius);
            if (!seen || !form)
                continue;
            ++agreement.places;
            agreement.within += std::abs(*seen - *form) <= 1;
            auto& [count, within, sum] = agreement.byPlace[id];
            ++count;
            within += std::abs(*seen - *form) <= 1;
            sum += *form - *seen;
        }
    }
}

} // namespace

TEST_CASE("The head in planes has the values of the squinted plaster under the same lamp") {
    Agreement agreement;
    const std::tuple<Pose, double, double> pictures[] = {
        {pose(0, 0, 0), -55, 35}, {pose(25, 5, 0), -40, 50}, {pose(-35, -5, 5), 60, 25}, {pose(15, 0, -5), 75, 20}};
    for (const char* name : {"halcyon", "stormcock", "someone-12"}) {
        const Bust bust(sitterNamed(name));
        for (const auto& [held, azimuth, elevation] : pictures) {
            Shot shot;
            shot.pose = held;
            shot.size = 700;
            shot.lightAzimuth = {azimuth};
            shot.lightElevation = {elevation};
            shot.softness = {0.15};
            shot.fill = 0.4;
            Picture picture = photograph(bust, shot);
            const cv::Mat photo(picture.height, picture.width, CV_8UC3, picture.bgr.data());
            add(agreement, photo, fitHead(exactMarks(bust, viewOf(shot), picture.width, picture.height)),
                {{toRadians(Degrees{azimuth}), toRadians(Degrees{elevation})}});
        }
    }
    for (const auto& [id, n] : agreement.byPlace)
        UNSCOPED_INFO(id << ": " << n[1] << " of " << n[0] << ", form less plaster " << 1.0 * n[2] / n[0]);
    INFO(agreement.within << " of " << agreement.places << " places within one value");
    CHECK(agreement.places > 150);
    CHECK(10 * agreement.within >= 7 * agreement.places);
}
