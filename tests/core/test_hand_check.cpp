// The two numbers by which a finding can be seen by hand: worked out here from the marks themselves.

#include "core/compare/hand_check.h"
#include "core/compare/finding_lines.h"
#include "core/messages/finding_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

Finding named(const char* id) {
    Finding finding;
    finding.id = id;
    finding.severity = Severity::Fix;
    return finding;
}

/// A drawing whose marks lie as on the photograph.
SketchMarks drawnAs(const MarkSheet& photo) {
    SketchMarks sketch;
    static_cast<MarkSheet&>(sketch) = photo;
    return sketch;
}

double between(const MarkSheet& sheet, Mark a, Mark b) {
    return (*sheet.seen(a) - *sheet.seen(b)).norm();
}

} // namespace

TEST_CASE("A finding's numbers are those of a pencil held out over photograph and drawing") {
    using enum Mark;
    // From the front the head's axes are the picture's, so plain lengths are the truth.
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(0, 0, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = drawnAs(reference);
    for (Mark m : {MouthCornerL, MouthCornerR, LipLine})
        *sketch.marks[m]->at += PicturePoint(0, 11);
    const Comparison c = compareSketch(reference, fit, sketch);
    const auto told = toldFindings(c);
    REQUIRE_FALSE(told.empty());
    REQUIRE(told.front()->id == "mouth_height");
    const auto check = handCheckFor(c, *told.front());
    REQUIRE(check);
    CHECK(check->seen == Approx(between(reference, NoseBase, LipLine) / between(reference, NoseBase, Chin)).margin(0.01));
    CHECK(check->drawn == Approx(between(sketch, NoseBase, LipLine) / between(sketch, NoseBase, Chin)).margin(0.01));
    CHECK(check->drawn > check->seen + 0.05);
    const std::string words = handCheckWords(c, *told.front());
    CHECK(words.find("Measure it: ") == 0);
    CHECK(words.find(fmt::format("{:.2f}", check->seen)) != std::string::npos);
    CHECK(words.find(fmt::format("{:.2f} on yours", check->drawn)) != std::string::npos);
}

TEST_CASE("The bars of a hand check are as long as what they measure, and stand beside the face") {
    using enum Mark;
    const View view = viewAt(pose(0, 0, 25));
    const MarkSheet sheet = sheetOf(adultHeads().mean, view);
    const HandCheck check{{NoseBase}, {LipLine}, {NoseBase}, {Chin}};
    const auto at = [&](Mark m) { return *sheet.seen(m); };
    const HandCheckBars bars = barsOf(check, view, at);
    const auto length = [](const auto& bar) { return (bar.second - bar.first).norm(); };
    CHECK(length(bars.length) / length(bars.unit) ==
          Approx(between(sheet, NoseBase, LipLine) / between(sheet, NoseBase, Chin)).margin(0.01));
    CHECK(bars.length.first.x() < at(NoseBase).x() - 0.4 * view.scale);
    CHECK(bars.unit.first.x() < bars.length.first.x());
    // Along the head's own axis, which leans.
    const PicturePoint axis = (view.project({0, 1, 0}) - view.project({0, -1, 0})).normalized();
    CHECK(std::abs((bars.unit.second - bars.unit.first).normalized().dot(axis)) == Approx(1).margin(1e-6));
}

TEST_CASE("A school's share is that of its levels, and widths have none") {
    using enum Mark;
    // By thirds of the face and the lips a third of the way down: common practice, no source.
    Levels school{{1}, {2. / 3}, {0}, {-.2}, {-2. / 3}, {-8. / 9}, {-4. / 3}, {-1}, {0}, {-.6}};
    CHECK(*schoolShare({{NoseBase}, {LipLine}, {NoseBase}, {Chin}}, school) == Approx(1. / 3));
    CHECK(*schoolShare({{Brow}, {NoseBase}, {NoseBase}, {Chin}}, school) == Approx(1));
    HandCheck across{{NoseWingR}, {NoseWingL}, {InnerEyeR}, {InnerEyeL}};
    across.isUpright = false;
    CHECK_FALSE(schoolShare(across, school));
}

TEST_CASE("A faithful drawing's two numbers agree at any pose and size, and leaning makes no difference") {
    for (const auto& [turn, tilt, lean] : {std::tuple{0.0, 0.0, 0.0}, {30.0, 15.0, -20.0}, {-40.0, -20.0, 25.0}}) {
        const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(turn, tilt, lean)));
        const Fit fit = fitHead(reference);
        // Drawn smaller, elsewhere and turned on the page.
        SketchMarks sketch = drawnAs(reference);
        const Eigen::Rotation2Dd by(0.12);
        for (auto& placed : sketch.marks)
            if (placed && placed->at)
                *placed->at = PicturePoint(0.7 * (by * *placed->at) + PicturePoint(60, 30));
        const Comparison c = compareSketch(reference, fit, sketch);
        int checked = 0;
        for (const char* id : {"mouth_height", "nose_height", "chin_height", "eye_height", "mouth_width", "eyes_apart"})
            if (const auto check = handCheckFor(c, named(id))) {
                INFO(id << " at " << turn);
                CHECK(check->drawn == Approx(check->seen).epsilon(0.03));
                ++checked;
            }
        CHECK(checked >= 3);
    }
}

TEST_CASE("No numbers where the poses differ, a mark is missing, or the finding has none") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(30, 0, 0)));
    const Fit fit = fitHead(reference);
    const Comparison turned = compareSketch(reference, fit, drawnAs(sheetOf(adultHeads().mean, viewAt(pose(5, 0, 0)))));
    CHECK_FALSE(handCheckFor(turned, named("mouth_height")));
    SketchMarks sketch = drawnAs(reference);
    sketch.marks[Mark::Chin].reset();
    const Comparison chinless = compareSketch(reference, fit, sketch);
    CHECK_FALSE(handCheckFor(chinless, named("mouth_height")));
    CHECK_FALSE(handCheckFor(compareSketch(reference, fit, drawnAs(reference)), named("mouth_axis")));
    CHECK(handCheckWords(chinless, named("mouth_height")).empty());
}
