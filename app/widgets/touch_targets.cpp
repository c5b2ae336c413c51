#include "app/widgets/touch_targets.h"

#include "app/widgets/theme.h"

#include <QApplication>
#include <QEvent>
#include <QTimer>

namespace zokran {

bool TouchTargets::eventFilter(QObject*, QEvent* event) {
    // Not before the finger is lifted: what it pressed must not move away under it.
    if (event->type() == QEvent::TouchEnd && !Theme::isForFingers())
        QTimer::singleShot(0, this, [] { Theme::growForFingers(*qApp); });
    return false;
}

} // namespace zokran
