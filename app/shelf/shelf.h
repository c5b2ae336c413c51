#pragma once

#include "app/study/study_session.h"

#include <QWidget>

class QListWidget;
class QPushButton;

namespace zokran {

/// The studies, newest first, each with its reference beside its sketch.
class Shelf : public QWidget {
    Q_OBJECT

public:
    explicit Shelf(StudySession& session, QWidget* parent = nullptr);
    void refresh();

signals:
    void chosen(StudyId id);
    void newStudy();

private:
    QIcon iconFor(const StudySummary& study) const;
    void putAway();

    StudySession& session_;
    QListWidget* list_;
    QPushButton *open_, *putAway_, *putBack_;
    std::vector<StudyId> away_; ///< put away since the program started, the last at the end
};

} // namespace zokran
