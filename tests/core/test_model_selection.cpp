#include "core/compare/compare.h"
#include "core/compare/errors/error_modes.h"
#include "core/compare/findings.h"
#include "core/fit/pose_spread.h"
#include "core/messages/finding_messages.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <numbers>
#include <set>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

const std::vector<ErrorMode>& modes() {
    static const std::vector<ErrorMode> all =
        errorModes(adultHeads().mean, viewAt(pose(30, 10, 15)), true);
    return all;
}

const ErrorMode& mode(const std::string& id) {
    return *std::find_if(modes().begin(), modes().end(),
                         [&](const ErrorMode& m) { return m.id == id; });
}

/// A comparison of a drawing with these errors against its reference, both exact.
Comparison drawnWith(const std::vector<std::pair<std::string, double>>& errors, Pose p,
                     CompareOptions options = {}) {
    const View view = viewAt(p);
    const MarkSheet reference = sheetOf(adultHeads().mean, view);
    HeadMarks wrong = adultHeads().mean;
    const auto known = errorModes(adultHeads().mean, view, true);
    for (const auto& [id, amount] : errors)
        for (const ErrorMode& m : known)
            if (m.id == id)
                for (int i = 0; i < markCount; ++i)
                    wrong[markAt(i)] += amount * m.displacement[markAt(i)];
    MarkSheet sketch = reference;
    for (int i = 0; i < markCount; ++i)
        sketch.marks[markAt(i)]->at = view.project(wrong[markAt(i)]);
    return compareSketch(reference, fitHead(reference), sketch, options);
}

std::set<std::string> idsOf(const Comparison& c) {
    std::set<std::string> ids;
    for (const Finding& f : c.findings)
        ids.insert(f.id);
    return ids;
}

} // namespace

TEST_CASE("Every error has its own id, words both ways and a hand measurement") {
    std::set<std::string> ids;
    for (const ErrorMode& m : modes()) {
        INFO(m.id);
        CHECK(ids.insert(m.id).second);
        // Its sentences, both ways, stand in core/messages.
        for (double amount : {0.1, -0.1}) {
            Finding f;
            f.id = m.id;
            f.figures.amount = amount;
            f.figures.unit = m.unit;
            f.marks = {Chin};
            CHECK(textOf(f).ends_with("."));
            CHECK(textOf(f) != m.id);
            CHECK(textOf(f).find('{') == std::string::npos);
            CHECK(measureOf(f).ends_with("."));
        }
        double moved = 0;
        for (const HeadPoint& d : m.displacement)
            moved += d.norm();
        CHECK(moved > 0);
        CHECK((m.freedoms == 1 || m.freedoms == 2));
    }
}

TEST_CASE("Errors move what they are named for and nothing else") {
    const ErrorMode& mouth = mode("mouth_height");
    CHECK(mouth.displacement[LipLine].y() == 1);
    CHECK(mouth.displacement[MouthCornerL].y() == 1);
    CHECK(mouth.displacement[Chin].norm() == 0);
    const ErrorMode& apart = mode("eyes_apart");
    CHECK(apart.displacement[PupilL].x() - apart.displacement[PupilR].x() == Approx(1));
    const ErrorMode& axis = mode("eye_axis");
    CHECK(axis.displacement[PupilL].y() > 0); // the viewer's right rides high
    CHECK(axis.displacement[PupilR].y() < 0);
    const ErrorMode& oneEye = mode("eye_size_l");
    CHECK(oneEye.displacement[OuterEyeL].x() > 0);
    CHECK(oneEye.displacement[InnerEyeL].x() < 0);
    CHECK(oneEye.displacement[OuterEyeR].norm() == 0);
}

TEST_CASE("The whole width is that of the picture, with the lean taken out") {
    const Eigen::Matrix3d upright = headToView(pose(30, 10, 0));
    const ErrorMode& width = mode("whole_width");
    for (Mark m : {Chin, EarTopR, OuterEyeL}) {
        const Eigen::Vector3d moved = upright * width.displacement[m];
        CHECK(moved.x() == Approx((upright * adultHeads().mean[m]).x()).margin(1e-9));
        CHECK(std::abs(moved.y()) < 1e-9);
    }
}

TEST_CASE("Without anything held, size and place are no errors") {
    const auto free = errorModes(adultHeads().mean, viewAt(pose(0, 0, 0)), false);
    for (const ErrorMode& m : free)
        CHECK_FALSE(m.id.starts_with("whole_size"));
    CHECK(free.size() + 4 == modes().size());
}

TEST_CASE("Two errors at once are both found, the one that brings most first") {
    const Comparison c = drawnWith({{"mouth_height", 0.14}, {"chin_height", -0.2}}, pose(20, 5, 0));
    const auto ids = idsOf(c);
    CHECK(ids.contains("mouth_height"));
    CHECK(ids.contains("chin_height"));
    // Three marks of the mouth 0.14 off are more than one of the chin 0.2 off.
    CHECK(c.findings[0].id == "mouth_height");
    CHECK(c.findings[1].id == "chin_height");
    CHECK(c.findings[1].structural);
}

TEST_CASE("A mark that strays on its own is named, and does not bend the pose") {
    const View view = viewAt(pose(25, 5, 0));
    const MarkSheet reference = sheetOf(adultHeads().mean, view);
    MarkSheet sketch = reference;
    *sketch.marks[MouthCornerR]->at += PicturePoint(-22, 16);
    const Comparison c = compareSketch(reference, fitHead(reference), sketch);
    CHECK(c.findings[0].id == "mark_mouth_corner_r");
    CHECK(c.findings[0].marks == std::vector<Mark>{MouthCornerR});
    CHECK(apart(c.sketchView.facing(), view.facing()) < 0.5);
}

TEST_CASE("An error is told in the other direction when it goes the other way") {
    const Pose p = pose(15, -10, 5);
    CHECK_THAT(textOf(drawnWith({{"ear_height", 0.15}}, p).findings[0]),
               Catch::Contains("too high"));
    CHECK_THAT(textOf(drawnWith({{"ear_height", -0.15}}, p).findings[0]),
               Catch::Contains("too low"));
    CHECK_THAT(textOf(drawnWith({{"whole_width", 0.12}}, p).findings[0]),
               Catch::Contains("too wide"));
    CHECK_THAT(textOf(drawnWith({{"whole_width", -0.12}}, p).findings[0]),
               Catch::Contains("too narrow"));
    CHECK_THAT(textOf(drawnWith({{"forehead", -0.2}}, p).findings[0]),
               Catch::Contains("cut short"));
}

TEST_CASE("Amounts come with their unit: eye-widths without a paper, millimetres with one") {
    const Pose p = pose(0, 0, 0);
    CHECK_THAT(textOf(drawnWith({{"mouth_height", 0.14}}, p).findings[0]),
               Catch::Contains("% of the head") && Catch::Contains("eye-widths"));
    CompareOptions onPaper;
    onPaper.perPixel = MillimetresPerPixel{0.5};
    CHECK_THAT(textOf(drawnWith({{"mouth_height", 0.14}}, p, onPaper).findings[0]),
               Catch::Contains("mm") && !Catch::Contains("eye-widths"));
    CHECK_THAT(textOf(drawnWith({{"eye_axis", 0.2}}, p).findings[0]), Catch::Contains("°"));
}

TEST_CASE("Small errors are watched and large ones mended") {
    const Pose p = pose(10, 0, 0);
    CHECK(drawnWith({{"mouth_height", 0.055}}, p).findings[0].severity == Severity::Watch);
    CHECK(drawnWith({{"mouth_height", 0.12}}, p).findings[0].severity == Severity::Fix);
    CHECK(severityWord(Severity::Fix) == "fix");
    CHECK(severityWord(Severity::Watch) == "watch");
    CHECK(severityWord(Severity::Fine) == "fine");
}

TEST_CASE("What the reference hides is no ground for a finding") {
    // In the reference the far ear is hidden; in the sketch it was drawn, somewhere.
    const View view = viewAt(pose(60, 0, 0));
    const MarkSheet reference = sheetOf(adultHeads().mean, view);
    REQUIRE(reference.marks[OuterEyeL]->hidden == false);
    MarkSheet sketch = reference;
    sketch.marks[EarTopL] =
        PlacedMark{view.project(adultHeads().mean[EarTopL]) + PicturePoint(5, 5), false};
    const Comparison c = compareSketch(reference, fitHead(reference), sketch);
    CHECK(c.findings[0].id == "all_in_place");
}

TEST_CASE("The spread of the angles is that of a thousand turned heads") {
    Random random(71);
    const Eigen::Matrix3d r = headToView(pose(40, 20, -10));
    Eigen::Matrix3d covariance = Eigen::Vector3d(0.0009, 0.0004, 0.0016).asDiagonal();
    covariance(0, 1) = covariance(1, 0) = 0.0003;
    const Eigen::Matrix3d root = covariance.llt().matrixL();
    Eigen::Vector3d sum = Eigen::Vector3d::Zero();
    constexpr int rounds = 20000;
    const Pose p = poseOf(r);
    for (int i = 0; i < rounds; ++i) {
        const Eigen::Vector3d w =
            root * Eigen::Vector3d(random.normal(1), random.normal(1), random.normal(1));
        const Pose q = poseOf(rotationFromVector(w) * r);
        const Eigen::Vector3d d(q.turn.value - p.turn.value, q.tilt.value - p.tilt.value,
                                q.lean.value - p.lean.value);
        sum += d.cwiseProduct(d) / rounds;
    }
    const PoseSpread s = poseSpread(r, covariance);
    CHECK(s.turn.value == Approx(std::sqrt(sum.x())).epsilon(0.04));
    CHECK(s.tilt.value == Approx(std::sqrt(sum.y())).epsilon(0.04));
    CHECK(s.lean.value == Approx(std::sqrt(sum.z())).epsilon(0.04));
    CHECK(poseSpread(headToView(pose(90, 0, 0)), covariance).lean.value <= 3.1416);
}

namespace {

/// A drawing of a photographed face whose pose has drifted: its marks turned with the head that was fitted, each as far from
/// the model as in the photograph, with a hand's noise of 0.3 % of the head.
MarkSheet driftedDrawing(const MarkSheet& face, const Fit& fit, const Pose& pose, const std::vector<Mark>& marks, Random& random) {
    View view = fit.view;
    view.face(headToView(pose));
    const double noise = 0.003 * headHeight(fit.head).value * fit.view.scale;
    MarkSheet drawn;
    drawn.width = face.width;
    drawn.height = face.height;
    for (Mark m : marks)
        if (const auto seen = face.seen(m)) {
            const Eigen::Vector2d own = *seen - fit.view.project(fit.head[m]);
            drawn.marks[m] = PlacedMark{};
            drawn.marks[m]->at =
                PicturePoint(view.project(fit.head[m]) + own + Eigen::Vector2d(random.normal(noise), random.normal(noise)));
        }
    return drawn;
}

} // namespace

TEST_CASE("The doubt of a drawing's pose covers a drift that is not told, most of all where few marks carry it") {
    const std::vector<Mark> few = {Brow, NoseBase, Chin, OuterEyeL, OuterEyeR};
    std::vector<Mark> all;
    for (int i = 0; i < markCount; ++i)
        all.push_back(markAt(i));
    Random random(7);
    double medians[2];
    for (const bool isFew : {true, false}) {
        int covered = 0, asked = 0;
        std::vector<double> sigmas;
        for (const MarkSheet& face : realFaces()) {
            const Fit fit = fitHead(face);
            Pose pose = fit.view.pose();
            const double way = random.between(0, 2 * std::numbers::pi);
            pose.turn += toRadians(Degrees{6 * std::cos(way)});
            pose.tilt += toRadians(Degrees{6 * std::sin(way)});
            const Comparison c = compareSketch(face, fit, driftedDrawing(face, fit, pose, isFew ? few : all, random));
            covered += abs(wrapped(c.sketchPose.turn - pose.turn)) < 2 * c.sketchSigma.turn;
            covered += abs(wrapped(c.sketchPose.tilt - pose.tilt)) < 2 * c.sketchSigma.tilt;
            asked += 2;
            sigmas.push_back(c.sketchSigma.turn.value);
        }
        INFO(isFew << ": covered " << covered << " of " << asked);
        CHECK(covered >= 0.95 * asked);
        std::nth_element(sigmas.begin(), sigmas.begin() + static_cast<long>(sigmas.size() / 2), sigmas.end());
        medians[isFew ? 0 : 1] = sigmas[sigmas.size() / 2];
    }
    CHECK(medians[0] > 2 * medians[1]);
}
