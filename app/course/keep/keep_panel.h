#pragma once

#include "app/course/step_panel.h"

class QComboBox;
class QPlainTextEdit;

namespace zokran {

/// Notes in the learner's own words, what the check said, and which sketch is on the bench.
class KeepPanel : public StepPanel {
    Q_OBJECT

public:
    explicit KeepPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QString summary() const;

    QPlainTextEdit* notes_;
    QLabel *summary_, *attemptLabel_;
    QComboBox* attempt_;
};

} // namespace zokran
