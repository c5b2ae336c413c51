#include "core/fit/guess.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// How far the construction can be stretched by hand.
constexpr BallRadii leastSide{0.5}, mostSide{0.95}, longestChin{-2.2}, shortestChin{-0.7};
constexpr Pixels smallestBall{4};
/// Shares of the ball's radius: up to here a drag moves it; from here on it is its rim.
constexpr double middlePart = 0.2, rimFrom = 0.8;

Radians clamped(Radians angle, Degrees limit) {
    return std::clamp(angle, -toRadians(limit), toRadians(limit));
}

/// The angle of a direction in the picture, clockwise from upright.
Radians clockwise(const PicturePoint& d) {
    return {std::atan2(d.x(), -d.y())};
}

} // namespace

Guess firstGuess(const MarkSheet& sheet) {
    Guess guess;
    guess.ball = sheet.ball.value_or(BallCircle{});
    return guess;
}

BallCircle draggedOut(const PicturePoint& from, const PicturePoint& to) {
    return {(from + to) / 2, {(to - from).norm() / 2}};
}

Guess withinReach(Guess guess) {
    guess.pose.turn = clamped(guess.pose.turn, {90});
    guess.pose.tilt = clamped(guess.pose.tilt, {90});
    guess.pose.lean = wrapped(guess.pose.lean);
    if (guess.hasBall())
        guess.ball.radius = std::max(guess.ball.radius, smallestBall);
    guess.sidePlane = std::clamp(guess.sidePlane, leastSide, mostSide);
    guess.chin = std::clamp(guess.chin, longestChin, shortestChin);
    return guess;
}

namespace {

/// An average adult with the lower face stretched to the guessed chin.
HeadMarks guessedHead(const Guess& guess) {
    HeadMarks head = adultHeads().mean;
    const double stretch = guess.chin / BallRadii{head[Mark::Chin].y()};
    for (HeadPoint& p : head)
        if (p.y() < 0)
            p.y() *= stretch;
    return head;
}

} // namespace

BallForm guessForm(const Guess& guess) {
    Subject subject =
        ownSubject(std::make_shared<const HeadSolid>(guessedHead(guess), uprightBust(guess.pose)));
    const BallRadii oval = sideOvalAt(guess.sidePlane);
    const BallRadii nose = guess.chin / 2;
    Levels& level = subject.levels;
    level.crown = {1};
    level.hairline = oval;
    level.brow = {0};
    level.eye = nose / 4;
    level.noseBase = nose;
    level.mouth = nose + nose / 3;
    level.chin = guess.chin;
    subject.sidePlane = guess.sidePlane;
    return BallForm(std::move(subject));
}

View guessView(const Guess& guess, const MarkSheet& sheet) {
    View view;
    view.centre = guess.ball.centre;
    view.principal =
        sheet.focal ? PicturePoint(sheet.width / 2.0, sheet.height / 2.0) : guess.ball.centre;
    view.nearness = sheet.focal ? std::min(guess.ball.radius / *sheet.focal, 1 / 3.0) : nearnessAt(usualDistance);
    view.scale = (guess.ball.radius * std::sqrt(1 - view.nearness * view.nearness)).value;
    view.face(headToView(guess.pose));
    return view;
}

PicturePoint guessedChin(const Guess& guess, const MarkSheet& sheet) {
    return guessView(guess, sheet).project(headPoint({}, guess.chin, {adultHeads().mean[Mark::Chin].z()}));
}

std::optional<GuessGrip> gripAt(const Guess& guess, const MarkSheet& sheet, const PicturePoint& at,
                                Pixels reach) {
    if (!guess.hasBall())
        return std::nullopt;
    const Pixels r = guess.ball.radius, off{(at - guess.ball.centre).norm()};
    if (abs(off - r) < reach)
        return GuessGrip::Size;
    if (Pixels{(at - guessedChin(guess, sheet)).norm()} < 2 * reach)
        return GuessGrip::Chin;
    if (off > r)
        return std::nullopt;
    return off < middlePart * r ? GuessGrip::Place
           : off > rimFrom * r  ? GuessGrip::Lean
                                : GuessGrip::Turn;
}

Guess pulled(const Guess& guess, const MarkSheet& sheet, GuessGrip grip, const PicturePoint& from,
             const PicturePoint& to) {
    Guess g = guess;
    const PicturePoint by = to - from;
    switch (grip) {
    case GuessGrip::Place:
        g.ball.centre += by;
        break;
    case GuessGrip::Size:
        // Taken hold of beside the edge, the edge keeps that distance.
        g.ball.radius = std::max(smallestBall,
                                 g.ball.radius + Pixels{(to - g.ball.centre).norm() -
                                                        (from - g.ball.centre).norm()});
        break;
    case GuessGrip::Turn: {
        // Along the head's own level and upright as it leans; a radian for a radius.
        const double c = cos(guess.pose.lean), s = sin(guess.pose.lean);
        const Pixels along{c * by.x() + s * by.y()}, upright{s * by.x() - c * by.y()};
        g.pose.turn += Radians{along / guess.ball.radius};
        g.pose.tilt += Radians{upright / guess.ball.radius};
        break;
    }
    case GuessGrip::Lean:
        g.pose.lean += clockwise(to - g.ball.centre) - clockwise(from - g.ball.centre);
        break;
    case GuessGrip::Chin: {
        // As far as the chin's own way down the head runs along the drag.
        Guess lower = guess;
        lower.chin -= BallRadii{0.01};
        const PicturePoint way = (guessedChin(lower, sheet) - guessedChin(guess, sheet)) / 0.01;
        g.chin -= BallRadii{by.dot(way) / std::max(way.squaredNorm(), 1e-9)};
        break;
    }
    }
    return withinReach(g);
}

GuessError errorOf(const Guess& guess, const Fit& fit) {
    const BallCircle ball = fit.ball();
    const PicturePoint off = (guess.ball.centre - ball.centre) / ball.radius.value;
    return {wrapped(guess.pose.turn - fit.pose.turn),
            wrapped(guess.pose.tilt - fit.pose.tilt),
            wrapped(guess.pose.lean - fit.pose.lean),
            guess.ball.radius / ball.radius - 1,
            {off.x()},
            {off.y()},
            guess.chin - BallRadii{fit.head[Mark::Chin].y()}};
}

} // namespace zokran
