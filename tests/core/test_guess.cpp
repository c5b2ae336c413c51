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

/// Pulls one handle from where it is to where it would be in `goal`.
Guess pulledTowards(const Guess& from, const Guess& goal, GuessHandle handle) {
    return pulled(from, sheet(), handle, handleAt(from, sheet(), handle),
                  handleAt(goal, sheet(), handle));
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

TEST_CASE("Each handle follows the hand along its own freedom, at every pose") {
    for (const auto& [turn, tilt, lean] : {std::array{0.0, 0.0, 0.0},
                                           {40, 25, -10},
                                           {-70, 10, 160},
                                           {85, 0, 0},
                                           {10, 70, 30},
                                           {-10, -70, 0},
                                           {20, 10, 180}}) {
        const Guess g = guessAt(turn, tilt, lean);
        CAPTURE(turn, tilt, lean);
        Guess goal = g;
        goal.pose.turn = toRadians(Degrees{turn > 0 ? turn - 25 : turn + 25});
        CHECK(degrees(pulledTowards(g, goal, GuessHandle::Turn).pose.turn) ==
              Approx(degrees(goal.pose.turn)).margin(0.5));
        goal = g;
        goal.pose.tilt = toRadians(Degrees{tilt > 0 ? tilt - 25 : tilt + 25});
        CHECK(degrees(pulledTowards(g, goal, GuessHandle::Tilt).pose.tilt) ==
              Approx(degrees(goal.pose.tilt)).margin(0.5));
        goal = g;
        goal.pose.lean = wrapped({g.pose.lean.value + 0.6});
        CHECK(degrees(wrapped({pulledTowards(g, goal, GuessHandle::Lean).pose.lean.value -
                               goal.pose.lean.value})) == Approx(0).margin(0.01));
        goal = g;
        goal.ball.radius = {180};
        CHECK(pulledTowards(g, goal, GuessHandle::Size).ball.radius.value == Approx(180));
        goal = g;
        goal.ball.centre = {500, 400};
        CHECK(pulledTowards(g, goal, GuessHandle::Place).ball.centre.y() == Approx(400));
    }
    const Guess g = guessAt(35, 0, 0);
    Guess goal = g;
    goal.chin = {-1.6};
    CHECK(pulledTowards(g, goal, GuessHandle::Chin).chin.value == Approx(-1.6).margin(0.01));
    goal.sidePlane = {0.85};
    CHECK(pulledTowards(g, goal, GuessHandle::Width).sidePlane.value == Approx(0.85).margin(0.01));
}

TEST_CASE("A handle taken hold of beside its middle does not jump") {
    const Guess g = guessAt(20, 10, 0);
    const PicturePoint at = handleAt(g, sheet(), GuessHandle::Turn) + PicturePoint(5, -4);
    const Guess same = pulled(g, sheet(), GuessHandle::Turn, at, at);
    CHECK(degrees(same.pose.turn) == Approx(20).margin(0.05));
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
