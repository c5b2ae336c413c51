#include "app/tools/points_tool.h"

#include <QLineF>
#include <algorithm>

namespace zokran {

namespace {

constexpr double pointReach = 18; ///< px of the widget

} // namespace

std::optional<std::size_t> PointsTool::pointAt(const SheetPointer& pointer) const {
    std::optional<std::size_t> best;
    double nearest = std::max(pointReach, pointer.transform.reach);
    const std::vector<PicturePoint> all = points();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const double d = QLineF(pointer.at, pointer.transform.toView(all[i])).length();
        if (d < nearest) {
            nearest = d;
            best = i;
        }
    }
    return best;
}

bool PointsTool::press(const SheetPointer& pointer) {
    const auto point = pointAt(pointer);
    if (!point)
        return false;
    touched_ = *point;
    held_ = true;
    beside_ = points()[touched_] - pointer.place;
    return true;
}

void PointsTool::drag(const SheetPointer& pointer) {
    put(touched_, pointer.place + beside_, QString("point%1").arg(pointer.gesture));
}

void PointsTool::release(const SheetPointer&) {
    held_ = false;
}

bool PointsTool::key(const QKeyEvent& event, const SheetPointer&) {
    const std::vector<PicturePoint> all = points();
    if (all.empty())
        return false;
    touched_ %= all.size();
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    const auto nudge = [&](double x, double y) {
        put(touched_, all[touched_] + PicturePoint(x, y), QString("point key%1").arg(touched_));
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
        touched_ = (touched_ + 1) % all.size();
        return took(), true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return finish(), true;
    default:
        return false;
    }
}

std::optional<Qt::CursorShape> PointsTool::cursor(const SheetPointer& pointer) const {
    return pointAt(pointer) ? std::optional(Qt::OpenHandCursor) : std::nullopt;
}

bool PointsTool::wantsLoupe(const SheetPointer& pointer) const {
    return held_ || pointAt(pointer);
}

} // namespace zokran
