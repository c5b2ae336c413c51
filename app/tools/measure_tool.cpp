#include "app/tools/measure_tool.h"

#include "app/document/measuring.h"
#include "app/sheet/scene.h"
#include "app/widgets/words.h"
#include "core/words/mark_words.h"

#include <QGuiApplication>
#include <QLineF>

namespace zokran {

namespace {

constexpr double reach = 10; ///< a mark takes an end to itself from this far, px of the widget

} // namespace

std::optional<Mark> MeasureTool::snappedTo(const SheetPointer& pointer) const {
    if (QGuiApplication::keyboardModifiers() & Qt::ShiftModifier)
        return std::nullopt;
    std::optional<Mark> nearest;
    double least = reach;
    const MarkSheet& marks = desk_.study().marks(side_);
    for (Mark m : marks.seenMarks()) {
        const double away = QLineF(pointer.at, pointer.transform.toView(*marks.seen(m))).length();
        if (away < least) {
            least = away;
            nearest = m;
        }
    }
    return nearest;
}

bool MeasureTool::press(const SheetPointer& pointer) {
    if (pointer.scene.picture.isNull())
        return false;
    const auto mark = snappedTo(pointer);
    putEnd(desk_, side_, mark ? Anchor{mark, {0, 0}} : Anchor{std::nullopt, pointer.place});
    return true;
}

bool MeasureTool::key(const QKeyEvent& event, const SheetPointer&) {
    Measurement laid = desk_.selection.laying();
    switch (event.key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return closeShape(desk_), true;
    case Qt::Key_Backspace:
        if (laid.anchors.empty())
            return desk_.document.undoStack().undo(), true;
        laid.anchors.pop_back();
        return desk_.selection.lay(laid), true;
    case Qt::Key_Escape:
        laid.anchors.clear();
        return desk_.selection.lay(laid), true;
    default:
        return false;
    }
}

std::optional<Qt::CursorShape> MeasureTool::cursor(const SheetPointer& pointer) const {
    return pointer.scene.picture.isNull() ? std::nullopt : std::optional(Qt::CrossCursor);
}

QString MeasureTool::word(const SheetPointer& pointer) const {
    const auto mark = snappedTo(pointer);
    return mark ? qt(wordsFor(*mark, learnersBook())) : QString();
}

bool MeasureTool::wantsLoupe(const SheetPointer& pointer) const {
    return !pointer.scene.picture.isNull();
}

} // namespace zokran
