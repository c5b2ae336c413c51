#include "app/practice/practice.h"

#include "app/practice/drill_desk.h"
#include "app/practice/plan_page.h"
#include "app/widgets/theme.h"

#include <QHBoxLayout>
#include <QScrollArea>

namespace zokran {

Practice::Practice(Desk& desk, QWidget* parent) : QWidget(parent) {
    setObjectName("practice");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 16, 16);
    row->setSpacing(16);
    // Scrolled where the window is low.
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    constexpr int planWidth = 248; // px
    scroll->setFixedWidth(atType(planWidth));
    scroll->setWidget(plan_ = new PlanPage(desk, undo_));
    row->addWidget(scroll);
    row->addWidget(drills_ = new DrillDesk(desk.document, undo_), 1);
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
