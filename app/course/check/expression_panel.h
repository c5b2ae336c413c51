#pragma once

#include "app/course/step_panel.h"
#include "app/document/open_study.h"

class QPushButton;

namespace zokran {

/// The selected ring of eyebrows, lids and lips, and where it belongs.
class ExpressionPanel : public StepPanel {
    Q_OBJECT

public:
    explicit ExpressionPanel(OpenStudy& opened, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    OpenStudy& opened_;
    QLabel *sheet_, *name_, *where_, *state_;
    QPushButton *aside_, *back_;
};

} // namespace zokran
