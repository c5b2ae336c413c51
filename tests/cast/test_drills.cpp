// Drills: their answers against what can be measured on their pictures, and against projection written out
// by hand.

#include "cast/drills/drill.h"
#include "core/base/errors.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;

namespace {

cv::Mat3b matOf(const Picture& picture) {
    return cv::Mat(picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.bgr.data())).clone();
}

/// Where the picture is chalk red.
cv::Mat1b reds(const Picture& picture) {
    cv::Mat1b red;
    cv::inRange(matOf(picture), cv::Scalar(0, 0, 120), cv::Scalar(90, 100, 220), red);
    return red;
}

} // namespace

TEST_CASE("Every drill gives the same task for a seed, another for another, and refuses other levels") {
    for (const Drill* drill : drills()) {
        CAPTURE(drill->id);
        const DrillTask a = taskOf(*drill, 11, 2), b = taskOf(*drill, 11, 2), c = taskOf(*drill, 12, 2);
        const bool same = a.picture.bgr == b.picture.bgr && a.figures == b.figures,
                   another = a.picture.bgr != c.picture.bgr || a.figures != c.figures,
                   shown = a.answer.bgr != a.picture.bgr;
        CHECK(same);
        CHECK(another);
        CHECK(shown);
        CHECK((a.answer.width == a.picture.width && a.answer.height == a.picture.height));
        REQUIRE_FALSE(a.fields.empty());
        for (const DrillField& field : a.fields) {
            CHECK(field.tolerance > 0);
            CHECK(missOf(field, {field.right, field.place}) == Approx(0).margin(1e-9));
            CHECK(missOf(field, {field.right + (field.kind == DrillField::Kind::Choice ? 1 : 1.5 * field.tolerance),
                                 field.place + PicturePoint(1.5 * field.tolerance, 0)}) > 1);
            if (field.kind == DrillField::Kind::Choice)
                CHECK((field.right >= 0 && field.right < static_cast<double>(field.choices.size())));
        }
        CHECK_THROWS_AS(taskOf(*drill, 1, 0), BadInput);
        CHECK_THROWS_AS(taskOf(*drill, 1, 6), BadInput);
    }
    CHECK_THROWS_WITH(drillNamed("juggling"), Catch::Contains("far-eye"));
}

TEST_CASE("Guides on a ball lie where the rotation written out by hand puts them") {
    for (std::uint32_t seed = 1; seed <= 60; ++seed) {
        const DrillTask task = taskOf(guidesDrill, seed, 5);
        double turn = 0, tilt = 0, lean = 0;
        for (const auto& [name, value] : task.figures)
            (name == "turn" ? turn : name == "tilt" ? tilt : lean) = std::stod(value) * std::numbers::pi / 180;
        // Rz(-lean) Ry(turn) Rx(-tilt), view axes x right, y up, z to the viewer, from 15 radii off.
        const auto placed = [&](double x, double y, double z) {
            const double y1 = y * std::cos(tilt) + z * std::sin(tilt), z1 = -y * std::sin(tilt) + z * std::cos(tilt);
            const double x2 = x * std::cos(turn) + z1 * std::sin(turn), z2 = -x * std::sin(turn) + z1 * std::cos(turn);
            const double x3 = x2 * std::cos(lean) + y1 * std::sin(lean), y3 = -x2 * std::sin(lean) + y1 * std::cos(lean);
            const double grow = 0.3 * 520 / (1 - z2 / 15);
            return PicturePoint(260 + grow * x3, 0.42 * 520 - grow * y3);
        };
        REQUIRE(task.fields.size() == 3);
        CHECK((task.fields[0].place - placed(0, 0, 1)).norm() < 0.01);
        CHECK((task.fields[1].place - placed(0, 2.0 / 3, std::sqrt(5.0) / 3)).norm() < 0.01);
        CHECK((task.fields[2].place - placed(turn > 0 ? -0.745 : 0.745, 0, 0)).norm() < 0.01);
    }
}

TEST_CASE("The angle asked for is the angle of the red line in the picture") {
    for (std::uint32_t seed = 1; seed <= 12; ++seed) {
        const DrillTask task = taskOf(angleDrill, seed, 1 + static_cast<int>(seed % 5));
        std::vector<cv::Point> points;
        cv::findNonZero(reds(task.picture), points);
        REQUIRE(points.size() > 60);
        cv::Vec4f line;
        cv::fitLine(points, line, cv::DIST_HUBER, 0, 0.01, 0.01);
        double angle = std::atan2(-line[1], line[0]) * 180 / std::numbers::pi;
        angle = angle > 90 ? angle - 180 : angle <= -90 ? angle + 180 : angle;
        const double off = std::abs(angle - task.fields[0].right);
        CAPTURE(seed, angle, task.fields[0].right);
        CHECK(std::min(off, 180 - off) < 1.2);
    }
}

TEST_CASE("The far eye's corners lie under the patch, and nowhere else is one") {
    for (std::uint32_t seed = 1; seed <= 10; ++seed) {
        const DrillTask task = taskOf(farEyeDrill, seed, 3);
        cv::Mat1b patch;
        cv::inRange(matOf(task.picture), cv::Scalar(200, 200, 200), cv::Scalar(200, 200, 200), patch);
        const cv::Rect box = cv::boundingRect(patch);
        CHECK(cv::countNonZero(patch) > 0.95 * box.area());
        for (const DrillField& field : task.fields)
            CHECK(box.contains(cv::Point(cv::Point2d(field.place.x(), field.place.y()))));
    }
}

TEST_CASE("The right of two drawings is called straightened: its features stand nearer the middle") {
    int good = 0;
    constexpr int tasks = 6;
    for (std::uint32_t seed = 1; seed <= tasks; ++seed) {
        const DrillTask task = taskOf(straightDrill, seed, 1);
        // Red round the one that is called so, in the answer's picture.
        const cv::Rect box = cv::boundingRect(reds(task.answer));
        const int each = (task.picture.width - 24) / 3;
        const int drawing = (box.x + box.width / 2) / (each + 12); // 1 or 2
        good += drawing == static_cast<int>(task.fields[0].right) + 1;
    }
    CHECK(good == tasks);
}

TEST_CASE("What is wrong is one error at first and two of two parts later") {
    for (std::uint32_t seed = 1; seed <= 6; ++seed) {
        CHECK(taskOf(findDrill, seed, 2).fields.size() == 1);
        const DrillTask two = taskOf(findDrill, seed, 4);
        REQUIRE(two.fields.size() == 2);
        std::set<std::string> parts;
        for (const DrillField& f : two.fields) {
            std::string id = f.choiceIds[static_cast<std::size_t>(f.right)];
            id.pop_back();
            parts.insert(id);
        }
        CHECK(parts.size() == 2);
        // Something was moved: the answer shows it in red.
        CHECK(cv::countNonZero(reds(two.answer)) > 40);
    }
}

TEST_CASE("A round form is lightest on the side its light is said to stand") {
    int good = 0, judged = 0;
    for (std::uint32_t seed = 1; seed <= 30; ++seed) {
        const DrillTask task = taskOf(formsDrill, seed, 2); // sphere or egg, on a table
        const double azimuth = task.fields[0].right;
        // The form's own darkest pixels lie on the far side of its lightest within its middle rows.
        const cv::Mat3b picture = matOf(task.answer);
        cv::Mat1b grey;
        cv::cvtColor(picture, grey, cv::COLOR_BGR2GRAY);
        // A level row through the middle of the form, between its edges: in the ball's half-width.
        const int y = 240;
        double left = 0, right = 0;
        for (int x = 180; x < 260; ++x) {
            left += grey(y, x);
            right += grey(y, 519 - x);
        }
        if (std::abs(azimuth) < 25)
            continue;
        ++judged;
        good += (azimuth > 0) == (right > left);
    }
    CHECK(judged > 12);
    CHECK(good >= 0.9 * judged);
}
