// What is seen and what is hidden on the construction, against a ray walked in small steps.

#include "core/construction/ball_form.h"
#include "core/construction/outline.h"
#include "core/files/canon_file.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

BallForm meanForm() {
    return BallForm(ownSubject(std::make_shared<const HeadSolid>(adultHeads().mean)));
}

bool isSeen(const BallForm& form, const SurfacePoint& point, const View& view, Cover cover) {
    return SolidInView(form.solid(), form.sidePlane(), view).seen(point, cover);
}

/// Walks from a point of the ball's surface towards the camera and asks whether the sliced ball is
/// met again. The ball is convex, so this is what facing the camera means.
bool ballInTheWay(const HeadPoint& p, const View& view) {
    const HeadPoint camera = view.towardsCamera() / view.nearness;
    const Eigen::Vector3d d = (camera - p).normalized();
    for (double t = 0.01; t < 3; t += 0.002) {
        const HeadPoint q = p + t * d;
        if (q.norm() < 1 - 1e-6 && std::abs(q.x()) < 0.745)
            return true;
    }
    return false;
}

} // namespace

TEST_CASE("A point of the ball above the brow is seen exactly when no ball stands before it") {
    Random random(81);
    const BallForm form = meanForm();
    int seenOnes = 0, hiddenOnes = 0, behindTheJaw = 0;
    for (int i = 0; i < 600; ++i) {
        const double tilt = random.between(-30, 60);
        const View view = viewAt(pose(random.between(-80, 80), tilt, 0), 12);
        const HeadPoint n =
            HeadPoint(random.between(-0.7, 0.7), random.between(0.1, 1), random.normal(1))
                .normalized();
        if (std::abs(n.x()) > 0.74 ||
            std::abs(n.dot(view.towardsCamera() - view.nearness * n)) < 0.03)
            continue; // off the sliced ball, or on the very horizon
        const bool seen = isSeen(form, {n, n}, view, Cover::Planes);
        if (ballInTheWay(n, view)) {
            CHECK_FALSE(seen);
            ++hiddenOnes;
        } else if (tilt < 0) {
            CHECK(seen);
            ++seenOnes;
        } else {
            // With the chin up the jaw comes before the brow; that is the wedge's doing.
            behindTheJaw += !seen;
        }
    }
    CHECK(seenOnes > 50);
    CHECK(hiddenOnes > 100);
    CHECK(behindTheJaw < 40);
}

TEST_CASE("The forehead is seen from above and hidden by the face from far below") {
    const BallForm form = meanForm();
    const SurfacePoint brow = form.front({0.02}, 0), forehead = form.front({0.5}, 0);
    for (const double tilt : {-20.0, 0.0, 20.0})
        CHECK(isSeen(form, brow, viewAt(pose(0, tilt, 0)), Cover::Face));
    CHECK(isSeen(form, forehead, viewAt(pose(0, -60, 0)), Cover::Face));
    CHECK(isSeen(form, forehead, viewAt(pose(0, 20, 0)), Cover::Face));
    CHECK_FALSE(isSeen(form, forehead, viewAt(pose(0, 85, 0)), Cover::Face));
}

TEST_CASE("The side ovals lie on the side planes, as large as the canon says") {
    const Canon thirds = canonNamed("thirds");
    const BallForm form({std::make_shared<const HeadSolid>(adultHeads().mean), thirds.levels,
                         thirds.widths, thirds.sidePlane()});
    for (int side : {+1, -1}) {
        const Circle oval = form.sideOval(side);
        for (double t = 0; t < 6; t += 0.5) {
            const HeadPoint p = oval.at({t});
            CHECK(p.x() == Approx(side * 0.745356).epsilon(1e-5));
            CHECK(std::hypot(p.y(), p.z()) == Approx(2.0 / 3));
            CHECK(p.norm() == Approx(1));
        }
    }
}

TEST_CASE("Levels are read off a head in order down the face") {
    Random random(82);
    for (int i = 0; i < 50; ++i) {
        const Levels l = levelsOf(random.head());
        CHECK(l.crown > l.hairline);
        CHECK(l.hairline > l.brow);
        CHECK(l.brow > l.eye);
        CHECK(l.eye > l.noseBase);
        CHECK(l.noseBase > l.mouth);
        CHECK(l.mouth > l.chin);
    }
}
