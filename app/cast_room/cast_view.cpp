#include "app/cast_room/cast_view.h"

#include "app/widgets/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace zokran {

namespace {

/// Degrees for a pixel dragged.
constexpr double perPixel = 0.4;

} // namespace

CastView::CastView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::OpenHandCursor);
    setMinimumSize(320, 400);
    setAccessibleName(tr("The plaster head, as the camera sees it"));
}

void CastView::show(const QImage& picture) {
    picture_ = picture;
    update();
}

void CastView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const Theme& theme = Theme::current();
    painter.fillRect(rect(), theme.sheet);
    if (picture_.isNull()) {
        painter.setFont(typeFont(TypeSize::Heading));
        painter.setPen(theme.quiet);
        painter.drawText(rect(), Qt::AlignCenter, tr("The light is being switched on…"));
        return;
    }
    const QSize size = picture_.size().scaled(this->size() - QSize(16, 16), Qt::KeepAspectRatio);
    const QRect frame(QPoint((width() - size.width()) / 2, (height() - size.height()) / 2), size);
    painter.drawImage(frame, picture_);
    painter.setPen(hasFocus() ? QPen(theme.ink, 2) : QPen(theme.hairline, 1));
    painter.drawRect(frame);
}

void CastView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    grabbed_ = event->position();
}

void CastView::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton))
        return;
    const QPointF by = perPixel * (event->position() - grabbed_);
    grabbed_ = event->position();
    if (event->modifiers() & Qt::ShiftModifier)
        emit turned({0}, {0}, {by.x()});
    else
        emit turned({by.x()}, {-by.y()}, {0});
}

void CastView::keyPressEvent(QKeyEvent* event) {
    constexpr double step = 5;
    switch (event->key()) {
    case Qt::Key_Left:
        return emit turned({-step}, {0}, {0});
    case Qt::Key_Right:
        return emit turned({step}, {0}, {0});
    case Qt::Key_Up:
        return emit turned({0}, {step}, {0});
    case Qt::Key_Down:
        return emit turned({0}, {-step}, {0});
    case Qt::Key_Comma:
        return emit turned({0}, {0}, {-step});
    case Qt::Key_Period:
        return emit turned({0}, {0}, {step});
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace zokran
