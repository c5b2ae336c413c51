#include "app/sheet/sheet_view.h"

#include "app/sheet/sheet_painter.h"
#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr double grabReach = 11; ///< how near a press must be to take hold of something, px
constexpr double margin = 8;
constexpr double mostZoom = 24;
/// Frames that differ by less than this share of their height count as the same.
constexpr double sameFrame = 0.08;

} // namespace

SheetView::SheetView(StudySession& session, Side side, QWidget* parent)
    : QWidget(parent), session_(session), side_(side) {
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(side == Side::Seen ? tr("Seen: the reference") : tr("Drawn: the sketch"));
    connect(&session, &StudySession::lit, this, [this] { update(); });
}

void SheetView::setUse(Use use) {
    use_ = use;
    update();
}

void SheetView::setContent(SheetContent content) {
    const bool other =
        content.extent != content_.extent || content.picture.isNull() != content_.picture.isNull();
    // While a mark is dragged or nudged the ground must not move under it.
    const bool nearlySame = !content_.frame.isEmpty() &&
                            QLineF(content.frame.center(), content_.frame.center()).length() <
                                sameFrame * content_.frame.height() &&
                            std::abs(content.frame.height() - content_.frame.height()) <
                                sameFrame * content_.frame.height() &&
                            std::abs(content.frame.width() - content_.frame.width()) <
                                sameFrame * content_.frame.height();
    if (drag_ != Drag::None || (!other && nearlySame))
        content.frame = content_.frame;
    content_ = std::move(content);
    if (other || whole_)
        fitWhole();
    update();
}

void SheetView::fitWhole() {
    whole_ = true;
    const double w = width() - 2 * margin, h = height() - 2 * margin;
    const QRectF frame =
        content_.frame.isEmpty() ? QRectF({0, 0}, content_.extent) : content_.frame;
    transform_.scale = std::max(0.01, std::min(w / frame.width(), h / frame.height()));
    transform_.offset = QPointF(width(), height()) / 2 - frame.center() * transform_.scale;
    update();
}

void SheetView::viewMoved() {
    update();
    if (!linked_ || !linked_->isVisible())
        return;
    // The same share of the picture in the middle of both.
    const PicturePoint middle = transform_.toPicture({width() / 2.0, height() / 2.0});
    const double relative = transform_.scale * content_.extent.height();
    linked_->whole_ = false;
    linked_->transform_.scale = relative / linked_->content_.extent.height();
    const PicturePoint there(
        middle.x() / content_.extent.width() * linked_->content_.extent.width(),
        middle.y() / content_.extent.height() * linked_->content_.extent.height());
    linked_->transform_.offset = QPointF(linked_->width() / 2.0, linked_->height() / 2.0) -
                                 QPointF(there.x(), there.y()) * linked_->transform_.scale;
    linked_->update();
}

void SheetView::zoomAt(const QPointF& at, double factor) {
    const PicturePoint fixed = transform_.toPicture(at);
    transform_.scale = std::clamp(transform_.scale * factor, 0.02, mostZoom);
    transform_.offset = at - QPointF(fixed.x(), fixed.y()) * transform_.scale;
    whole_ = false;
    viewMoved();
}

void SheetView::zoomBy(double factor) {
    zoomAt({width() / 2.0, height() / 2.0}, factor);
}

void SheetView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const std::pair<qint64, double> wanted{content_.picture.cacheKey(), transform_.scale};
    if (wanted != scaledFor_) {
        scaledFor_ = wanted;
        scaled_ = scaledPicture(content_, transform_);
    }
    paintSheet(painter, rect(), content_, transform_, session_.litLine(), scaled_);
    const bool marking = use_ == Use::Mark && !content_.picture.isNull() && pointer_ &&
                         (drag_ == Drag::Mark || (drag_ == Drag::None && session_.next(side_)));
    if (marking && rect().contains(pointer_->toPoint())) {
        // Beside the pointer, on the side with more room, never over the spot.
        const double aside = 104;
        const QPointF centre(pointer_->x() + (pointer_->x() > width() / 2.0 ? -aside : aside),
                             std::clamp(pointer_->y() - 40, 80.0, std::max(80.0, height() - 80.0)));
        paintLoupe(painter, centre, content_, transform_, transform_.toPicture(*pointer_));
    }
    painter.setClipping(false);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(hasFocus() ? QPen(Theme::current().ink, 2) : QPen(Theme::current().hairline, 1));
    painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
}

void SheetView::resizeEvent(QResizeEvent*) {
    if (whole_)
        fitWhole();
}

void SheetView::wheelEvent(QWheelEvent* event) {
    zoomAt(event->position(), std::pow(1.0015, event->angleDelta().y()));
    event->accept();
}

std::optional<Mark> SheetView::markNear(const QPointF& at) const {
    std::optional<Mark> best;
    double nearest = grabReach;
    for (int i = 0; i < markCount; ++i) {
        const auto& placed = content_.marks[markAt(i)];
        if (!placed || !placed->usable())
            continue;
        const double d = QLineF(at, transform_.toView(*placed->at)).length();
        if (d < nearest) {
            nearest = d;
            best = markAt(i);
        }
    }
    return best;
}

std::optional<GuessHandle> SheetView::handleNear(const QPointF& at) const {
    std::optional<GuessHandle> best;
    double nearest = grabReach + 3;
    for (const SheetHandle& h : content_.handles) {
        const double d = QLineF(at, transform_.toView(h.at)).length();
        if (d < nearest) {
            nearest = d;
            best = h.handle;
        }
    }
    if (best || content_.handles.empty())
        return best;
    const QString line = lineNear(content_, transform_, at);
    if (line == "centre_line")
        return GuessHandle::Turn;
    if (line == "brow_line")
        return GuessHandle::Tilt;
    if (line.startsWith("side_"))
        return GuessHandle::Width;
    if (line == "chin_line")
        return GuessHandle::Chin;
    return std::nullopt;
}

bool SheetView::guessKey(int key, bool far) {
    if (use_ != Use::Guess || !session_.isGuessing())
        return false;
    Guess guess = *session_.study().guess;
    const double step = toRadians(Degrees{far ? 10.0 : 1.0}).value;
    switch (key) {
    case Qt::Key_Left:
        guess.pose.turn.value -= step;
        break;
    case Qt::Key_Right:
        guess.pose.turn.value += step;
        break;
    case Qt::Key_Up:
        guess.pose.tilt.value += step;
        break;
    case Qt::Key_Down:
        guess.pose.tilt.value -= step;
        break;
    case Qt::Key_Comma:
    case Qt::Key_Less:
        guess.pose.lean.value -= step;
        break;
    case Qt::Key_Period:
    case Qt::Key_Greater:
        guess.pose.lean.value += step;
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        session_.commitGuess();
        return true;
    default:
        return false;
    }
    session_.setGuess(tr("Turn the construction"), "guess keys", guess);
    return true;
}

void SheetView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    ++gesture_;
    grabbed_ = event->position();
    const bool pan =
        event->button() == Qt::MiddleButton ||
        (event->button() == Qt::LeftButton && event->modifiers() & Qt::ControlModifier);
    if (pan) {
        drag_ = Drag::Pan;
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    if (event->button() != Qt::LeftButton || content_.picture.isNull())
        return;
    const QPointF at = event->position();
    if (const auto handle = handleNear(at); handle && use_ == Use::Guess && session_.isGuessing()) {
        drag_ = Drag::Handle;
        pulled_ = *handle;
        guessBefore_ = *session_.study().guess;
        pulledFrom_ = transform_.toPicture(at);
        return;
    }
    if (use_ != Use::Mark)
        return;
    if (content_.ball) {
        const QPointF centre = transform_.toView(content_.ball->centre);
        const double r = content_.ball->radius.value * transform_.scale;
        if (QLineF(at, centre).length() < grabReach)
            drag_ = Drag::BallPlace;
        else if (QLineF(at, centre + QPointF(r, 0)).length() < grabReach)
            drag_ = Drag::BallSize;
        if (drag_ != Drag::None)
            return;
    }
    if (const auto near = markNear(at)) {
        dragged_ = near;
        drag_ = Drag::Mark;
        session_.touch(near);
        return;
    }
    const PicturePoint p = transform_.toPicture(at);
    const bool inside = p.x() >= 0 && p.y() >= 0 && p.x() < content_.extent.width() &&
                        p.y() < content_.extent.height();
    if (const auto next = session_.next(side_); next && inside)
        session_.place(side_, *next, p);
}

void SheetView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    const PicturePoint p = transform_.toPicture(event->position());
    switch (drag_) {
    case Drag::Pan:
        transform_.offset += event->position() - grabbed_;
        grabbed_ = event->position();
        whole_ = false;
        viewMoved();
        return;
    case Drag::Mark:
        session_.place(side_, *dragged_, p, QString("drag%1").arg(gesture_));
        return;
    case Drag::BallPlace:
        session_.edit(tr("Move the ball"), QString("ball%1").arg(gesture_), [&](Study& s) {
            if (s.marks(side_).ball)
                s.marks(side_).ball->centre = p;
        });
        return;
    case Drag::BallSize:
        session_.edit(tr("Size the ball"), QString("ball%1").arg(gesture_), [&](Study& s) {
            if (auto& ball = s.marks(side_).ball)
                ball->radius = {std::max(4.0, (p - ball->centre).norm())};
        });
        return;
    case Drag::Handle:
        session_.setGuess(
            tr("Turn the construction"), QString("guess%1").arg(gesture_),
            pulled(guessBefore_, session_.study().reference, pulled_, pulledFrom_, p));
        return;
    case Drag::None:
        break;
    }
    if (use_ == Use::Guess)
        setCursor(handleNear(event->position()) ? Qt::OpenHandCursor : Qt::ArrowCursor);
    const bool overMark = use_ == Use::Mark && markNear(event->position());
    session_.light(overMark ? QString() : lineNear(content_, transform_, event->position()));
    if (use_ == Use::Guess)
        return update();
    const bool placing = use_ == Use::Mark && session_.next(side_) && !content_.picture.isNull();
    setCursor(overMark ? Qt::OpenHandCursor : placing ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

void SheetView::mouseReleaseEvent(QMouseEvent*) {
    if (drag_ != Drag::None && drag_ != Drag::Pan)
        session_.settle();
    drag_ = Drag::None;
    dragged_.reset();
    unsetCursor();
    update();
}

void SheetView::leaveEvent(QEvent*) {
    pointer_.reset();
    session_.light({});
    update();
}

void SheetView::nudge(double x, double y) {
    const auto touched = session_.touched();
    if (!touched || use_ != Use::Mark)
        return;
    if (const auto& placed = session_.study().marks(side_).marks[*touched]; placed && placed->at)
        session_.place(side_, *touched, *placed->at + PicturePoint(x, y),
                       QString("nudge%1").arg(indexOf(*touched)));
}

void SheetView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    if (guessKey(event->key(), step > 1))
        return;
    switch (event->key()) {
    case Qt::Key_Left:
        return nudge(-step, 0);
    case Qt::Key_Right:
        return nudge(step, 0);
    case Qt::Key_Up:
        return nudge(0, -step);
    case Qt::Key_Down:
        return nudge(0, step);
    case Qt::Key_Space:
        if (const auto next = session_.next(side_); next && use_ == Use::Mark)
            session_.hide(side_, *next);
        return;
    case Qt::Key_Backspace:
        if (use_ == Use::Mark)
            session_.undoStack().undo();
        return;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (const auto touched = session_.touched(); touched && use_ == Use::Mark) {
            const auto& mark = session_.study().marks(side_).marks[*touched];
            if (mark && mark->suggested)
                return session_.confirmSuggestions(*touched);
        }
        // Without a mouse: the next mark drops where the fit expects it, or else in the middle of
        // what is in sight, and the arrow keys take it from there.
        if (const auto next = session_.next(side_); next && use_ == Use::Mark) {
            const auto& expected = content_.expected[*next];
            session_.place(side_, *next,
                           expected ? *expected
                                    : transform_.toPicture({width() / 2.0, height() / 2.0}));
        }
        return;
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        return zoomBy(1.25);
    case Qt::Key_Minus:
        return zoomBy(0.8);
    case Qt::Key_0:
        return fitWhole();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace zokran
