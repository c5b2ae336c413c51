#include "app/practice/drill_view.h"

#include "app/widgets/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace zokran {

DrillView::DrillView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(280, 280);
    setAccessibleName(tr("The drill's picture"));
}

void DrillView::show(const QImage& picture) {
    asked_ = true;
    picture_ = picture;
    cross_ = {picture.width() / 2.0, picture.height() / 2.0};
    update();
}

void DrillView::showPlaces(const std::vector<PicturePoint>& places, bool asks, bool isComplete) {
    places_ = places;
    asks_ = asks;
    isComplete_ = isComplete;
    setCursor(asks ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

QRectF DrillView::frame() const {
    const QSizeF size = QSizeF(picture_.size()).scaled(QWidget::size(), Qt::KeepAspectRatio);
    return QRectF(QPointF((width() - size.width()) / 2, 0), size);
}

QPointF DrillView::toWidget(const PicturePoint& p) const {
    const QRectF f = frame();
    return f.topLeft() + QPointF(p.x(), p.y()) * (f.width() / std::max(1, picture_.width()));
}

PicturePoint DrillView::toPicture(const QPointF& p) const {
    const QRectF f = frame();
    const QPointF q = (p - f.topLeft()) * (picture_.width() / std::max(1.0, f.width()));
    return {q.x(), q.y()};
}

void DrillView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    if (picture_.isNull()) {
        painter.setPen(Theme::current().quiet);
        painter.drawText(rect(), Qt::AlignCenter,
                         asked_ ? tr("The cast room sets it up…") : tr("Choose a drill; each takes a minute."));
        return;
    }
    painter.drawImage(frame(), picture_);
    for (std::size_t i = 0; i < places_.size(); ++i) {
        const QPointF at = toWidget(places_[i]);
        painter.setPen(QPen(Theme::current().sheet, 4));
        painter.drawEllipse(at, 7, 7);
        painter.setPen(QPen(Theme::current().ink, 2));
        painter.drawEllipse(at, 7, 7);
        painter.drawText(at + QPointF(10, 5), QString::number(i + 1));
    }
    if (asks_ && hasFocus()) {
        const QPointF at = toWidget(cross_);
        painter.setPen(QPen(Theme::current().correction, 2));
        painter.drawLine(at - QPointF(9, 0), at + QPointF(9, 0));
        painter.drawLine(at - QPointF(0, 9), at + QPointF(0, 9));
    }
}

void DrillView::mousePressEvent(QMouseEvent* event) {
    if (asks_ && event->button() == Qt::LeftButton && frame().contains(event->position()))
        emit placed(toPicture(event->position()));
}

void DrillView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 20 : 4;
    switch (event->key()) {
    case Qt::Key_Left:
        cross_.x() -= step;
        break;
    case Qt::Key_Right:
        cross_.x() += step;
        break;
    case Qt::Key_Up:
        cross_.y() -= step;
        break;
    case Qt::Key_Down:
        cross_.y() += step;
        break;
    case Qt::Key_Space:
        if (asks_)
            emit placed(cross_);
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (!asks_ || isComplete_)
            return QWidget::keyPressEvent(event); // it answers, then
        emit placed(cross_);
        break;
    default:
        return QWidget::keyPressEvent(event);
    }
    update();
}

} // namespace zokran
