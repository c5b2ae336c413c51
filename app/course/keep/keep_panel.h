#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"
#include "logbook/study.h"

#include <vector>

class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace zokran {

/// Notes in the learner's own words, what the check said, and which sketch is on the bench.
class KeepPanel : public StepPanel {
    Q_OBJECT

public:
    explicit KeepPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildDiary();
    QString summary() const;

    /// A line of the diary, and what it is kept in.
    struct Entry {
        std::string Diary::*kept;
        QLineEdit* edit;
    };
    StudySession& session_;
    std::vector<Entry> diary_;
    QComboBox* measured_;
    QLabel* took_;
    QPlainTextEdit* notes_;
    QLabel *summary_, *attemptLabel_;
    QLabel *cameLabel_, *came_; ///< since which photograph each error has been there
    QComboBox* attempt_;
};

} // namespace zokran
