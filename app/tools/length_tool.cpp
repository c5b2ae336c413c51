#include "app/tools/length_tool.h"

#include <QLineF>

namespace zokran {

namespace {

constexpr double endReach = 18; ///< px of the widget

} // namespace

std::optional<int> LengthTool::endAt(const SheetPointer& pointer) const {
    const auto known = desk_.page.knownLength();
    std::optional<int> best;
    double nearest = endReach;
    for (int end = 0; known && end < 2; ++end) {
        const double d =
            QLineF(pointer.at, pointer.transform.toView(end == 0 ? known->from : known->to)).length();
        if (d < nearest) {
            nearest = d;
            best = end;
        }
    }
    return best;
}

void LengthTool::put(const SketchPoint& at, const QString& merge) {
    auto known = desk_.page.knownLength();
    if (!known)
        return;
    (touched_ == 0 ? known->from : known->to) = at;
    desk_.page.setLength(*known, merge);
}

bool LengthTool::press(const SheetPointer& pointer) {
    const auto end = endAt(pointer);
    if (!end)
        return false;
    touched_ = *end;
    held_ = true;
    const auto known = desk_.page.knownLength();
    beside_ = (touched_ == 0 ? known->from : known->to) - SketchPoint(pointer.place);
    return true;
}

void LengthTool::drag(const SheetPointer& pointer) {
    put(SketchPoint(pointer.place) + beside_, QString("length%1").arg(pointer.gesture));
}

void LengthTool::release(const SheetPointer&) {
    held_ = false;
}

bool LengthTool::key(const QKeyEvent& event, const SheetPointer&) {
    const auto known = desk_.page.knownLength();
    if (!known)
        return false;
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    const auto nudge = [&](double x, double y) {
        put((touched_ == 0 ? known->from : known->to) + SketchPoint(x, y), QString("length key%1").arg(touched_));
        return true;
    };
    switch (event.key()) {
    case Qt::Key_Left:
        return nudge(-step, 0);
    case Qt::Key_Right:
        return nudge(step, 0);
    case Qt::Key_Up:
        return nudge(0, -step);
    case Qt::Key_Down:
        return nudge(0, step);
    case Qt::Key_Space:
        touched_ = 1 - touched_;
        emit desk_.page.changed();
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return desk_.page.endLength(), true;
    default:
        return false;
    }
}

std::optional<Qt::CursorShape> LengthTool::cursor(const SheetPointer& pointer) const {
    return endAt(pointer) ? std::optional(Qt::OpenHandCursor) : std::nullopt;
}

bool LengthTool::wantsLoupe(const SheetPointer& pointer) const {
    return held_ || endAt(pointer);
}

} // namespace zokran
