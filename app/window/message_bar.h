#pragma once

#include "app/course/step.h"

#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace zokran {

/// Says what went wrong, above whatever place is shown, with up to two things to do about it.
class MessageBar : public QWidget {
    Q_OBJECT

public:
    explicit MessageBar(QWidget* parent = nullptr);
    void tell(const QString& message, std::optional<Action> action = {}, std::optional<Action> other = {});
    /// Says what went well; it goes away by itself.
    void note(const QString& message);

private:
    QTimer goes_;
    QLabel* text_;
    QPushButton *button_, *otherButton_;
    Action deed_, other_;
};

} // namespace zokran
