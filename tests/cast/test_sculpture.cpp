#include "cast/stand_in_camera.h"
#include "cast/tracer.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

double meanDifference(const Picture& a, const Picture& b) {
    double sum = 0;
    for (std::size_t i = 0; i < a.bgr.size(); ++i)
        sum += std::abs(int(a.bgr[i]) - int(b.bgr[i]));
    return sum / static_cast<double>(a.bgr.size());
}

Picture smallPhotograph(const Shot& shot, const std::string& head = "halcyon") {
    return photograph(Sculpture(headNamed(head)), shot);
}

} // namespace

TEST_CASE("The carving bends to whatever marks it is given") {
    Random random(91);
    for (int i = 0; i < 5; ++i) {
        const HeadMarks marks = random.head();
        const Sculpture s(marks);
        for (int k = 0; k < markCount; ++k)
            CHECK(std::abs(s.distanceBald(marks[markAt(k)])) < 4e-3);
    }
}

TEST_CASE("Inside is below zero, outside above, and the normal points out") {
    const Sculpture s(headNamed("halcyon"));
    CHECK(s.distance({0, 0, 0}) < -0.5);
    CHECK(s.distance({0, 0, 2}) > 0.5);
    CHECK(s.distance({1.3, 0, 0}) > 0.2);
    CHECK(s.normalAt(s.marks()[NoseTip]).z() > 0.5);
    CHECK(s.normalAt(s.marks()[Chin]).y() < 0);
    CHECK(s.normalAt({0.9, 0.4, -0.2}).x() > 0.5);
    CHECK(s.distance({0, 1.06, -0.1}) < s.distanceBald({0, 1.06, -0.1})); // hair
}

TEST_CASE("Both sides of the head are the same") {
    const Sculpture s(headNamed("bellwether"));
    Random random(92);
    for (int i = 0; i < 200; ++i) {
        const HeadPoint p(random.normal(0.6), random.normal(0.7), random.normal(0.7));
        CHECK(s.distance(p) == Approx(s.distance({-p.x(), p.y(), p.z()})).margin(1e-9));
    }
}

TEST_CASE("A ray through a seen mark meets the surface at the mark") {
    const Sculpture s(headNamed("halcyon"));
    for (const Pose p : {pose(0, 0, 0), pose(35, 10, 5), pose(-70, -15, 0)}) {
        Shot shot;
        shot.pose = p;
        const View view = viewOf(shot);
        const Tracer tracer(s, view);
        for (Mark m : {NoseTip, Chin, Brow, MouthCornerL, MouthCornerR}) {
            if (!s.sees(view.towardsCamera() / view.nearness, m))
                continue;
            const auto hit = tracer.through(view.project(s.marks()[m]));
            REQUIRE(hit);
            INFO(idOf(m));
            CHECK((hit->at - s.marks()[m]).norm() < 0.06);
            CHECK(std::abs(s.distance(hit->at)) < 2e-3);
        }
        CHECK_FALSE(tracer.through({2, 2}));
    }
}

TEST_CASE("The tip of the nose is open to the room, the corner of the eye is a hollow") {
    const Sculpture s(headNamed("halcyon"));
    const View view = viewOf(Shot{});
    const Tracer tracer(s, view);
    const HeadPoint tip = s.marks()[NoseTip];
    const HeadPoint corner = s.marks()[InnerEyeL];
    CHECK(tracer.openness(tip, s.normalAt(tip)) >
          tracer.openness(corner, s.normalAt(corner)) + 0.1);
    CHECK(tracer.lit(tip, s.normalAt(tip), {0, 0, 1}) > 0.8);
    CHECK(tracer.lit({0, 0.2, -0.95}, {0, 0, -1}, {0, 0, 1}) < 0.2); // behind the head
}

TEST_CASE("The lens changes the perspective and the pose the picture") {
    Shot near, far;
    near.lensMm = 35;
    far.lensMm = 200;
    // A short lens close up makes the nose large against the ears.
    auto ratio = [](const Shot& shot) {
        const View v = viewOf(shot);
        const HeadMarks& h = adultHeads().mean;
        return (v.project(h[NoseWingL]) - v.project(h[NoseWingR])).norm() /
               (v.project(h[EarTopL]) - v.project(h[EarTopR])).norm();
    };
    CHECK(ratio(near) > 1.1 * ratio(far));
    CHECK(viewOf(near).focal().value == Approx(35.0 / 36 * 1000));

    Shot shot;
    shot.size = 100;
    const Picture front = smallPhotograph(shot);
    CHECK(meanDifference(front, smallPhotograph(shot)) == 0); // repeatable
    Shot turned = shot;
    turned.pose = pose(40, 0, 0);
    CHECK(meanDifference(front, smallPhotograph(turned)) > 3);
    Shot lit = shot;
    lit.lightAzimuth = {50};
    CHECK(meanDifference(front, smallPhotograph(lit)) > 1);
    CHECK(meanDifference(front, smallPhotograph(shot, "meridian")) > 0.5);
}

TEST_CASE("The light falls from where it is told to") {
    Shot shot;
    shot.size = 160;
    const View view = viewOf(shot);
    auto cheek = [&](double azimuth, Mark m) {
        shot.lightAzimuth = {azimuth};
        const Picture p = smallPhotograph(shot);
        const PicturePoint at = view.project(adultHeads().mean[m]);
        return int(p.bgr[3 * (std::size_t(at.y()) * std::size_t(p.width) + std::size_t(at.x()))]);
    };
    CHECK(cheek(-60, MouthCornerR) > cheek(60, MouthCornerR)); // the viewer's left
    CHECK(cheek(60, MouthCornerL) > cheek(-60, MouthCornerL));
}

TEST_CASE("Another seed is another hand, on the same marks") {
    Shot shot;
    shot.size = 120;
    const HeadMarks head = headNamed("halcyon");
    const Sketch a = drawSketch(head, shot, {}, 1), b = drawSketch(head, shot, {}, 2);
    CHECK(meanDifference(a.picture, b.picture) > 0.3);
    CHECK(a.marks == b.marks);
    CHECK(meanDifference(a.picture, drawSketch(head, shot, {}, 1).picture) == 0);
    CHECK_FALSE(a.marks.focal); // a drawing has no lens
}
