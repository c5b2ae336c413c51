#include "app/tools/measure_tool.h"

#include "app/document/marking.h"
#include "app/overlays/lines_overlay.h"
#include "app/sheet/scene.h"
#include "app/text/messages.h"
#include "app/tools/arrow_keys.h"
#include "core/construction/lines.h"
#include "core/messages/mark_messages.h"

#include <QGuiApplication>
#include <QLineF>

namespace zokran {

namespace {

/// How near a press selects an end, px of the widget; a mark reaches further than a line.
constexpr double markReach = 10, lineReach = 6;

QString nameOf(const std::string& line) {
    const LineEntry* entry = lineNamed(line);
    return entry ? qt(learnersTranslator().say(entry->name)) : QString();
}

} // namespace

MeasureTool::Held MeasureTool::heldAt(const SheetPointer& pointer) const {
    Held held;
    held.end.at = pointer.place;
    if (QGuiApplication::keyboardModifiers() & Qt::ShiftModifier)
        return held;
    std::optional<Mark> nearest;
    double least = markReach;
    const MarkSheet& marks = opened_.study().marks(side_);
    for (Mark m : marks.seenMarks()) {
        const double away = QLineF(pointer.at, pointer.transform.toView(*marks.seen(m))).length();
        if (away < least) {
            least = away;
            nearest = m;
        }
    }
    if (nearest) {
        held.end.mark = nearest;
        held.end.at = {0, 0};
        held.name = qt(wordsFor(*nearest, learnersTranslator()));
        return held;
    }
    const auto* lines = pointer.scene.find<LinesOverlay>();
    const auto on = lines ? nearestOnLines(lines->lines, pointer.place) : std::nullopt;
    if (on && QLineF(pointer.at, pointer.transform.toView(on->at)).length() < lineReach) {
        held.end.at = on->at;
        held.name = nameOf(on->line);
    }
    return held;
}

bool MeasureTool::press(const SheetPointer& pointer) {
    if (pointer.scene.picture.isNull())
        return false;
    if (const auto corner = missingUnitCorner(opened_, side_))
        placeMark(opened_, side_, *corner, pointer.place);
    else
        putEnd(opened_, side_, heldAt(pointer).end);
    return true;
}

std::optional<PicturePoint> MeasureTool::placeHeldByKeys() const {
    const auto open = openPlace(opened_, side_);
    return heldOpen_ && open && heldOpen_->of.isSame(*open) ? std::optional(heldOpen_->at) : std::nullopt;
}

bool MeasureTool::keyOfOpenPlace(const QKeyEvent& event, const SheetPointer& middle) {
    const auto open = openPlace(opened_, side_);
    if (!open)
        return false;
    if (event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter) {
        // Only what was moved by hand is set: where it is expected it would agree by itself.
        if (const auto at = placeHeldByKeys()) {
            heldOpen_.reset();
            setOpenPlace(opened_, side_, *at);
        }
        return true;
    }
    const auto by = arrowStep(event);
    if (!by)
        return false;
    const PicturePoint from = placeHeldByKeys().value_or(open->expected.value_or(middle.place));
    heldOpen_ = HeldOpen{*open, from + PicturePoint(*by / middle.transform.scale)};
    emit opened_.changed();
    return true;
}

bool MeasureTool::key(const QKeyEvent& event, const SheetPointer& middle) {
    if (keyOfOpenPlace(event, middle))
        return true;
    Measurement laid = opened_.selection.measuring.current();
    switch (event.key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return closeShape(opened_), true;
    case Qt::Key_Backspace:
        if (laid.anchors.empty())
            return opened_.document.undoStack().undo(), true;
        laid.anchors.pop_back();
        return opened_.selection.measuring.setCurrent(laid), true;
    case Qt::Key_Escape:
        laid.anchors.clear();
        return opened_.selection.measuring.setCurrent(laid), true;
    default:
        return false;
    }
}

std::optional<Qt::CursorShape> MeasureTool::cursor(const SheetPointer& pointer) const {
    return pointer.scene.picture.isNull() ? std::nullopt : std::optional(Qt::CrossCursor);
}

QString MeasureTool::word(const SheetPointer& pointer) const {
    return heldAt(pointer).name;
}

bool MeasureTool::wantsLoupe(const SheetPointer& pointer) const {
    return !pointer.scene.picture.isNull();
}

} // namespace zokran
