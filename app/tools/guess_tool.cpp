#include "app/tools/guess_tool.h"

#include "app/document/marking.h"
#include "app/sheet/scene.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// How far a key moves the ball.
double move(const Guess& guess, const QKeyEvent& event) {
    return guess.ball.radius.value * (event.modifiers() & Qt::ShiftModifier ? 0.1 : 0.01);
}

constexpr double guessReach = 9; ///< px of the widget, of the ball's edge; of the chin twice as much

} // namespace

std::optional<GuessGrip> GuessTool::gripUnder(const SheetPointer& pointer) const {
    if (!isGuessing(opened_))
        return std::nullopt;
    return gripAt(*opened_.study().guess, opened_.study().reference, pointer.place,
                  {guessReach / pointer.transform.scale});
}

bool GuessTool::press(const SheetPointer& pointer) {
    if (!isGuessing(opened_))
        return false;
    before_ = *opened_.study().guess;
    from_ = pointer.place;
    held_ = gripUnder(pointer);
    return held_ || !before_.hasBall();
}

void GuessTool::drag(const SheetPointer& pointer) {
    if (!isGuessing(opened_))
        return;
    const QString gesture = QString("guess%1").arg(pointer.gesture);
    if (held_)
        return setGuess(opened_, tr("Turn the construction"), gesture,
                        pulled(before_, opened_.study().reference, *held_, from_, pointer.place));
    Guess laid = before_;
    laid.ball = draggedOut(from_, pointer.place);
    setGuess(opened_, tr("Lay the ball"), gesture, laid);
}

bool GuessTool::key(const QKeyEvent& event, const SheetPointer&) {
    if (!isGuessing(opened_))
        return false;
    Guess guess = *opened_.study().guess;
    // By keys alone the ball begins where most heads are.
    if (!guess.hasBall()) {
        const MarkSheet& sheet = opened_.study().reference;
        guess.ball = {{sheet.width / 2.0, sheet.height * 0.4}, {sheet.height * 0.2}};
    }
    const Radians step = toRadians(Degrees{event.modifiers() & Qt::ShiftModifier ? 10.0 : 1.0});
    switch (event.key()) {
    case Qt::Key_Left:
        guess.pose.turn -= step;
        break;
    case Qt::Key_Right:
        guess.pose.turn += step;
        break;
    case Qt::Key_Up:
        guess.pose.tilt += step;
        break;
    case Qt::Key_Down:
        guess.pose.tilt -= step;
        break;
    case Qt::Key_Comma:
    case Qt::Key_Less:
        guess.pose.lean -= step;
        break;
    case Qt::Key_Period:
    case Qt::Key_Greater:
        guess.pose.lean += step;
        break;
    case Qt::Key_BracketLeft:
        guess.ball.radius *= event.modifiers() & Qt::ShiftModifier ? 0.8 : 0.98;
        break;
    case Qt::Key_BracketRight:
        guess.ball.radius *= event.modifiers() & Qt::ShiftModifier ? 1.25 : 1.02;
        break;
    case Qt::Key_W:
        guess.ball.centre.y() -= move(guess, event);
        break;
    case Qt::Key_S:
        guess.ball.centre.y() += move(guess, event);
        break;
    case Qt::Key_A:
        guess.ball.centre.x() -= move(guess, event);
        break;
    case Qt::Key_D:
        guess.ball.centre.x() += move(guess, event);
        break;
    case Qt::Key_C:
        guess.chin -= BallRadii{event.modifiers() & Qt::ShiftModifier ? -0.02 : 0.02};
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        commitGuess(opened_);
        return true;
    default:
        return false;
    }
    setGuess(opened_, tr("Turn the construction"), "guess keys", guess);
    return true;
}

std::optional<Qt::CursorShape> GuessTool::cursor(const SheetPointer& pointer) const {
    if (isGuessing(opened_) && !opened_.study().guess->hasBall())
        return Qt::CrossCursor;
    const auto grip = gripUnder(pointer);
    if (!grip)
        return std::nullopt;
    return *grip == GuessGrip::Place  ? Qt::SizeAllCursor
           : *grip == GuessGrip::Size ? Qt::SizeBDiagCursor
           : *grip == GuessGrip::Chin ? Qt::SizeVerCursor
                                      : Qt::OpenHandCursor;
}

QString GuessTool::word(const SheetPointer& pointer) const {
    if (isGuessing(opened_) && !opened_.study().guess->hasBall())
        return tr("drag the ball out over the cranium");
    const auto grip = gripUnder(pointer);
    if (!grip)
        return {};
    switch (*grip) {
    case GuessGrip::Place:
        return tr("move");
    case GuessGrip::Size:
        return tr("size");
    case GuessGrip::Turn:
        return tr("turn and tilt");
    case GuessGrip::Lean:
        return tr("lean");
    case GuessGrip::Chin:
        return tr("chin");
    }
    return {};
}

} // namespace zokran
