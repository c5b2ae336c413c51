#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;

namespace zokran {

/// The sheet the sketch was drawn on: which paper it is, and the light on it.
class PagePanel : public StepPanel {
    Q_OBJECT

public:
    explicit PagePanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    StudySession& session_;
    QComboBox* paper_;
    QDoubleSpinBox *width_, *height_;
    QComboBox* tone_;
    QCheckBox* evened_;
};

} // namespace zokran
