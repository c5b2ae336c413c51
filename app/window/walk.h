#pragma once

#include "app/window/place.h"

#include <QWidget>
#include <string>

class QLabel;
class QPushButton;

namespace zokran {

/// A walk through the window in under three minutes, one sentence or two at each stop; left at any moment.
class Walk : public QWidget {
    Q_OBJECT

public:
    explicit Walk(QWidget* parent = nullptr);
    void begin();
    void leave();
    bool isOn() const { return stop_ >= 0; }
    int stop() const { return stop_; } ///< from 0
    static int stops();

signals:
    /// The walk is over, and the learner wants a photograph of their own on the bench.
    void ownPhotograph();
    /// The window is to show this step of the course, or this place.
    void at(const std::string& step, Place place);
    void left();

private:
    void goTo(int stop);

    int stop_ = -1;
    QLabel* text_;
    QPushButton *back_, *next_, *own_;
};

} // namespace zokran
