#include "app/practice/practice.h"

#include "app/practice/drill_page.h"
#include "app/practice/plan_page.h"

#include <QHBoxLayout>

namespace zokran {

Practice::Practice(Document& document, const StudyClock& clock, TimedSitting& sitting, QWidget* parent) : QWidget(parent) {
    setObjectName("practice");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 16, 16);
    row->addWidget(drills_ = new DrillPage(document, undo_, plan_ = new PlanPage(document, clock, sitting, undo_)));
    connect(plan_, &PlanPage::nextHead, this, &Practice::nextHead);
    connect(plan_, &PlanPage::lookAgain, this, &Practice::lookAgain);
    connect(drills_, &DrillPage::studyWanted, this, &Practice::studyWanted);
}

void Practice::refresh() {
    plan_->refresh();
    // A drill stands there to be done, not an empty page.
    drills_->begin();
}

} // namespace zokran
