#include "app/tools/turn_tool.h"

#include <QApplication>
#include <QStyle>
#include <numbers>

namespace zokran {

namespace {

/// A drag across this many px of the widget turns the form by a radian.
constexpr double perRadian = 150;
constexpr int springTime = 140; // ms

} // namespace

TurnTool::TurnTool(FormViewState& form, bool springs) : form_(form), springs_(springs) {
    spring_.setStartValue(1.0);
    spring_.setEndValue(0.0);
    spring_.setEasingCurve(QEasingCurve::OutCubic);
    QObject::connect(&spring_, &QVariantAnimation::valueChanged, &form_, [this](const QVariant& share) {
        form_.turn({before_.turn * share.toDouble(), before_.tilt * share.toDouble()});
    });
}

bool TurnTool::press(const SheetPointer& pointer) {
    spring_.stop();
    before_ = form_.turned();
    from_ = pointer.at;
    return true;
}

void TurnTool::drag(const SheetPointer& pointer) {
    const QPointF by = pointer.at - from_;
    constexpr Radians most{std::numbers::pi};
    form_.turn({std::clamp(before_.turn + Radians{by.x() / perRadian}, -most, most),
                std::clamp(before_.tilt - Radians{by.y() / perRadian}, -most / 2, most / 2)});
}

void TurnTool::release(const SheetPointer&) {
    if (!springs_)
        return;
    before_ = form_.turned();
    // A desktop that wants no motion gives animations no time.
    const bool moves = QApplication::style()->styleHint(QStyle::SH_Widget_Animation_Duration) > 0;
    spring_.setDuration(moves ? springTime : 0);
    spring_.start();
}

bool TurnTool::key(const QKeyEvent& event, const SheetPointer&) {
    const Radians step = toRadians(Degrees{event.modifiers() & Qt::ShiftModifier ? 15.0 : 5.0});
    FormViewState::Turned by = form_.turned();
    switch (event.key()) {
    case Qt::Key_Left:
        by.turn -= step;
        break;
    case Qt::Key_Right:
        by.turn += step;
        break;
    case Qt::Key_Up:
        by.tilt += step;
        break;
    case Qt::Key_Down:
        by.tilt -= step;
        break;
    case Qt::Key_Home:
        by = {};
        break;
    default:
        return false;
    }
    form_.turn(by);
    return true;
}

std::optional<Qt::CursorShape> TurnTool::cursor(const SheetPointer&) const {
    return Qt::OpenHandCursor;
}

} // namespace zokran
