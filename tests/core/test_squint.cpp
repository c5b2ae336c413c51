// Half-shut eyes: values in lightness, against OpenCV's own CIE lightness.

#include "core/base/errors.h"
#include "core/light/squint.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;

namespace {

/// CIE L* of a grey by OpenCV, 0 to 100.
float lightnessOf(std::uint8_t grey) {
    const float share = static_cast<float>(grey) / 255;
    const cv::Mat3f rgb(1, 1, cv::Vec3f(share, share, share));
    cv::Mat3f lab;
    cv::cvtColor(rgb, lab, cv::COLOR_RGB2Lab);
    return lab(0, 0)[0];
}

} // namespace

TEST_CASE("A squinted ramp has just so many values, equally apart in lightness") {
    cv::Mat1b ramp(40, 1024);
    for (int y = 0; y < ramp.rows; ++y)
        for (int x = 0; x < ramp.cols; ++x)
            ramp(y, x) = static_cast<std::uint8_t>(x / 4);
    for (int values = 2; values <= 10; ++values) {
        const cv::Mat1b out = squinted(ramp, values, 0);
        const std::set<std::uint8_t> greys(out.begin(), out.end());
        CHECK(static_cast<int>(greys.size()) == values);
        int step = 0;
        for (const std::uint8_t grey : greys)
            CHECK(lightnessOf(grey) == Approx(100 * (step++ + 0.5) / values).margin(0.6));
        // Nothing comes out further from itself than half a step.
        for (int x = 0; x < ramp.cols; x += 37)
            CHECK(std::abs(lightnessOf(out(0, x)) - lightnessOf(ramp(0, x))) < 50.0 / values + 0.7);
    }
}

TEST_CASE("Squinting loses what is small and keeps what is large, in grey and in colour alike") {
    cv::Mat3b picture(300, 400, cv::Vec3b(220, 220, 220));
    cv::rectangle(picture, {0, 0, 150, 300}, cv::Scalar(30, 30, 30), cv::FILLED);
    cv::line(picture, {300, 20}, {300, 280}, cv::Scalar(40, 40, 40), 1);
    const cv::Mat1b out = squinted(picture, 3);
    CHECK(out(150, 60) < 80);
    CHECK(out(150, 250) == out(150, 300)); // the pencil line is gone
    cv::Mat1b grey;
    cv::cvtColor(picture, grey, cv::COLOR_BGR2GRAY);
    cv::Mat four, difference;
    cv::cvtColor(picture, four, cv::COLOR_BGR2BGRA);
    for (const cv::Mat& same : {squinted(grey, 3), squinted(four, 3)}) {
        cv::absdiff(out, same, difference);
        CHECK(cv::countNonZero(difference) == 0);
    }
    CHECK_THROWS_AS(squinted(picture, 1), BadInput);
    CHECK_THROWS_AS(squinted(picture, 11), BadInput);
}

TEST_CASE("A line drawing squinted at is not blank: where its lines crowd it is dark") {
    cv::Mat1b drawing(400, 400, std::uint8_t{240});
    for (int i = 0; i < 8; ++i) // close together
        cv::line(drawing, {60 + 5 * i, 100}, {60 + 5 * i, 200}, cv::Scalar(90), 1);
    cv::line(drawing, {300, 60}, {300, 340}, cv::Scalar(90), 1); // alone
    const auto valuesIn = [](const cv::Mat1b& m) { return std::set<std::uint8_t>(m.begin(), m.end()).size(); };
    const cv::Mat1b out = squintedLines(drawing, {4}, 4);
    CHECK(out(150, 78) < out(150, 300));
    CHECK(out(150, 300) < out(380, 380)); // a line alone is fainter than a crowd and darker than the paper
    CHECK(valuesIn(out) == 4);
    CHECK(valuesIn(squintedLines(cv::Mat1b(50, 50, std::uint8_t{240}), {4}, 4)) == 1);
    // Nor is paper in failing light dark.
    cv::Mat1b failing = drawing.clone();
    for (int y = 0; y < failing.rows; ++y)
        failing.row(y) -= y / 8;
    const cv::Mat1b dim = squintedLines(failing, {4}, 4);
    CHECK(dim(380, 200) == dim(20, 200));
    CHECK(dim(150, 78) < dim(150, 300));
    CHECK_THROWS_AS(squintedLines(drawing, {4}, 1), BadInput);
}

TEST_CASE("The borders of a squinted picture are smooth lines, and its own edge is none") {
    // A disc of one value on another, and a band along the foot that reaches both sides.
    cv::Mat1b picture(400, 500, static_cast<std::uint8_t>(220));
    cv::circle(picture, {200, 150}, 80, cv::Scalar(120), cv::FILLED);
    picture.rowRange(330, 400).setTo(40);
    const auto outlines = shapeOutlines(picture, {150});
    // The band's border belongs to both steps of value, from light to middle and from middle to dark.
    REQUIRE(outlines.size() == 3);
    int round = 0, level = 0;
    for (const auto& line : outlines) {
        bool isRound = true, isLevel = true;
        for (const PicturePoint& p : line) {
            isRound = isRound && std::abs((p - PicturePoint(200, 150)).norm() - 80) < 2;
            isLevel = isLevel && std::abs(p.y() - 330) < 2;
        }
        round += isRound;
        level += isLevel;
        if (isRound)
            CHECK((line.front() - line.back()).norm() < 2);
    }
    CHECK(round == 1);
    CHECK(level == 2);
    // A speck is no shape.
    cv::circle(picture, {400, 60}, 3, cv::Scalar(40), cv::FILLED);
    CHECK(shapeOutlines(picture, {150}).size() == 3);
    CHECK(shapeOutlines(cv::Mat1b(50, 50, static_cast<std::uint8_t>(200)), {20}).empty());
}
