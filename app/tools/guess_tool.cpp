#include "app/tools/guess_tool.h"

#include "app/document/marking.h"
#include "app/sheet/scene.h"

#include <QCoreApplication>

namespace zokran {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("GuessTool", text);
}

/// The handle at a place, or the one whose line passes there.
std::optional<GuessHandle> handleNear(const SheetPointer& pointer) {
    if (const auto handle = pointer.scene.near<GuessHandle>(pointer.transform, pointer.at))
        return handle;
    const auto line = pointer.scene.near<std::string>(pointer.transform, pointer.at);
    if (!line)
        return std::nullopt;
    if (*line == "centre_line")
        return GuessHandle::Turn;
    if (*line == "brow_line")
        return GuessHandle::Tilt;
    if (line->starts_with("side_"))
        return GuessHandle::Width;
    if (*line == "chin_line")
        return GuessHandle::Chin;
    return std::nullopt;
}

} // namespace

bool GuessTool::press(const SheetPointer& pointer) {
    const auto handle = handleNear(pointer);
    if (!handle || !isGuessing(desk_))
        return false;
    pulled_ = *handle;
    before_ = *desk_.study().guess;
    from_ = pointer.place;
    return true;
}

void GuessTool::drag(const SheetPointer& pointer) {
    if (isGuessing(desk_))
        setGuess(desk_, tr("Turn the construction"), QString("guess%1").arg(pointer.gesture),
                 pulled(before_, desk_.study().reference, pulled_, from_, pointer.place));
}

bool GuessTool::key(const QKeyEvent& event, const SheetPointer&) {
    if (!isGuessing(desk_))
        return false;
    Guess guess = *desk_.study().guess;
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
    case Qt::Key_Return:
    case Qt::Key_Enter:
        commitGuess(desk_);
        return true;
    default:
        return false;
    }
    setGuess(desk_, tr("Turn the construction"), "guess keys", guess);
    return true;
}

std::optional<Qt::CursorShape> GuessTool::cursor(const SheetPointer& pointer) const {
    return handleNear(pointer) ? std::optional(Qt::OpenHandCursor) : std::nullopt;
}

} // namespace zokran
