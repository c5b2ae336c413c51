#pragma once

#include "app/document/timed_sitting.h"

#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;

namespace zokran {

/// Minutes and seconds: what is left of the time, or what was spent where it is over or has no limit.
QString timeOf(const StudyClock& clock);

/// The clock as it is read from the easel, and what can be done with it.
class ClockFace : public QWidget {
    Q_OBJECT

public:
    ClockFace(StudyClock& clock, TimedSitting& sitting, QWidget* parent = nullptr);
    void refresh();

private:
    StudyClock& clock_;
    TimedSitting& sitting_;
    QLabel *time_, *words_;
    std::vector<QPushButton*> lengths_;
    QPushButton *pause_, *more_, *rested_, *next_, *end_;
};

} // namespace zokran
