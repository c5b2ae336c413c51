#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"

class QCheckBox;
class QListWidget;
class QPushButton;

namespace zokran {

class AnotherFaceButton;
class LineButtons;
class MarkDiagram;

/// The guided marking of one sheet.
class MarkPanel : public StepPanel {
    Q_OBJECT

public:
    MarkPanel(StudySession& session, Side side, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildReferenceOnly();
    void buildSketchOnly();
    void showNext();
    void showList();

    StudySession& session_;
    Side side_;
    QLabel *next_, *where_, *state_;
    MarkDiagram* diagram_;
    QPushButton* hair_;
    AnotherFaceButton* another_ = nullptr;
    QPushButton *suggest_ = nullptr, *guess_ = nullptr;
    QPushButton *rest_ = nullptr, *page_ = nullptr, *length_ = nullptr;
    LineButtons* lines_ = nullptr;
    QCheckBox* smiling_ = nullptr;
    QLabel* guessWords_ = nullptr;
    QListWidget* list_;
};

} // namespace zokran
