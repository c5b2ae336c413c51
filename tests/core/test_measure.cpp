// Measuring with a pencil, against plane geometry written out by hand and against simulation.

#include "core/measure/measure.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

MarkSheet placed(const std::vector<std::pair<Mark, PicturePoint>>& marks, double noise = 2) {
    MarkSheet sheet;
    sheet.width = sheet.height = 1000;
    sheet.noise = Pixels{noise};
    for (const auto& [m, at] : marks)
        sheet.marks[m] = PlacedMark{at};
    return sheet;
}

/// A 3-4-5 triangle with its right angle at the brow.
MarkSheet triangle() {
    return placed({{Brow, {100, 100}}, {Chin, {100, 500}}, {NoseTip, {400, 100}}});
}

} // namespace

TEST_CASE("Ratios, lengths and angles of a right triangle are Euclid's") {
    const MarkSheet t = triangle();
    CHECK(ratioOf(t, Brow, Chin, Brow, NoseTip).value == Approx(4.0 / 3));
    CHECK(lengthOf(t, Chin, NoseTip, {}).value == Approx(500));
    CHECK(lengthOf(t, Chin, NoseTip, {{Brow, NoseTip}}).value == Approx(5.0 / 3));
    CHECK(angleOf(t, Brow, NoseTip).value == Approx(0).margin(1e-12));
    CHECK(angleOf(t, Brow, Chin).value == Approx(90));
    CHECK(angleOf(t, Chin, NoseTip).value == Approx(53.130102)); // rises to the right
    CHECK(angleOf(t, NoseTip, Chin).value == Approx(53.130102)); // a line has no beginning
    CHECK(angleBetweenLines(t, Brow, Chin, Chin, NoseTip).value == Approx(36.869898));
    const auto [atBrow, atChin] = triangulated(t, Brow, Chin, NoseTip);
    CHECK(atBrow.value == Approx(90));
    CHECK(atChin.value == Approx(36.869898));
}

TEST_CASE("Level, plumb and prolonged lines name what they pass, and by how much they miss") {
    MarkSheet s = triangle();
    s.marks[LipLine] = PlacedMark{PicturePoint(104, 300)};
    auto misses = missesOfPlumb(s, Brow, {});
    REQUIRE(misses.size() == 3);
    CHECK(misses[0].mark == Chin);
    CHECK(misses[0].by.value == Approx(0).margin(1e-12));
    CHECK(misses[1].mark == LipLine);
    CHECK(misses[1].by.value == Approx(4)); // to the right
    misses = missesOfLevel(s, Brow, {{Brow, NoseTip}});
    CHECK(misses[0].mark == NoseTip);
    CHECK(misses[1].by.value == Approx(200.0 / 300)); // below, in the unit
    misses = missesOfLine(s, Brow, Chin, {});
    CHECK(misses[0].mark == LipLine);
    CHECK(misses[0].by.value == Approx(-4)); // on the left hand as one walks down the picture
}

TEST_CASE("Each doubt is what shaking the marks gives, in 90 to 98 of 100 within two of them") {
    Random random(55);
    const MarkSheet truth = sheetOf(adultHeads().mean, viewAt(pose(25, 5, 4)));
    struct Case {
        const char* name;
        std::function<Measured(const MarkSheet&)> measure;
    };
    const Case cases[] = {
        {"ratio", [](const MarkSheet& s) { return ratioOf(s, Brow, NoseBase, NoseBase, Chin); }},
        {"angle", [](const MarkSheet& s) { return angleOf(s, InnerEyeR, InnerEyeL); }},
        {"between",
         [](const MarkSheet& s) { return angleBetweenLines(s, Brow, Chin, PupilR, PupilL); }},
        {"triangulated",
         [](const MarkSheet& s) { return triangulated(s, PupilR, Chin, LipLine).first; }},
        {"length",
         [](const MarkSheet& s) {
             return lengthOf(s, Brow, Chin, {{InnerEyeR, OuterEyeR}});
         }},
        {"plumb", [](const MarkSheet& s) {
             for (const Miss& m : missesOfPlumb(s, InnerEyeR, {}))
                 if (m.mark == NoseWingR)
                     return m.by;
             return Measured{};
         }}};
    for (const Case& c : cases) {
        const double exact = c.measure(truth).value;
        int within = 0;
        constexpr int rounds = 600;
        for (int i = 0; i < rounds; ++i) {
            MarkSheet shaken = random.shaken(truth, 2);
            shaken.noise = Pixels{2};
            const Measured m = c.measure(shaken);
            within += std::abs(m.value - exact) < 2 * m.sigma;
        }
        INFO(c.name << " " << within);
        CHECK(within >= 0.90 * rounds);
        CHECK(within <= 0.98 * rounds);
    }
}

TEST_CASE("Carried over the centre line a mark falls on its twin's true place at any turn") {
    Random random(8);
    for (int i = 0; i < 20; ++i) {
        const View view = viewAt(pose(random.between(-60, 60), random.between(-30, 30), 10));
        const HeadMarks head = random.head();
        Fit fit;
        fit.view = view;
        fit.head = head;
        const MarkSheet sheet = sheetOf(head, view);
        if (!sheet.seen(InnerEyeL))
            continue;
        const Mirrored m = mirroredOver(sheet, InnerEyeL, fit, {});
        HeadPoint twin = head[InnerEyeL];
        twin.x() = -twin.x();
        CHECK((m.twin - view.project(twin)).norm() < 1e-6);
        CHECK(m.wrapped.value == Approx(2 * std::abs(head[InnerEyeL].x())));
    }
    Fit fit;
    CHECK_THROWS_WITH(mirroredOver(triangle(), Chin, fit, {}), Catch::Contains("no twin"));
}

TEST_CASE("What is not marked, and a line of no length, are told by name") {
    CHECK_THROWS_WITH(angleOf(triangle(), Brow, Crown), Catch::Contains("crown"));
    CHECK_THROWS_WITH(angleOf(triangle(), Brow, Brow), Catch::Contains("one spot"));
    CHECK_THROWS_WITH(ratioOf(triangle(), Brow, Chin, Chin, Chin), Catch::Contains("one spot"));
}
