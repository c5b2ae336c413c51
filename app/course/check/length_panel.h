#pragma once

#include "app/course/step_panel.h"

class QDoubleSpinBox;

namespace zokran {

/// How long the known length is on the paper.
class LengthPanel : public StepPanel {
    Q_OBJECT

public:
    explicit LengthPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QDoubleSpinBox* length_;
};

} // namespace zokran
