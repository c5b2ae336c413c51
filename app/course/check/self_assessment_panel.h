#pragma once

#include "app/course/step_panel.h"
#include "app/document/selection/check_state.h"

#include <vector>

class QPushButton;

namespace zokran {

/// What looks wrong to the learner, before anything is told: the parts of a drawing to choose from.
class SelfAssessmentPanel : public StepPanel {
    Q_OBJECT

public:
    explicit SelfAssessmentPanel(CheckState& check, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    CheckState& check_;
    std::vector<QPushButton*> parts_;
};

} // namespace zokran
