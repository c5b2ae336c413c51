#include "core/compare/expected.h"
#include "core/compare/findings.h"
#include "core/files/marks_file.h"
#include "core/fit/head_estimation.h"
#include "core/head/reference_transform.h"
#include "core/page/reproject.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

/// The construction's line of this id as a learner lays three rings on what is seen of it.
std::vector<PicturePoint> ringsOn(const std::vector<GuideLine>& lines, const std::string& id) {
    const GuideLine* longest = nullptr;
    for (const GuideLine& line : lines)
        if (line.id == id && !line.hidden && (!longest || line.points.size() > longest->points.size()))
            longest = &line;
    REQUIRE(longest);
    const auto& p = longest->points;
    return {p[p.size() / 8], p[p.size() / 2], p[p.size() - 1 - p.size() / 8]};
}

/// A bare block-in: ball, centre line, brow line, brow and chin; `seenBy` the view it is drawn in.
SketchMarks blockIn(const HeadMarks& head, const View& seenBy, Random& random, double off) {
    MarkSheet sheet;
    sheet.width = sheet.height = 1000;
    sheet.noise = Pixels{off};
    const auto shaken = [&](const PicturePoint& at) {
        return PicturePoint(at + PicturePoint(random.normal(off), random.normal(off)));
    };
    sheet.ball = BallCircle{shaken(seenBy.centre), seenBy.outlineRadius() * (1 + random.normal(0.01))};
    const auto lines = sitterForm(head)->lines(seenBy);
    for (const auto& [line, id] : {std::pair{DrawnLine::Centre, "centre_line"}, {DrawnLine::Brow, "brow_line"}})
        for (const PicturePoint& at : ringsOn(lines, id))
            sheet.lines[line].push_back(shaken(at));
    sheet.marks[Chin] = PlacedMark{shaken(seenBy.project(head[Chin]))};
    sheet.marks[Brow] = PlacedMark{shaken(seenBy.project(head[Brow]))};
    return SketchMarks(sheet);
}

} // namespace

TEST_CASE("A line's curve runs through its points, and two that cross are the brow") {
    const std::vector<PicturePoint> bow{{100, 300}, {300, 380}, {520, 310}};
    const auto curve = curveThrough(bow);
    for (const PicturePoint& at : bow)
        CHECK(std::any_of(curve.begin(), curve.end(), [&](const PicturePoint& p) { return (p - at).norm() < 8; }));
    // On a circle's points it is the circle, the way round that passes the middle one, whichever way it bends.
    for (const double sweep : {4.5, -4.5, 1.0}) {
        std::vector<PicturePoint> on;
        for (const double share : {0.0, 0.4, 1.0})
            on.emplace_back(200 + 90 * std::cos(1 + share * sweep), 150 + 90 * std::sin(1 + share * sweep));
        double length = 0;
        const auto arc = curveThrough(on);
        for (std::size_t i = 0; i < arc.size(); ++i) {
            CHECK((arc[i] - PicturePoint(200, 150)).norm() == Approx(90));
            length += i ? (arc[i] - arc[i - 1]).norm() : 0;
        }
        CHECK(length == Approx(90 * std::abs(sweep)).epsilon(0.01));
    }
    CHECK(curveThrough({{0, 0}, {50, 0.1}, {100, 0}}, 0.5).back().x() == Approx(150));
    DrawnLines lines;
    lines[DrawnLine::Brow] = bow;
    CHECK_FALSE(drawnBrow(lines));
    lines[DrawnLine::Centre] = {{300, 200}, {300, 500}, {300, 700}};
    REQUIRE(drawnBrow(lines));
    CHECK((*drawnBrow(lines) - PicturePoint(300, 380)).norm() < 1);
    // A centre line begun a little under the brow still says where it is.
    lines[DrawnLine::Centre] = {{300, 390}, {300, 550}, {300, 700}};
    REQUIRE(drawnBrow(lines));
    lines[DrawnLine::Centre] = {{300, 600}, {300, 650}, {300, 700}};
    CHECK_FALSE(drawnBrow(lines));
    // It is what the sketch's brow is expected at.
    Random random(2);
    const HeadMarks head = adultHeads().mean;
    const View view = viewAt(pose(25, 5, 4));
    SketchMarks sketch = blockIn(head, view, random, 0.5);
    sketch.marks[Brow].reset();
    const PhotoMarks photo(sheetOf(head, view));
    const auto expected = expectedOnSketch(photo, fitHead(photo), sketch);
    REQUIRE(expected[Brow]);
    CHECK((*expected[Brow] - view.project(head[Brow])).norm() < 0.05 * view.scale);
    CHECK_FALSE(expected[NoseBase]);
}

TEST_CASE("A line's pull follows from where it lies, as differences have it") {
    const HeadMarks& head = adultHeads().mean;
    const View view = viewAt(pose(30, 10, -6));
    HeadProblem problem{view.principal, {view.scale}};
    problem.focal = view.focal();
    problem.observations.push_back({Chin, head[Chin], view.project(head[Chin]), {2}});
    for (DrawnLine line : {DrawnLine::Centre, DrawnLine::Brow}) {
        const auto curve = curveOf(line, head);
        for (const double share : {0.1, 0.45, 0.9}) {
            const auto i = static_cast<std::size_t>(share * static_cast<double>(curve.size() - 1));
            problem.lineObservations.push_back({curve, view.project(curve[i]) + PicturePoint(7, -4), {3}});
        }
    }
    const HeadProblem::State state{view, {}};
    const auto [f, j, cameraCount] = linearise(problem, state);
    REQUIRE(f.size() == 2 + 6);
    constexpr double step = 1e-5;
    for (int k = 0; k < 6; ++k) {
        const auto at = [&](double by) {
            HeadProblem::State moved = state;
            Eigen::Vector3d turn = Eigen::Vector3d::Zero();
            if (k < 3) {
                turn[k] = by;
                moved.view.rotation = Eigen::AngleAxisd(by, Eigen::Vector3d::Unit(k)).toRotationMatrix() * view.rotation;
            } else if (k < 5) {
                moved.view.centre[k - 3] += by * view.scale;
            } else {
                moved.view.scale *= std::exp(by);
            }
            moved.view.nearness = moved.view.scale / problem.focal->value;
            return linearise(problem, moved).residuals;
        };
        const Eigen::VectorXd slope = (at(step) - at(-step)) / (2 * step);
        CHECK((slope - j.col(k)).norm() < 1e-4 * (1 + slope.norm()));
    }
}

TEST_CASE("How finely a line of the head was sampled changes nothing, at its ends either") {
    const HeadMarks& head = adultHeads().mean;
    const View view = viewAt(pose(30, 10, -6));
    // Straight, so that its samples are the only difference.
    const HeadPoint top(0.2, 0.9, 0.8), bottom(-0.1, -0.9, 1.1);
    const auto residualsWith = [&](int pieces) {
        std::vector<HeadPoint> curve;
        for (int i = 0; i <= pieces; ++i)
            curve.push_back(top + double(i) / pieces * (bottom - top));
        HeadProblem problem{view.principal, {view.scale}};
        problem.observations.push_back({Chin, head[Chin], view.project(head[Chin]), {2}});
        for (const double share : {-0.6, -0.05, 0.0, 0.37, 1.0, 1.08, 1.6})
            problem.lineObservations.push_back(
                {curve, view.project(top + share * (bottom - top)) + PicturePoint(5, 3), {3}});
        return linearise(problem, {view, {}}).residuals;
    };
    const Eigen::VectorXd coarse = residualsWith(2), fine = residualsWith(97);
    CHECK((coarse - fine).cwiseAbs().maxCoeff() < 1e-6);
    // A little beyond an end a line may run on; far beyond, the distance to the end counts.
    CHECK(std::abs(fine[3]) < 3);
    CHECK(std::abs(fine[2]) > 8);
    CHECK(std::abs(fine[8]) > 8);
}

TEST_CASE("A bare block-in of ball, two lines and chin is read by itself") {
    Random random(11);
    std::vector<double> off;
    int straightenedSeen = 0, straightened = 0, falsely = 0, faithful = 0;
    for (int i = 0; i < 60; ++i) {
        const HeadMarks head = random.head();
        const double turn = random.between(15, 50) * (i % 2 ? 1 : -1), tilt = random.between(-20, 20);
        const View seen = viewAt(pose(turn, tilt, 3));
        const PhotoMarks photo(random.shaken(sheetOf(head, seen), 1.5));
        const Fit fit = fitHead(photo);
        const double share = i % 3 == 0 ? 0.5 : 1;
        const View drawn = viewAt(pose(share * turn, share * tilt, 3));
        const Comparison c = compareSketch(photo, fit, blockIn(head, drawn, random, 3));
        off.push_back(apart(c.sketchView.facing(), drawn.facing()));
        const bool told = std::any_of(c.findings.begin(), c.findings.end(),
                                      [](const Finding& f) { return f.id == "turn" && f.severity == Severity::Fix; });
        if (share < 1) {
            ++straightened;
            straightenedSeen += told;
        } else {
            ++faithful;
            falsely += told;
        }
    }
    std::sort(off.begin(), off.end());
    INFO("median " << off[30] << ", nine in ten " << off[54] << "; straightened told " << straightenedSeen << " of " << straightened
                   << ", falsely " << falsely << " of " << faithful);
    CHECK(off[30] < 3.5);
    CHECK(off[54] < 6);
    CHECK(straightenedSeen >= 0.8 * straightened);
    CHECK(falsely <= 0.05 * faithful);
    // With the lines gone two marks and a ball do not suffice.
    SketchMarks few = blockIn(adultHeads().mean, viewAt(pose(20, 0, 0)), random, 2);
    few.lines[DrawnLine::Brow].clear();
    few.lines[DrawnLine::Centre].clear();
    const PhotoMarks photo(sheetOf(adultHeads().mean, viewAt(pose(20, 0, 0))));
    CHECK_THROWS_AS(compareSketch(photo, fitHead(photo), few), BadMarks);
}

TEST_CASE("The hair's edge is laid through as many points as it has bends, and told where it stands out") {
    const HeadMarks& head = adultHeads().mean;
    const View view = viewAt(pose(20, 0, 5));
    // A parting sinks into the edge. Angles from the viewer's right, px of the photograph.
    const auto edge = [&](double degrees, double more = 0) {
        const double parting = 0.15 * std::exp(-std::pow((degrees - 110) / 12, 2)), a = degrees * std::numbers::pi / 180;
        return PicturePoint(view.centre + view.scale * (1.2 - parting + more) * PicturePoint(std::cos(a), -std::sin(a)));
    };
    MarkSheet photo = sheetOf(head, view), sketch = photo, standsOut;
    for (int i = 0; i <= 12; ++i)
        photo.lines[DrawnLine::Hair].push_back(edge(190 - 200 * i / 12.0));
    // The stroke passes through every point, and between them stays at the edge.
    const auto stroke = strokesThrough(DrawnLine::Hair, photo.lines[DrawnLine::Hair]);
    REQUIRE(stroke.size() == 1);
    for (const PicturePoint& at : photo.lines[DrawnLine::Hair]) {
        double nearest = 1e9;
        for (const PicturePoint& on : stroke.front())
            nearest = std::min(nearest, (on - at).norm());
        CHECK(nearest < 1e-9);
    }
    for (const PicturePoint& on : stroke.front()) {
        const Eigen::Vector2d off = on - view.centre;
        const double a = std::atan2(-off.y(), off.x()) * 180 / std::numbers::pi;
        CHECK((on - edge(a < -90 ? a + 360 : a)).norm() < 0.03 * view.scale);
    }
    // Drawn smaller, through nine points that lie elsewhere along it; then with its right third too far out.
    const auto onPaper = [](const PicturePoint& p) { return PicturePoint(0.8 * p + PicturePoint(40, -25)); };
    for (auto& m : sketch.marks)
        *m->at = onPaper(*m->at);
    standsOut = sketch;
    for (int i = 0; i < 9; ++i) {
        const double at = 185 - 190 * i / 8.0;
        sketch.lines[DrawnLine::Hair].push_back(onPaper(edge(at)));
        standsOut.lines[DrawnLine::Hair].push_back(onPaper(edge(at, i > 5 ? 0.3 : 0)));
    }
    const Fit fit = fitHead(photo);
    const auto hairOf = [&](const MarkSheet& drawn) {
        std::vector<std::string> ids;
        for (const Finding& f : compareSketch(photo, fit, drawn).findings)
            if (f.line == DrawnLine::Hair)
                ids.push_back(f.id);
        return ids;
    };
    CHECK(hairOf(sketch).empty());
    REQUIRE(hairOf(standsOut).size() == 1);
    CHECK(hairOf(standsOut).front() == "hair_right");
    // Fifteen are kept in a file and sixteen are not.
    photo.lines[DrawnLine::Hair].resize(15, PicturePoint(1, 2));
    CHECK(parseMarks(marksText(photo), "text") == photo);
    photo.lines[DrawnLine::Hair].resize(16, PicturePoint(1, 2));
    CHECK_THROWS_WITH(parseMarks(marksText(photo), "text"), Catch::Contains("hair"));
}

TEST_CASE("Drawn lines are kept in the file, go with the page and turn with the picture") {
    MarkSheet sheet = sheetOf(adultHeads().mean, viewAt(pose(33, -12, 5)));
    sheet.lines[DrawnLine::Hair] = {{200, 300}, {400, 120}, {610, 310}};
    sheet.lines[DrawnLine::Centre] = {{400, 300}, {410, 450}, {405, 620}};
    CHECK(parseMarks(marksText(sheet), "text") == sheet);
    const auto with = [&](const std::string& lines) {
        return parseMarks(R"({"format":"zokran-marks","version":1,"image":{"width":10,"height":10},"marks":{},"lines":)" + lines +
                              "}",
                          "some file");
    };
    CHECK_THROWS_WITH(with(R"({"beard":[]})"), Catch::Contains("some file") && Catch::Contains("beard"));
    CHECK_THROWS_WITH(with(R"({"neck":[{"x":1,"y":2}]})"), Catch::Contains("neck") && Catch::Contains("2 or 4 points"));
    CHECK_THROWS_WITH(with(R"({"neck":[{"x":1,"y":2},{"x":1}]})"), Catch::Contains("neck") && Catch::Contains("\"y\""));
    CHECK_THROWS_WITH(with("7"), Catch::Contains("lines"));

    const MarkSheet mirror = transformed(ReferenceTransform::Mirrored, sheet);
    // Still from the viewer's left to the right; the centre line still from the top down.
    CHECK((mirror.lines[DrawnLine::Hair][0] - PicturePoint(390, 310)).norm() < 1e-9);
    CHECK((mirror.lines[DrawnLine::Hair][2] - PicturePoint(800, 300)).norm() < 1e-9);
    CHECK((mirror.lines[DrawnLine::Centre][0] - PicturePoint(600, 300)).norm() < 1e-9);
    CHECK(transformed(ReferenceTransform::Mirrored, mirror).lines == sheet.lines);

    // A page laid flat takes them along with the marks that lie on the same spots.
    SketchMarks sketch;
    sketch.width = sketch.height = 1000;
    sketch.lines[DrawnLine::Neck] = {{300, 700}, {450, 720}};
    sketch.marks[EarBaseR] = PlacedMark{PicturePoint(300, 700)};
    sketch.marks[EarBaseL] = PlacedMark{PicturePoint(450, 720)};
    const PageRectification flat{{SketchPoint(110, 90), {880, 60}, {930, 950}, {70, 900}}, paperNamed("a4"), 1000, 1000, false};
    const SketchMarks laid = carried(sketch, std::nullopt, flat);
    CHECK((laid.lines[DrawnLine::Neck][0] - *laid.seen(EarBaseR)).norm() < 1e-9);
    CHECK((laid.lines[DrawnLine::Neck][1] - *laid.seen(EarBaseL)).norm() < 1e-9);
    CHECK((laid.lines[DrawnLine::Neck][0] - PicturePoint(300, 700)).norm() > 10);
}
