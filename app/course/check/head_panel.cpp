#include "app/course/check/head_panel.h"

#include "app/document/choosing_head.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

HeadPanel::HeadPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    addHeading(tr("Which head?"));
    addText(tr("This page shows several drawings. One is checked at a time, against the photograph at the left; photograph "
               "or open the page once more for the next."));
    constexpr int most = 9; // as there are number keys
    for (int i = 0; i < most; ++i) {
        auto* button = new QPushButton(tr("Head %1").arg(i + 1));
        button->setProperty("role", "line");
        column_->addWidget(button);
        heads_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, i] { chooseHead(session_, static_cast<std::size_t>(i)); });
    }
    addText(tr("Keys on the page: the head's number."), "caption");
    column_->addStretch();
}

void HeadPanel::showStudy() {
    const std::size_t count = severalHeads(session_).size();
    for (std::size_t i = 0; i < heads_.size(); ++i)
        heads_[i]->setVisible(i < count);
}

} // namespace zokran
