#pragma once

#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;
class QCheckBox;
class QShortcut;
class QSlider;

namespace zokran {

class Desk;

/// The ways of looking along the foot of the sheets, each with its key, and the slider of the one
/// chosen.
class ViewModeBar : public QWidget {
    Q_OBJECT

public:
    explicit ViewModeBar(Desk& desk, QWidget* parent = nullptr);
    /// `offered`: the step of the course has something to be looked at so.
    void refresh(bool offered);

private:
    Desk& desk_;
    std::vector<QPushButton*> ways_;
    std::vector<QShortcut*> keys_;
    QSlider* slider_;
    QCheckBox* option_;
};

} // namespace zokran
