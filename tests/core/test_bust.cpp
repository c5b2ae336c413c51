// Neck and shoulders under a head that tilts, turns and leans.

#include "core/construction/forms.h"
#include "core/construction/lines.h"
#include "core/head/population.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

HeadPoint shoulder(const BustPose& bust, int side) {
    return movedWithBust(bust, HeadPoint(side * 1.66, -2.0, -0.31), 1);
}

/// Of a way in the picture: above zero where it falls to the viewer's right.
Degrees slopeOf(const Eigen::Vector2d& way) {
    return toDegrees(Radians{std::atan2(way.y(), way.x())});
}

} // namespace

TEST_CASE("Shoulders stay level while the head tilts, turns and leans above them") {
    for (const Pose& p : {pose(0, 0, 20), pose(0, 0, -30), pose(30, -25, 0), pose(45, 30, 10), pose(-60, 20, -17)}) {
        const View view = viewAt(p);
        const BustPose bust = uprightBust(p);
        const Eigen::Vector2d across = view.project(shoulder(bust, 1)) - view.project(shoulder(bust, -1));
        INFO(toDegrees(p.turn).value << " " << toDegrees(p.tilt).value << " " << toDegrees(p.lean).value);
        // In perspective the nearer of two turned shoulders lies a little lower.
        CHECK(std::abs(slopeOf(across).value) < 2 + 0.15 * std::abs(toDegrees(p.turn).value));
        // The same on a bust of one piece swings round with the head.
        const Eigen::Vector2d cast = view.project(shoulder({}, 1)) - view.project(shoulder({}, -1));
        if (abs(p.lean) > toRadians(Degrees{15}) && abs(p.turn) < toRadians(Degrees{10}))
            CHECK(slopeOf(cast).value == Approx(toDegrees(p.lean).value).margin(2));
    }
}

TEST_CASE("The neck follows a leaning head by less than the half") {
    const Pose leaning = pose(0, 0, 20);
    const View view = viewAt(leaning);
    const BustPose bust = uprightBust(leaning);
    const Eigen::Vector2d neck = view.project(movedWithBust(bust, neckFoot, 1)) - view.project(neckJoint);
    // Straight down is 90 degrees; the crown leans to the right, so the foot lies to the left.
    CHECK(slopeOf(neck).value == Approx(90 + 0.45 * 20).margin(1.5));
}

TEST_CASE("The skin of the head stays where it is, whatever its neck does") {
    const SoftSurface skin = adultSurface().fittedTo(adultHeads().mean);
    const SoftSurface posed = skin.posed(uprightBust(pose(40, 25, -15)));
    double furthest = 0, ofNeck = 0;
    for (std::size_t i = 0; i < skin.points.size(); ++i)
        (skin.ofNeck[i] ? ofNeck : furthest) =
            std::max(skin.ofNeck[i] ? ofNeck : furthest, (posed.points[i] - skin.points[i]).norm());
    CHECK(furthest == 0);
    CHECK(ofNeck > 0.2);
    for (const HeadPoint& p : skin.points)
        CHECK((movedWithBust({}, p, 1) - p).norm() < 1e-12);
}

TEST_CASE("Where the pit and the shoulders were marked, neck and shoulders lie there") {
    const Pose p = pose(25, -10, 12);
    const View view = viewAt(p);
    const BustPose guess = uprightBust(p);
    const PicturePoint pit = view.project(movedWithBust(guess, pitOfNeck, 1));
    for (const Eigen::Vector2d& off : {Eigen::Vector2d(0.2, 0.05), Eigen::Vector2d(-0.25, 0), Eigen::Vector2d(0.1, -0.08)}) {
        const PicturePoint marked(pit + view.scale * off);
        const BustPose held = withPitAt(guess, marked, view);
        CHECK((view.project(movedWithBust(held, pitOfNeck, 1)) - marked).norm() < 0.03 * view.scale);
        CHECK(!held.isGuess);
    }
    // A photograph taken askew: the shoulders fall to the right by eight degrees.
    const PicturePoint left(100, 700), right(left + 400 * PicturePoint(std::cos(0.14), std::sin(0.14)));
    const BustPose sloped = withShouldersAt(guess, left, right, view);
    const Eigen::Vector2d was = view.project(shoulder(guess, 1)) - view.project(shoulder(guess, -1));
    const Eigen::Vector2d is = view.project(shoulder(sloped, 1)) - view.project(shoulder(sloped, -1));
    CHECK(slopeOf(is).value - slopeOf(was).value == Approx(8).margin(2));
}

TEST_CASE("Every first form has the shoulders, drawn lightly where they are a guess") {
    const View view = viewAt(pose(20, -10, 8));
    for (const FormKind* kind : forms()) {
        const auto linesWith = [&](const BustPose& bust) {
            return construct(*kind, std::nullopt, std::make_shared<const HeadSolid>(adultHeads().mean, bust))->lines(view);
        };
        const auto isShoulder = [](const GuideLine& line) { return withoutSide(line.id) == "shoulders"; };
        const auto guessed = linesWith(uprightBust(view.pose()));
        const auto found = std::find_if(guessed.begin(), guessed.end(), isShoulder);
        INFO(kind->id);
        if (found == guessed.end()) {
            // Squares and coordinates have lines of their own and no head in them.
            CHECK((kind->id == "grid" || kind->id == "coordinates"));
            continue;
        }
        CHECK(found->light);
        const BustPose marked = withPitAt(uprightBust(view.pose()), view.project(movedWithBust(uprightBust(view.pose()), pitOfNeck, 1)), view);
        const auto known = linesWith(marked);
        CHECK(!std::find_if(known.begin(), known.end(), isShoulder)->light);
    }
}
