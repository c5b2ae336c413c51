#include "app/sheet/touch_gestures.h"

#include <QGuiApplication>
#include <QLineF>
#include <QStyleHints>
#include <QTouchEvent>
#include <algorithm>
#include <utility>
#include <vector>

namespace zokran {

namespace {

constexpr double tremble = 10;    ///< px a resting finger may move
constexpr double leastApart = 20; ///< px between two fingers, below which their distance says nothing

} // namespace

TouchGestures::TouchGestures(QObject* parent) : QObject(parent) {
    rest_.setSingleShot(true);
    rest_.setInterval(QGuiApplication::styleHints()->mousePressAndHoldInterval());
    connect(&rest_, &QTimer::timeout, this, [this] {
        state_ = State::Spent;
        emit longPressed(at_);
    });
}

void TouchGestures::take(const QTouchEvent& event) {
    // A menu may have taken the end of the last gesture.
    if (event.type() == QEvent::TouchBegin)
        state_ = State::None;
    std::vector<QPointF> fingers;
    for (const QEventPoint& point : event.points())
        if (point.state() != QEventPoint::Released)
            fingers.push_back(point.position());

    if (event.type() == QEvent::TouchCancel || fingers.empty()) {
        rest_.stop();
        const State ended = std::exchange(state_, State::None);
        if (ended == State::Waiting && event.type() != QEvent::TouchCancel)
            emit pressed(at_);
        if (ended == State::Dragging || (ended == State::Waiting && event.type() != QEvent::TouchCancel))
            emit released(at_);
        return;
    }
    if (fingers.size() >= 2) {
        rest_.stop();
        const QPointF middle = (fingers[0] + fingers[1]) / 2;
        const double distance = std::max(leastApart, QLineF(fingers[0], fingers[1]).length());
        if (state_ == State::Pinching)
            emit pinched(at_, middle, distance / distance_);
        else if (state_ == State::Dragging)
            emit released(at_);
        if (state_ != State::Spent)
            state_ = State::Pinching;
        at_ = middle;
        distance_ = distance;
        return;
    }
    switch (state_) {
    case State::None:
        state_ = State::Waiting;
        at_ = fingers[0];
        rest_.start();
        return;
    case State::Waiting:
        if (QLineF(at_, fingers[0]).length() <= tremble)
            return;
        rest_.stop();
        state_ = State::Dragging;
        emit pressed(at_);
        [[fallthrough]];
    case State::Dragging:
        at_ = fingers[0];
        emit moved(at_);
        return;
    case State::Pinching:
        // One of two fingers was lifted: the other ends the gesture.
        state_ = State::Spent;
        return;
    case State::Spent:
        return;
    }
}

} // namespace zokran
