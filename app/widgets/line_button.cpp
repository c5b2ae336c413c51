#include "app/widgets/line_button.h"

#include <QResizeEvent>
#include <algorithm>

namespace zokran {

namespace {

constexpr int inset = 9, above = 4, leastHeight = 28; // px

} // namespace

LineButton::LineButton(const QString& text, QWidget* parent)
    : QPushButton(parent), label_(new QLabel(text, this)) {
    setProperty("role", "line");
    setAccessibleName(text);
    label_->setWordWrap(true);
    label_->setAttribute(Qt::WA_TransparentForMouseEvents);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int LineButton::heightForWidth(int width) const {
    return std::max(leastHeight,
                    label_->heightForWidth(std::max(40, width - 2 * inset)) + 2 * above);
}

QSize LineButton::sizeHint() const {
    return {240, heightForWidth(width())};
}

void LineButton::resizeEvent(QResizeEvent* event) {
    QPushButton::resizeEvent(event);
    label_->setGeometry(inset, above, width() - 2 * inset, height() - 2 * above);
    updateGeometry();
}

} // namespace zokran
