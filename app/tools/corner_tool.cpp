#include "app/tools/corner_tool.h"

#include <QLineF>

namespace zokran {

namespace {

constexpr double cornerReach = 18; ///< px of the widget

} // namespace

std::optional<std::size_t> CornerTool::cornerAt(const SheetPointer& pointer) const {
    std::optional<std::size_t> best;
    double nearest = cornerReach;
    if (const auto& flat = desk_.page.flat())
        for (std::size_t i = 0; i < 4; ++i) {
            const double d =
                QLineF(pointer.at, pointer.transform.toView(flat->corners[i])).length();
            if (d < nearest) {
                nearest = d;
                best = i;
            }
        }
    return best;
}

bool CornerTool::press(const SheetPointer& pointer) {
    const auto corner = cornerAt(pointer);
    if (!corner)
        return false;
    touched_ = *corner;
    held_ = true;
    beside_ = desk_.page.flat()->corners[touched_] - SketchPoint(pointer.place);
    return true;
}

void CornerTool::drag(const SheetPointer& pointer) {
    desk_.page.setCorner(touched_, SketchPoint(pointer.place) + beside_,
                         QString("corner%1").arg(pointer.gesture));
}

void CornerTool::release(const SheetPointer&) {
    held_ = false;
}

bool CornerTool::key(const QKeyEvent& event, const SheetPointer&) {
    const auto& flat = desk_.page.flat();
    if (!flat)
        return false;
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    auto nudge = [&](double x, double y) {
        desk_.page.setCorner(touched_, flat->corners[touched_] + SketchPoint(x, y),
                             QString("corner key%1").arg(touched_));
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
        touched_ = (touched_ + 1) % 4;
        emit desk_.page.changed();
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return desk_.page.finish(), true;
    default:
        return false;
    }
}

std::optional<Qt::CursorShape> CornerTool::cursor(const SheetPointer& pointer) const {
    return cornerAt(pointer) ? std::optional(Qt::OpenHandCursor) : std::nullopt;
}

bool CornerTool::wantsLoupe(const SheetPointer& pointer) const {
    return held_ || cornerAt(pointer);
}

} // namespace zokran
