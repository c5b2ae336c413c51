#pragma once

#include "app/document/desk.h"

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

signals:
    void nextHead();
    void lookAgain(StudyId study);

private:
    PlanPage* plan_;
    DrillDesk* drills_;
};

} // namespace zokran
