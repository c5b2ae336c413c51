#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"

class QPushButton;

namespace zokran {

/// The drawings on a page, to choose the one that is checked.
class HeadPanel : public StepPanel {
    Q_OBJECT

public:
    explicit HeadPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    StudySession& session_;
    std::vector<QPushButton*> heads_;
};

} // namespace zokran
