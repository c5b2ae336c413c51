#pragma once

#include "app/course/step_panel.h"

class QDoubleSpinBox;
class QLineEdit;

namespace zokran {

/// Title, sitter and paper.
class SetUpPanel : public StepPanel {
    Q_OBJECT

public:
    explicit SetUpPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QLineEdit *title_, *sitter_;
    QDoubleSpinBox* paper_;
};

} // namespace zokran
