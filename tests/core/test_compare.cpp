#include "core/compare/compare.h"
#include "core/compare/errors/error_modes.h"
#include "core/files/marks_file.h"
#include "core/messages/finding_messages.h"
#include "core/messages/trouble_messages.h"
#include "tests/heads.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

/// A reference, its fit, and the means to draw it wrongly.
struct Scene {
    HeadMarks head;
    View view;
    MarkSheet reference;
    Fit fit;

    explicit Scene(Pose p, const HeadMarks& h = adultHeads().mean)
        : head(h), view(viewAt(p)), reference(sheetOf(h, view)), fit(fitHead(reference)) {}

    /// The marks of a drawing of `other`, seen from `from`, laid on the sheet by a similarity.
    MarkSheet drawn(const HeadMarks& other, const View& from, double scale = 0.8,
                    double turned = 0) const {
        const Similarity onPaper{scale, toRadians({turned}), {40, -25}};
        MarkSheet sketch = sheetOf(head, view); // what was seen is what is drawn
        for (int i = 0; i < markCount; ++i)
            sketch.marks[markAt(i)]->at = onPaper(from.project(other[markAt(i)]));
        return sketch;
    }
    MarkSheet faithful(double scale = 0.8, double turned = 0) const {
        return drawn(head, view, scale, turned);
    }
    HeadMarks with(const std::string& id, double amount) const {
        HeadMarks wrong = head;
        for (const ErrorMode& mode : errorModes(head, view, true))
            if (mode.id == id)
                for (int i = 0; i < markCount; ++i)
                    wrong[markAt(i)] += amount * mode.displacement[markAt(i)];
        return wrong;
    }
    Comparison compare(const MarkSheet& sketch, CompareOptions options = {}) const {
        return compareSketch(reference, fit, sketch, options);
    }
};

} // namespace

TEST_CASE("Registration is Umeyama's similarity, as Eigen computes it") {
    Random random(51);
    for (int round = 0; round < 30; ++round) {
        std::vector<PicturePoint> from, to;
        Eigen::Matrix<double, 2, 8> a, b;
        for (int i = 0; i < 8; ++i) {
            from.emplace_back(random.normal(100), random.normal(100));
            to.emplace_back(from.back().y() * 2 + random.normal(5),
                            -from.back().x() * 2 + 30 + random.normal(5));
            a.col(i) = from.back();
            b.col(i) = to.back();
        }
        const Eigen::Matrix3d expected = Eigen::umeyama(a, b, true);
        const Similarity s = bestSimilarity(from, to);
        CHECK(s.scale * std::cos(s.rotation.value) == Approx(expected(0, 0)).margin(1e-9));
        CHECK(s.scale * std::sin(s.rotation.value) == Approx(expected(1, 0)).margin(1e-9));
        CHECK((s.shift - expected.block<2, 1>(0, 2)).norm() < 1e-7);
    }
    const std::vector<PicturePoint> one(1, PicturePoint(1, 1)), same(2, PicturePoint(1, 1));
    CHECK_THROWS_AS(bestSimilarity(one, one), BadInput);
    CHECK_THROWS_AS(bestSimilarity(same, same), BadInput);
}

TEST_CASE("A faithful copy, smaller and turned on the page, has nothing to mend") {
    Random random(52);
    for (const Pose p : {pose(0, 0, 0), pose(45, 20, 10), pose(-80, -10, 0), pose(20, -35, -30)}) {
        const Scene scene(p, random.head());
        const Comparison c = scene.compare(scene.faithful(0.6, 7));
        CHECK(c.findings.front().id == "all_in_place");
        CHECK(c.registration.scale == Approx(0.6).epsilon(0.01));
        CHECK(degrees(c.registration.rotation) == Approx(7).margin(0.3));
        CHECK(std::abs(c.straightening) < 0.02);
        for (const auto& placement : c.placements)
            if (placement) {
                CHECK(std::abs(placement->up) < 0.3);
                CHECK(std::abs(placement->across) < 0.3);
            }
    }
}

TEST_CASE("up and across carry the signs of the design") {
    const Scene scene(pose(25, 10, -15));
    HeadMarks wrong = scene.head;
    for (Mark m : {LipLine, MouthCornerL, MouthCornerR})
        wrong[m].y() += 0.05 * headHeight(scene.head).value; // 5 % of the head too high
    Comparison c = scene.compare(scene.drawn(wrong, scene.view));
    CHECK(c.placements[LipLine]->up == Approx(5).margin(0.3));
    CHECK(c.placements[LipLine]->across == Approx(0).margin(0.3));
    CHECK(c.findings.front().id == "mouth_height");
    CHECK_THAT(textOf(c.findings.front()), Catch::Contains("too high") && Catch::Contains("lower"));

    wrong = scene.head;
    for (Mark m : {LipLine, MouthCornerL, MouthCornerR})
        wrong[m].x() += 0.05 * headHeight(scene.head).value; // to the viewer's right
    c = scene.compare(scene.drawn(wrong, scene.view));
    CHECK(c.placements[LipLine]->across == Approx(5).margin(0.5)); // the lips are nearer the camera
    CHECK(c.placements[LipLine]->up == Approx(0).margin(0.3));
}

TEST_CASE("Millimetres are those on the learner's paper") {
    const Scene scene(pose(0, 0, 0));
    HeadMarks wrong = scene.head;
    wrong[Chin].y() -= 0.2;
    CompareOptions options;
    options.perPixel = MillimetresPerPixel{0.25};
    const Comparison c = scene.compare(scene.drawn(wrong, scene.view, 0.8), options);
    // 0.2 radii of 150 px, drawn at 0.8, each px 0.25 mm: 6 mm, and a little more because the chin
    // is nearer to the camera than the ball's centre.
    CHECK(c.placements[Chin]->onPaper->value == Approx(6 / (1 - 0.88 / 14)).epsilon(0.03));
    CHECK_THAT(textOf(c.findings.front()), Catch::Contains("6 mm"));
    CHECK_FALSE(scene.compare(scene.faithful()).placements[Chin]->onPaper);
}

TEST_CASE("Each planted error is the first finding") {
    struct Planted {
        std::string id;
        double amount;
    };
    const Planted all[] = {{"mouth_height", 0.11},   {"mouth_height", -0.11}, {"nose_height", 0.12},
                           {"eye_height", -0.12},    {"chin_height", -0.15},  {"whole_width", -0.1},
                           {"ear_height", 0.14},     {"eyes_apart", 0.1},     {"mouth_across", 0.1},
                           {"hairline_height", -.2}, {"jaw_width", 0.2},      {"eye_axis", 0.15},
                           {"lower_face", 0.2},      {"face_height", 0.12}};
    for (const Pose p : {pose(10, 5, 0), pose(35, 15, 10), pose(-40, -20, 5)})
        for (const Planted& e : all) {
            const Scene scene(p);
            const Comparison c = scene.compare(scene.drawn(scene.with(e.id, e.amount), scene.view));
            INFO(e.id << " by " << e.amount << " at turn " << degrees(p.turn));
            CHECK(c.findings.front().id == e.id);
            CHECK(c.findings.front().severity == Severity::Fix);
            CHECK(c.findings.front().rank == 1);
        }
}

TEST_CASE("A straightened turn is read as one, and its share is told") {
    Random random(53);
    for (double share : {0.3, 0.5, 0.8}) {
        const Scene scene(pose(48, 18, -8), random.head());
        const View straight = viewAt(pose(48 * (1 - share), 18 * (1 - share), -8));
        const Comparison c = scene.compare(scene.drawn(scene.head, straight));
        CHECK(c.straightening == Approx(share).margin(0.06));
        CHECK(c.findings.front().id == "turn");
        CHECK_THAT(textOf(c.findings.front()), Catch::Contains("less turned"));
        CHECK(c.findings.front().structural);
    }
    const Scene scene(pose(30, 0, 0));
    const Comparison more = scene.compare(scene.drawn(scene.head, viewAt(pose(50, 0, 0))));
    CHECK_THAT(textOf(more.findings.front()), Catch::Contains("more turned"));
    CHECK(more.straightening < -0.4);
}

TEST_CASE("Where a turn and a shift cannot be told apart, both are said") {
    int both = 0, alone = 0;
    for (int i = 0; i < 40; ++i) {
        Random random(300 + i);
        const Scene scene(pose(random.between(-15, 15), 0, 0), random.head());
        MarkSheet sketch = scene.drawn(scene.with("nose_across", i % 2 ? 0.12 : -0.12), scene.view);
        // A bare drawing: the eyes' corners and the nose.
        const std::vector<Mark> few{OuterEyeL, OuterEyeR, NoseTip, NoseBase};
        for (int m = 0; m < markCount; ++m)
            if (std::find(few.begin(), few.end(), markAt(m)) == few.end())
                sketch.marks[markAt(m)].reset();
        sketch = random.shaken(sketch, 1.4);
        MarkSheet reference = scene.reference;
        reference.noise = sketch.noise = Pixels{1.4};
        const Comparison c = compareSketch(reference, scene.fit, sketch);
        const std::string text = textOf(c.findings.front());
        const bool saysBoth = text.find("allow both") != std::string::npos;
        both += saysBoth;
        if (saysBoth && c.findings.front().id != "turn")
            // What went to the viewer's right may be a head turned further to the right.
            CHECK((text.find("to your right: these") != std::string::npos) == (i % 2 == 1));
        // With every mark there is no doubt.
        alone += textOf(scene.compare(scene.drawn(scene.with("nose_mouth_across", 0.09), scene.view)).findings.front())
                     .find("allow both") == std::string::npos;
    }
    CHECK(both >= 3);
    CHECK(alone == 40);
}

TEST_CASE("Structure comes before features, and both are found together") {
    const Scene scene(pose(45, 10, 0));
    const View straight = viewAt(pose(25, 6, 0));
    const Comparison c = scene.compare(scene.drawn(scene.with("mouth_height", 0.13), straight));
    std::vector<std::string> ids;
    for (const Finding& f : c.findings)
        ids.push_back(f.id);
    REQUIRE(ids.front() == "turn");
    CHECK(std::find(ids.begin(), ids.end(), "mouth_height") != ids.end());
    for (std::size_t i = 0; i < c.findings.size(); ++i)
        CHECK(c.findings[i].rank == static_cast<int>(i) + 1);
}

TEST_CASE("Nothing is claimed below the marks' own noise") {
    Random random(54);
    int claimed = 0;
    for (int i = 0; i < 60; ++i) {
        const Scene scene(pose(random.between(-50, 50), random.between(-25, 25), 0), random.head());
        MarkSheet reference = random.shaken(scene.reference, 3.5);
        const MarkSheet sketch = random.shaken(scene.faithful(1.0), 3.5);
        const Comparison c = compareSketch(reference, fitHead(reference), sketch);
        claimed += c.findings.front().severity == Severity::Fix;
    }
    CHECK(claimed <= 4);
}

TEST_CASE("One eye out of place in a drawing of a person is told, and not laid to the page's rotation") {
    // Marks found in photographs of three people and in ballpoint-like drawings made from them; in one drawing of each the left
    // eye was moved up by 5 % of the face. The marks' usual noise would hide that.
    for (const char* face : {"1", "2", "3"}) {
        const auto read = [&](const char* kind) {
            return readMarks(fmt::format("{}/see/one-eye-too-high/{}-{}.json", ZOKRAN_TEST_DATA, face, kind));
        };
        const MarkSheet photo = read("photo");
        const Fit fit = fitHead(photo);
        INFO("face " << face);
        CHECK(compareSketch(photo, fit, read("faithful")).findings.front().id == "all_in_place");
        CHECK(compareSketch(photo, fit, read("eye")).findings.front().id == "one_eye_height_l");
    }
}

TEST_CASE("What is held decides what is at fault") {
    const Scene scene(pose(15, 5, 0));
    MarkSheet sketch = scene.reference;
    for (auto& m : sketch.marks)
        m->at = scene.view.centre + 0.8 * (*m->at - scene.view.centre);

    SECTION("all: size is reported and not blamed") {
        const Comparison c = scene.compare(sketch);
        CHECK(c.findings.front().id == "all_in_place");
        CHECK(c.registration.scale == Approx(0.8).epsilon(0.01));
    }
    SECTION("page: the head is too small") {
        CompareOptions options;
        options.hold = Hold::Page;
        const Comparison c = scene.compare(sketch, options);
        CHECK(c.registration.scale == Approx(1));
        CHECK(c.findings.front().id == "whole_size");
        CHECK_THAT(textOf(c.findings.front()), Catch::Contains("too small"));
    }
    SECTION("eyes: they are where they belong") {
        CompareOptions options;
        options.hold = Hold::Eyes;
        const Comparison c =
            scene.compare(scene.drawn(scene.with("eye_height", 0.15), scene.view), options);
        CHECK(std::abs(c.placements[PupilL]->up) < 0.5);
        CHECK(c.placements[Chin]->up < -4);
    }
    SECTION("ball: both must have one") {
        CompareOptions options;
        options.hold = Hold::Ball;
        CHECK_THROWS_AS(scene.compare(sketch, options), BadMarks);
    }
    CHECK(holdNamed("eyes") == Hold::Eyes);
    CHECK_FALSE(holdNamed("nose"));
}

TEST_CASE("A sketch with too few marks says what it needs") {
    const Scene scene(pose(0, 0, 0));
    MarkSheet sketch;
    sketch.width = sketch.height = 1000;
    try {
        scene.compare(sketch);
        FAIL("was compared");
    } catch (const BadInput& e) {
        CHECK_THAT(wordsFor(e), Catch::StartsWith("in the sketch, 4 more marks are needed"));
    }
}
