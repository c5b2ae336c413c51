#include "app/widgets/collapsible_section.h"

#include "app/widgets/theme.h"

#include <QVBoxLayout>

namespace zokran {

CollapsibleSection::CollapsibleSection(const QString& title, QWidget* parent)
    : QWidget(parent), button_(new QToolButton), body_(new QWidget),
      inside_(new QVBoxLayout(body_)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    button_->setText(title);
    button_->setCheckable(true);
    button_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    button_->setArrowType(Qt::RightArrow);
    button_->setProperty("role", "fold");
    button_->setMinimumHeight(28);
    // A long name is cut at the panel's edge and does not push the panel out.
    button_->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
    button_->setMinimumWidth(40);
    column->addWidget(button_, 0, Qt::AlignLeft);
    inside_->setContentsMargins(0, 0, 0, 0);
    inside_->setSpacing(6);
    column->addWidget(body_);
    body_->hide();
    connect(button_, &QToolButton::toggled, this, [this](bool open) {
        button_->setArrowType(open ? Qt::DownArrow : Qt::RightArrow);
        body_->setVisible(open);
        emit toggled(open);
    });
}

} // namespace zokran
