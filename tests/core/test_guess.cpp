#include "core/files/guess_file.h"
#include "core/fit/guess.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

MarkSheet sheet() {
    MarkSheet s;
    s.width = s.height = 1000;
    return s;
}

Guess guessAt(double turn, double tilt, double lean) {
    Guess g;
    g.pose = pose(turn, tilt, lean);
    g.ball = {{480, 430}, {150}};
    return g;
}

} // namespace

TEST_CASE("The guessed ball's outline is the circle laid, and the pose the one turned to") {
    const Guess g = guessAt(30, -20, 10);
    const View view = guessView(g, sheet());
    CHECK(view.outlineRadius().value == Approx(150));
    CHECK(apart(view.rotation, headToView(pose(30, -20, 10))) < 1e-5);
    MarkSheet withLens = sheet();
    withLens.focal = Pixels{1800};
    CHECK(guessView(g, withLens).nearness == Approx(150 / 1800.0).epsilon(0.01));
}

TEST_CASE("A drag does what the place it began at says") {
    const Guess g = guessAt(20, 10, 0); // ball at (480, 430), radius 150
    auto gripOf = [&](double x, double y) { return gripAt(g, sheet(), {x, y}, {8}); };
    CHECK(gripOf(485, 425) == GuessGrip::Place);
    CHECK(gripOf(540, 400) == GuessGrip::Turn);
    CHECK(gripOf(480, 430 - 132) == GuessGrip::Lean);
    CHECK(gripOf(480 - 147, 430) == GuessGrip::Size);
    const PicturePoint chin = guessedChin(g, sheet());
    CHECK(gripOf(chin.x() + 6, chin.y() - 6) == GuessGrip::Chin);
    CHECK_FALSE(gripOf(100, 100));
    Guess none;
    CHECK_FALSE(none.hasBall());
    CHECK_FALSE(gripAt(none, sheet(), {0, 0}, {8}));
}

TEST_CASE("Turned under the hand, the front of the ball follows it, however the head leans") {
    for (double lean : {0.0, 35.0, -160.0}) {
        const Guess g = guessAt(0, 0, lean);
        const PicturePoint front = guessView(g, sheet()).project({0, 0, 1});
        const PicturePoint to = front + PicturePoint(9, -6);
        const Guess turned = pulled(g, sheet(), GuessGrip::Turn, front, to);
        INFO(lean);
        CHECK((guessView(turned, sheet()).project({0, 0, 1}) - to).norm() < 1.5);
    }
    // Upright: to the right is turn, up is chin up.
    const Guess g = pulled(guessAt(0, 0, 0), sheet(), GuessGrip::Turn, {480, 430}, {500, 400});
    CHECK(degrees(g.pose.turn) == Approx(degrees({20 / 150.0})));
    CHECK(degrees(g.pose.tilt) == Approx(degrees({30 / 150.0})));
}

TEST_CASE("Rim, edge, middle and chin follow the hand exactly") {
    const Guess g = guessAt(35, 5, 10);
    const PicturePoint middle = g.ball.centre;
    Guess moved = pulled(g, sheet(), GuessGrip::Lean, middle + PicturePoint(0, -130),
                         middle + PicturePoint(130, 0));
    CHECK(degrees(moved.pose.lean) == Approx(100));
    moved = pulled(g, sheet(), GuessGrip::Size, middle + PicturePoint(147, 0),
                   middle + PicturePoint(177, 0));
    CHECK(moved.ball.radius.value == Approx(180));
    moved = pulled(g, sheet(), GuessGrip::Place, {10, 10}, {30, -20});
    CHECK((moved.ball.centre - middle - PicturePoint(20, -30)).norm() < 1e-9);
    const PicturePoint chin = guessedChin(g, sheet());
    Guess longer = g;
    longer.chin = {-1.6};
    moved = pulled(g, sheet(), GuessGrip::Chin, chin, guessedChin(longer, sheet()));
    CHECK(moved.chin.value == Approx(-1.6).margin(0.02));
    const BallCircle laid = draggedOut({100, 200}, {300, 200});
    CHECK(laid.radius.value == Approx(100));
    CHECK((laid.centre - PicturePoint(200, 200)).norm() < 1e-9);
}

TEST_CASE("A guess stays within what the construction can be") {
    Guess g = guessAt(140, -120, 270);
    g.sidePlane = {2};
    g.chin = {0};
    g = withinReach(g);
    CHECK(degrees(g.pose.turn) == Approx(90));
    CHECK(degrees(g.pose.tilt) == Approx(-90));
    CHECK(degrees(g.pose.lean) == Approx(-90));
    CHECK(g.sidePlane.value == Approx(0.95));
    CHECK(g.chin.value == Approx(-0.7));
}

TEST_CASE("The guess against the fit is guess less fit") {
    const View view = viewAt(pose(30, 10, 5));
    const Fit fit = fitHead(sheetOf(adultHeads().mean, view));
    Guess g = guessAt(18, 15, 5);
    g.ball = {fit.ball().centre + PicturePoint(15, 0), {fit.ball().radius.value * 1.1}};
    const GuessError e = errorOf(g, fit);
    CHECK(degrees(e.turn) == Approx(-12).margin(0.5));
    CHECK(degrees(e.tilt) == Approx(5).margin(0.5));
    CHECK(e.size == Approx(0.1));
    CHECK(e.right.value == Approx(15 / fit.ball().radius.value));
    CHECK(e.chin.value == Approx(-4.0 / 3 - adultHeads().mean[Mark::Chin].y()).margin(0.02));
}

TEST_CASE("A guess comes back from its file as it went, and a broken one is told by name") {
    Guess g = guessAt(12.5, -7, 33);
    g.committed = true;
    const Guess back = parseGuess(guessText(g), "here");
    CHECK(back.committed);
    CHECK(degrees(back.pose.tilt) == Approx(-7));
    CHECK(back.ball.centre.x() == Approx(480));
    CHECK_THROWS_WITH(parseGuess(R"({"format":"zokran-guess","version":1})", "here"),
                      Catch::Contains("here") && Catch::Contains("pose"));
}
