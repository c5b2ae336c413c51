#include "app/widgets/touch_targets.h"

#include "app/widgets/theme.h"

#include <QApplication>
#include <QPointingDevice>
#include <QTimer>
#include <QTouchEvent>

namespace zokran {

bool TouchTargets::eventFilter(QObject*, QEvent* event) {
    if (event->type() != QEvent::TouchEnd || Theme::isForFingers())
        return false;
    // Not before the finger is lifted: what it pressed must not move away under it. A touch pad moves the pointer.
    if (static_cast<QTouchEvent*>(event)->pointingDevice()->type() == QInputDevice::DeviceType::TouchScreen)
        QTimer::singleShot(0, this, [] { Theme::growForFingers(*qApp); });
    return false;
}

} // namespace zokran
