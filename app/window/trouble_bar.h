#pragma once

#include "app/course/step.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace zokran {

/// Says what went wrong, above whatever place is shown, with up to two things to do about it.
class TroubleBar : public QWidget {
    Q_OBJECT

public:
    explicit TroubleBar(QWidget* parent = nullptr);
    void tell(const QString& message, std::optional<Deed> deed = {}, std::optional<Deed> other = {});

private:
    QLabel* text_;
    QPushButton *button_, *otherButton_;
    Deed deed_, other_;
};

} // namespace zokran
