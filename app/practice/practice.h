#pragma once

#include "app/document/document.h"
#include "app/document/study_clock.h"
#include "app/document/timed_sitting.h"

#include <QUndoStack>
#include <QWidget>

namespace zokran {

class DrillPage;
class PlanPage;

/// The place to practise: the plan of heads, and drills of a minute.
class Practice : public QWidget {
    Q_OBJECT

public:
    Practice(Document& document, const StudyClock& clock, TimedSitting& sitting, QWidget* parent = nullptr);
    void refresh();
    DrillPage* drills() { return drills_; }
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
    DrillPage* drills_;
};

} // namespace zokran
