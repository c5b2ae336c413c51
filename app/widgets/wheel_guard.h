#pragma once

#include <QObject>

namespace zokran {

/// Lets the wheel scroll the panel when it turns over a number, a slider or a list that has not the focus: else a learner who
/// scrolls changes what happens to come under the pointer. Installed on the application.
class WheelGuard : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace zokran
