#pragma once

#include "app/course/step_panel.h"

#include <vector>

class QPushButton;

namespace zokran {

/// What looks wrong to the learner, before anything is told: the parts of a drawing to choose from.
class SelfAssessmentPanel : public StepPanel {
    Q_OBJECT

public:
    explicit SelfAssessmentPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    std::vector<QPushButton*> parts_;
};

} // namespace zokran
