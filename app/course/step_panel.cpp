#include "app/course/step_panel.h"

#include "app/widgets/theme.h"

#include <QLabel>
#include <QVBoxLayout>

namespace zokran {

StepPanel::StepPanel(QWidget* parent) : QWidget(parent), column_(new QVBoxLayout(this)) {
    column_->setContentsMargins(0, 0, 0, 0);
    column_->setSpacing(8);
}

void StepPanel::refresh() {
    refreshing_ = true;
    showStudy();
    refreshing_ = false;
}

QLabel* StepPanel::addText(const QString& text, const char* type) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    if (type)
        label->setProperty(typeProperty, type);
    column_->addWidget(label);
    return label;
}

QLabel* StepPanel::addHeading(const QString& text) {
    return addText(text, "heading");
}

} // namespace zokran
