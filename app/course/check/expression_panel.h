#pragma once

#include "app/course/step_panel.h"

class QPushButton;

namespace zokran {

/// Which ring of eyebrows, lids and lips is taken up, and where it belongs.
class ExpressionPanel : public StepPanel {
    Q_OBJECT

public:
    explicit ExpressionPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QLabel *sheet_, *name_, *where_, *state_;
    QPushButton *aside_, *back_;
};

} // namespace zokran
