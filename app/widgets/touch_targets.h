#pragma once

#include <QObject>

namespace zokran {

/// Makes buttons, fields and rows large enough for fingers once the window was touched. Installed on the application.
class TouchTargets : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace zokran
