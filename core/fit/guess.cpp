#include "core/fit/guess.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace zokran {

namespace {

/// How far the construction can be stretched by hand.
constexpr BallRadii leastSide{0.5}, mostSide{0.95}, longestChin{-2.2}, shortestChin{-0.7};

Radians clamped(Radians angle, Degrees limit) {
    return std::clamp(angle, -toRadians(limit), toRadians(limit));
}

/// Which side oval the viewer sees more of: +1 the sitter's left, -1 the right.
int nearSide(const Guess& guess) {
    return guess.pose.turn > Radians{0} ? -1 : 1;
}

/// The value in [low, high] whose picture point comes nearest to `to`: a scan, then golden section.
double nearest(double low, double high, const PicturePoint& to,
               const std::function<PicturePoint(double)>& at) {
    constexpr int steps = 72;
    auto off = [&](double v) { return (at(v) - to).squaredNorm(); };
    double best = low, least = off(low);
    for (int i = 1; i <= steps; ++i) {
        const double v = low + (high - low) * i / steps;
        if (const double d = off(v); d < least) {
            least = d;
            best = v;
        }
    }
    double a = std::max(low, best - (high - low) / steps);
    double b = std::min(high, best + (high - low) / steps);
    constexpr double golden = 0.6180339887;
    for (int i = 0; i < 30; ++i) {
        const double left = b - golden * (b - a), right = a + golden * (b - a);
        (off(left) < off(right) ? b : a) = off(left) < off(right) ? right : left;
    }
    return (a + b) / 2;
}

/// The angle of a direction in the picture, clockwise from upright.
Radians clockwise(const PicturePoint& d) {
    return {std::atan2(d.x(), -d.y())};
}

} // namespace

Guess firstGuess(const MarkSheet& sheet) {
    Guess guess;
    guess.ball = sheet.ball.value_or(
        BallCircle{{sheet.width / 2.0, sheet.height * 0.4}, {sheet.height * 0.2}});
    return guess;
}

Guess withinReach(Guess guess) {
    guess.pose.turn = clamped(guess.pose.turn, {90});
    guess.pose.tilt = clamped(guess.pose.tilt, {90});
    guess.pose.lean = wrapped(guess.pose.lean);
    guess.ball.radius = std::max(guess.ball.radius, Pixels{4});
    guess.sidePlane = std::clamp(guess.sidePlane, leastSide, mostSide);
    guess.chin = std::clamp(guess.chin, longestChin, shortestChin);
    return guess;
}

BallForm guessForm(const Guess& guess) {
    const double r = std::sqrt(1 - guess.sidePlane.value * guess.sidePlane.value);
    const BallRadii nose = guess.chin / 2;
    const Levels levels{{1}, {r}, {0}, nose / 4, nose, nose + nose / 3, guess.chin};
    // Depths and widths of an average head, its lower face stretched to the chin.
    HeadMarks head = adultHeads().mean;
    const double stretch = guess.chin / BallRadii{head[Mark::Chin].y()};
    for (HeadPoint& p : head)
        if (p.y() < 0)
            p.y() *= stretch;
    return BallForm(levels, guess.sidePlane, head);
}

View guessView(const Guess& guess, const MarkSheet& sheet) {
    View view;
    view.centre = guess.ball.centre;
    view.principal =
        sheet.focal ? PicturePoint(sheet.width / 2.0, sheet.height / 2.0) : guess.ball.centre;
    view.nearness =
        sheet.focal ? std::min(guess.ball.radius / *sheet.focal, 1 / 3.0) : 1 / usualDistance.value;
    view.scale = guess.ball.radius.value * std::sqrt(1 - view.nearness * view.nearness);
    view.face(headToView(guess.pose));
    return view;
}

PicturePoint handleAt(const Guess& guess, const MarkSheet& sheet, GuessHandle handle) {
    const BallForm form = guessForm(guess);
    const View view = guessView(guess, sheet);
    const double r = guess.ball.radius.value, p = guess.sidePlane.value;
    switch (handle) {
    case GuessHandle::Size:
        return guess.ball.centre + PicturePoint(nearSide(guess) * r, 0);
    case GuessHandle::Turn:
        return view.project(form.front(form.levels().noseBase, 0).at);
    case GuessHandle::Tilt:
        return view.project(form.front({0}, 0).at);
    case GuessHandle::Lean: {
        // On the outline where the crown is as the head leans, whatever the tilt.
        const Radians lean = guess.pose.lean;
        return guess.ball.centre + r * PicturePoint(sin(lean), -cos(lean));
    }
    case GuessHandle::Width:
        return view.project({nearSide(guess) * p, 0, std::sqrt(1 - p * p)});
    case GuessHandle::Chin:
        return view.project(form.front(guess.chin, 0).at);
    case GuessHandle::Place:
        break;
    }
    return guess.ball.centre;
}

Guess pulled(const Guess& guess, const MarkSheet& sheet, GuessHandle handle,
             const PicturePoint& from, const PicturePoint& to) {
    Guess g = guess;
    // Taken hold of beside the handle, the handle keeps that distance.
    const PicturePoint target = to + handleAt(guess, sheet, handle) - from;
    auto follow = [&](double low, double high, const std::function<void(Guess&, double)>& set) {
        const double value = nearest(low, high, target, [&](double v) {
            Guess trial = guess;
            set(trial, v);
            return handleAt(trial, sheet, handle);
        });
        set(g, value);
    };
    constexpr double quarter = std::numbers::pi / 2;
    switch (handle) {
    case GuessHandle::Place:
        g.ball.centre += to - from;
        break;
    case GuessHandle::Size:
        g.ball.radius.value = (target - g.ball.centre).norm();
        break;
    case GuessHandle::Turn:
        follow(-quarter, quarter, [](Guess& t, double v) { t.pose.turn = {v}; });
        break;
    case GuessHandle::Tilt:
        follow(-quarter, quarter, [](Guess& t, double v) { t.pose.tilt = {v}; });
        break;
    case GuessHandle::Lean:
        g.pose.lean += clockwise(to - g.ball.centre) - clockwise(from - g.ball.centre);
        break;
    case GuessHandle::Width:
        follow(leastSide.value, mostSide.value, [](Guess& t, double v) { t.sidePlane = {v}; });
        break;
    case GuessHandle::Chin:
        follow(longestChin.value, shortestChin.value, [](Guess& t, double v) { t.chin = {v}; });
        break;
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
