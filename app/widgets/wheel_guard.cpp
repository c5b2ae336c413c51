#include "app/widgets/wheel_guard.h"

#include <QAbstractSlider>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QEvent>
#include <QScrollBar>

namespace zokran {

bool WheelGuard::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::Wheel)
        return false;
    auto* widget = qobject_cast<QWidget*>(watched);
    // The line of a number is a child of its box.
    if (widget && !widget->isWindow() && qobject_cast<QAbstractSpinBox*>(widget->parentWidget()))
        widget = widget->parentWidget();
    const bool changes = qobject_cast<QAbstractSpinBox*>(widget) || qobject_cast<QComboBox*>(widget) ||
                         (qobject_cast<QAbstractSlider*>(widget) && !qobject_cast<QScrollBar*>(widget));
    if (!changes || widget->hasFocus())
        return false;
    // Not accepted, it goes on to the parent.
    event->ignore();
    return true;
}

} // namespace zokran
