#include "core/fit/pencil_readings.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// The readings that somebody takes of marks with a pencil: lengths to a twentieth of an eye, slants to a degree.
std::vector<PencilReading> takenOf(const MarkSheet& sheet, NearerSide& nearer) {
    const auto width = [&](Mark a, Mark b) { return (*sheet.seen(a) - *sheet.seen(b)).norm(); };
    const double left = width(Mark::InnerEyeR, Mark::OuterEyeR), right = width(Mark::InnerEyeL, Mark::OuterEyeL);
    nearer = std::max(left, right) < 1.05 * std::min(left, right) ? NearerSide::Neither
             : left > right                                       ? NearerSide::ViewersLeft
                                                                  : NearerSide::ViewersRight;
    const auto on = [&](Mark m) { return nearer == NearerSide::ViewersLeft ? mirrored(m) : m; };
    const double eye = nearer == NearerSide::ViewersLeft ? left : right;
    std::vector<PencilReading> readings;
    for (const PencilReadingKind& kind : pencilReadingKinds()) {
        const auto from = sheet.seen(on(kind.from)), to = sheet.seen(on(kind.to));
        if (!from || !to)
            continue;
        PicturePoint way = *to - *from;
        if (kind.unit == PencilReadingKind::Unit::Eyes) {
            readings.push_back({kind.id, std::max(0.05, std::round(20 * way.norm() / eye) / 20)});
            continue;
        }
        if (!kind.isDown && way.x() < 0)
            way = -way;
        const Radians angle{kind.isDown ? std::atan2(way.x(), way.y()) : std::atan2(-way.y(), way.x())};
        readings.push_back({kind.id, std::round(degrees(angle))});
    }
    return readings;
}

} // namespace

TEST_CASE("A head is read off pencil measures of a sitter about as off marks in a photograph") {
    std::vector<double> turn, tilt, lean, within;
    for (const MarkSheet& sheet : realFaces()) {
        const Fit fit = fitHead(sheet);
        NearerSide nearer;
        const auto readings = takenOf(sheet, nearer);
        REQUIRE(readings.size() >= 10);
        const ReadHead read = headOfReadings(readings, nearer);
        const Pose by = read.view.pose();
        turn.push_back(std::abs(degrees(wrapped(by.turn - fit.pose.turn))));
        tilt.push_back(std::abs(degrees(wrapped(by.tilt - fit.pose.tilt))));
        lean.push_back(std::abs(degrees(wrapped(by.lean - fit.pose.lean))));
        // The head is fitted to the marks that come with it as to a photograph's.
        CHECK(apart(fitHead(read.marks).view.facing(), read.view.facing()) < 12);
    }
    for (auto* list : {&turn, &tilt, &lean})
        std::sort(list->begin(), list->end());
    const auto at = [](const std::vector<double>& v, double q) { return v[static_cast<std::size_t>(q * double(v.size() - 1))]; };
    INFO("turn " << at(turn, .5) << ' ' << at(turn, .9) << ", tilt " << at(tilt, .5) << ' ' << at(tilt, .9) << ", lean "
                 << at(lean, .5) << ' ' << at(lean, .9));
    CHECK(at(turn, 0.5) < 5);
    CHECK(at(turn, 0.9) < 11);
    CHECK(at(tilt, 0.5) < 7);
    CHECK(at(tilt, 0.9) < 15);
    CHECK(at(lean, 0.9) < 4);
}

TEST_CASE("Exact readings of the mean head give its pose, on either side") {
    for (const double turn : {-40.0, -20.0, 0.0, 20.0, 40.0})
        for (const double tilt : {-20.0, 15.0}) {
            View view = viewAt(pose(turn, tilt, 6), usualDistance.value);
            view.principal = view.centre;
            const NearerSide nearer = turn > 0 ? NearerSide::ViewersLeft : turn < 0 ? NearerSide::ViewersRight : NearerSide::Neither;
            std::vector<PencilReading> readings;
            for (const PencilReadingKind& kind : pencilReadingKinds())
                if (const auto value = readingOf(kind, view, adultHeads().mean, nearer))
                    readings.push_back({kind.id, *value});
            const ReadHead read = headOfReadings(readings, nearer);
            INFO(turn << ' ' << tilt << ": " << degrees(read.view.pose().turn) << ' ' << degrees(read.view.pose().tilt));
            CHECK(apart(read.view.facing(), headToView(pose(turn, tilt, 6))) < 4);
            CHECK(read.sigma.turn.value > 0);
        }
}

TEST_CASE("A reading that contradicts the others is named, and the doubt grows") {
    View view = viewAt(pose(25, 0, 3), usualDistance.value);
    view.principal = view.centre;
    std::vector<PencilReading> readings;
    for (const PencilReadingKind& kind : pencilReadingKinds())
        if (const auto value = readingOf(kind, view, adultHeads().mean, NearerSide::ViewersLeft))
            readings.push_back({kind.id, *value});
    const ReadHead whole = headOfReadings(readings, NearerSide::ViewersLeft);
    CHECK_FALSE(whole.doubtful);
    for (const char* wrong : {"lower_face", "mouth_slant"}) {
        std::vector<PencilReading> mistaken = readings;
        for (PencilReading& reading : mistaken)
            if (reading.kind == wrong)
                reading.value = reading.kind == std::string_view("mouth_slant") ? reading.value + 40 : 2.2 * reading.value;
        const ReadHead read = headOfReadings(mistaken, NearerSide::ViewersLeft);
        REQUIRE(read.doubtful);
        CHECK(*read.doubtful == wrong);
        CHECK(read.sigma.turn > whole.sigma.turn);
    }
}

TEST_CASE("Readings that make no head are refused in a sentence") {
    CHECK_THROWS_WITH(headOfReadings({{"head", 8}}, NearerSide::Neither), Catch::Contains("at least 5"));
    std::vector<PencilReading> readings{{"head", 8}, {"nose", 2}, {"lower_face", 2}, {"mouth", 1.6}, {"between", 1}};
    CHECK_NOTHROW(headOfReadings(readings, NearerSide::Neither));
    readings[1].value = 0;
    CHECK_THROWS_WITH(headOfReadings(readings, NearerSide::Neither), Catch::Contains("nose"));
    readings[1] = {"hat", 2};
    CHECK_THROWS_WITH(headOfReadings(readings, NearerSide::Neither), Catch::Contains("hat"));
}
