#include "app/course/check/self_assessment_panel.h"

#include "app/text/messages.h"
#include "core/messages/self_assessment_messages.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

SelfAssessmentPanel::SelfAssessmentPanel(CheckState& check, QWidget* parent) : StepPanel(parent), check_(check) {
    addHeading(tr("Say it first"));
    addText(tr("Look from a step away. What looks wrong, the biggest first? Point at it on your "
               "sketch, or choose it here. It trains the eye; nobody marks you for it."));
    for (Part part : allParts) {
        auto* button = new QPushButton;
        button->setCheckable(true);
        button->setProperty("role", "line");
        column_->addWidget(button);
        parts_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, part] { check_.toggleAssessed(part); });
    }
    addText(tr("Or go straight on: Enter on the sketch shows the check."), "caption");
    column_->addStretch();
}

void SelfAssessmentPanel::showStudy() {
    const auto& said = check_.selfAssessment();
    for (std::size_t i = 0; i < parts_.size(); ++i) {
        const auto at = std::find(said.begin(), said.end(), allParts[i]);
        const QString words = capital(qt(wordsFor(allParts[i], learnersTranslator())));
        parts_[i]->setText(at == said.end() ? words
                                            : QString("%1   %2").arg(at - said.begin() + 1).arg(words));
        parts_[i]->setChecked(at != said.end());
    }
}

} // namespace zokran
