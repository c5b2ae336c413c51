#include "app/practice/practice.h"

#include "app/practice/drill_desk.h"
#include "app/practice/plan_page.h"

#include <QHBoxLayout>

namespace zokran {

Practice::Practice(Desk& desk, QWidget* parent) : QWidget(parent) {
    setObjectName("practice");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 16, 16);
    row->addWidget(drills_ = new DrillDesk(desk.document, undo_, plan_ = new PlanPage(desk, undo_)));
    connect(plan_, &PlanPage::nextHead, this, &Practice::nextHead);
    connect(plan_, &PlanPage::lookAgain, this, &Practice::lookAgain);
    connect(drills_, &DrillDesk::studyWanted, this, &Practice::studyWanted);
}

void Practice::refresh() {
    plan_->refresh();
    // A drill stands there to be done, not an empty page.
    drills_->begin();
}

} // namespace zokran
