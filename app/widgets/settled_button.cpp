#include "app/widgets/settled_button.h"

#include <QKeyEvent>
#include <QMouseEvent>

namespace zokran {

int SettledButton::settlingMs = 300;

SettledButton::SettledButton(const QString& label, QWidget* parent) : QPushButton(label, parent) {}

void SettledButton::setMeaning(const QString& label, const QString& meaning) {
    const QString both = label + "\n" + meaning;
    if (both != meaning_) {
        meaning_ = both;
        changed_.start();
        // What was pressed before and is let go of now was meant for the thing before as well.
        setDown(false);
    }
    setText(label);
}

bool SettledButton::isSettled() const {
    return !changed_.isValid() || changed_.elapsed() >= settlingMs;
}

void SettledButton::mousePressEvent(QMouseEvent* event) {
    if (isSettled())
        QPushButton::mousePressEvent(event);
}

void SettledButton::mouseDoubleClickEvent(QMouseEvent* event) {
    // The second half of a double click is a click only where it is one on the same thing.
    mousePressEvent(event);
}

void SettledButton::keyPressEvent(QKeyEvent* event) {
    if (isSettled() && !event->isAutoRepeat())
        QPushButton::keyPressEvent(event);
}

} // namespace zokran
