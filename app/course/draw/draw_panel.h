#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"

#include <vector>

class QComboBox;
class QLabel;
class QPushButton;

namespace zokran {

class OtherViews;
class DrawingAnimation;
class ClockFace;

/// How the drawing is gone about on paper, step by step, and what the head looks like at other turns.
class DrawPanel : public StepPanel {
    Q_OBJECT

public:
    explicit DrawPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildSteps(const std::vector<QString>& words);

    StudySession& session_;
    QComboBox* approach_;
    QLabel* about_;
    std::vector<QString> words_; ///< of the steps that are shown
    QVBoxLayout* steps_;
    std::vector<QPushButton*> buttons_;
    OtherViews* views_;
    DrawingAnimation* animation_;
    ClockFace* clock_;
};

} // namespace zokran
