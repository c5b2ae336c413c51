#include "app/window/message_bar.h"

#include "app/widgets/theme.h"
#include "app/text/messages.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace zokran {

namespace {

constexpr int noteTime = 5000; ///< ms, time to read a file's name

} // namespace

MessageBar::MessageBar(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 0, 16, 8);
    row->addWidget(text_ = new QLabel, 1);
    text_->setProperty(typeProperty, "strong");
    text_->setWordWrap(true);
    row->addWidget(otherButton_ = new QPushButton);
    row->addWidget(button_ = new QPushButton);
    auto* understood = new QPushButton(tr("All ri&ght"));
    row->addWidget(understood);
    // The action may show another message and replace itself, so it is moved out before it runs.
    connect(button_, &QPushButton::clicked, this, [this] {
        const auto act = deed_.act;
        act();
    });
    connect(otherButton_, &QPushButton::clicked, this, [this] {
        const auto act = other_.act;
        act();
    });
    connect(understood, &QPushButton::clicked, this, &QWidget::hide);
    goes_.setSingleShot(true);
    goes_.setInterval(noteTime);
    connect(&goes_, &QTimer::timeout, this, &QWidget::hide);
    hide();
}

void MessageBar::tell(const QString& message, std::optional<Action> action, std::optional<Action> other) {
    goes_.stop();
    text_->setText(breakable(message));
    deed_ = action.value_or(Action{});
    other_ = other.value_or(Action{});
    button_->setText(deed_.label);
    button_->setVisible(action.has_value());
    otherButton_->setText(other_.label);
    otherButton_->setVisible(other.has_value());
    show();
}

void MessageBar::note(const QString& message) {
    // What went wrong is not pushed aside by what went well.
    if (isVisible() && !goes_.isActive())
        return;
    tell(message);
    goes_.start();
}

} // namespace zokran
