#pragma once

#include "app/document/desk.h"

#include <QUndoStack>
#include <QWidget>

namespace zokran {

class DrillDesk;
class PlanPage;

/// The place to practise: the plan of heads, and drills of a minute.
class Practice : public QWidget {
    Q_OBJECT

public:
    explicit Practice(Desk& desk, QWidget* parent = nullptr);
    void refresh();
    DrillDesk* drills() { return drills_; }
    PlanPage* plan() { return plan_; }
    /// The way back from what was done here.
    QUndoStack& undoStack() { return undo_; }

signals:
    void nextHead();
    void lookAgain(StudyId study);
    /// The study a drill was about.
    void studyWanted(StudyId study);

private:
    QUndoStack undo_;
    PlanPage* plan_;
    DrillDesk* drills_;
};

} // namespace zokran
