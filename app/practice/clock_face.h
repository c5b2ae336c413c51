#pragma once

#include "app/practice/study_clock.h"

#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;

namespace zokran {

/// The clock as it is read from the easel, and what can be done with it.
class ClockFace : public QWidget {
    Q_OBJECT

public:
    explicit ClockFace(StudyClock& clock, QWidget* parent = nullptr);
    void refresh();

private:
    StudyClock& clock_;
    QLabel *time_, *words_;
    std::vector<QPushButton*> lengths_;
    QPushButton *pause_, *more_, *rested_;
};

} // namespace zokran
