#pragma once

#include "app/course/step_panel.h"

namespace zokran {

/// What to see to while drawing on paper.
class DrawPanel : public StepPanel {
    Q_OBJECT

public:
    explicit DrawPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override {}
};

} // namespace zokran
