#include "app/sheet/sheet_view.h"

#include "app/sheet/loupe.h"
#include "app/sheet/strokes.h"
#include "app/text/messages.h"
#include "app/widgets/theme.h"
#include "core/messages/line_messages.h"

#include <QContextMenuEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QPointingDevice>
#include <QTouchEvent>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr double sheetMargin = 8;
constexpr double leastZoom = 0.005, mostZoom = 24;
/// Frames that differ by less than this share of their height count as the same.
constexpr double sameFrame = 0.08;

bool nearlySame(const QRectF& a, const QRectF& b) {
    const double little = sameFrame * b.height();
    return !a.isEmpty() && !b.isEmpty() && QLineF(a.center(), b.center()).length() < little &&
           std::abs(a.height() - b.height()) < little && std::abs(a.width() - b.width()) < little;
}

} // namespace

SheetView::SheetView(const QString& name, QWidget* parent) : QWidget(parent) {
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(name);
    setAttribute(Qt::WA_AcceptTouchEvents);
    constexpr int restTime = 3000; // ms, long enough to aim
    resting_.setInterval(restTime);
    resting_.setSingleShot(true);
    connect(&resting_, &QTimer::timeout, this, [this] {
        pointerMoves_ = false;
        update();
    });
    connect(&touch_, &TouchGestures::pressed, this, [this](const QPointF& at) {
        setFocus();
        pointer_ = at;
        pointerMoves_ = true;
        transform_.reach = fingerReach;
        panning_ = !takeHold(at);
    });
    connect(&touch_, &TouchGestures::moved, this, &SheetView::dragTo);
    connect(&touch_, &TouchGestures::released, this, [this](const QPointF& at) {
        letGo(at);
        transform_.reach = mouseReach;
        // A lifted finger points at nothing.
        pointer_.reset();
        highlightUnderPointer({});
    });
    connect(&touch_, &TouchGestures::pinched, this, [this](const QPointF& was, const QPointF& is, double factor) {
        transform_.offset += is - was;
        zoomAt(is, factor);
    });
    connect(&touch_, &TouchGestures::longPressed, this, &SheetView::showMenu);
}

bool SheetView::event(QEvent* event) {
    switch (event->type()) {
    case QEvent::TouchBegin:
    case QEvent::TouchUpdate:
    case QEvent::TouchEnd:
    case QEvent::TouchCancel:
        // A touch pad moves the pointer; its fingers lie on no sheet.
        if (static_cast<QTouchEvent*>(event)->pointingDevice()->type() != QInputDevice::DeviceType::TouchScreen)
            return QWidget::event(event);
        touch_.take(*static_cast<QTouchEvent*>(event));
        event->accept();
        return true;
    default:
        return QWidget::event(event);
    }
}

void SheetView::highlightLine(const QString& line) {
    if (line == highlighted_)
        return;
    highlighted_ = line;
    update();
}

void SheetView::highlightUnderPointer(const QString& line) {
    if (line == highlighted_)
        return;
    highlightLine(line);
    emit lineHighlighted(line);
}

void SheetView::show(Scene scene) {
    const bool other = scene.extent != scene_.extent || scene.flip != scene_.flip ||
                       scene.picture.isNull() != scene_.picture.isNull();
    // While a mark is dragged or nudged the ground must not move under it.
    if (isHolding() || (!other && nearlySame(scene.frame, scene_.frame)))
        scene.frame = scene_.frame;
    // A tool of the old scene may still hold the pointer only if it is there in the new one.
    if (held_ && std::find(scene.tools.begin(), scene.tools.end(), held_) == scene.tools.end())
        held_ = nullptr;
    const bool goesOn = scene.isFollowed || scene_.isFollowed;
    scene_ = std::move(scene);
    // A view never jumps under the pointer: between two clicks it stays, and is framed anew when the pointer leaves.
    if (other || (whole_ && (!isPointerAtWork() || goesOn)))
        fitWhole();
    pointerMoves_ = pointerMoves_ && isHolding();
    update();
}

void SheetView::fitWhole() {
    whole_ = true;
    isWorkedOn_ = false;
    const QRectF frame = scene_.frame.isEmpty() ? QRectF({0, 0}, scene_.extent) : scene_.frame;
    const QRectF area = QRectF(rect()).adjusted(sheetMargin, sheetMargin, -sheetMargin, -sheetMargin);
    transform_ = SheetTransform::fitting(frame, area, leastZoom, scene_.flip);
    if (!scene_.picture.isNull()) {
        // The air is for what lies on the picture; the picture itself runs to the sheet's edges.
        transform_.cover(QRectF(rect()), QRectF({0, 0}, scene_.extent));
        transform_.fill(QRectF(rect()), QRectF({0, 0}, scene_.extent));
    }
    update();
}

void SheetView::viewMoved() {
    update();
    if (!linked_ || !linked_->isVisible())
        return;
    // The same share of the picture in the middle of both.
    const PicturePoint middle = transform_.toPicture({width() / 2.0, height() / 2.0});
    const QSizeF &here = scene_.extent, &there = linked_->scene_.extent;
    linked_->whole_ = false;
    linked_->transform_.scale = transform_.scale * here.height() / there.height();
    linked_->transform_.put({middle.x() / here.width() * there.width(),
                             middle.y() / here.height() * there.height()},
                            QPointF(linked_->width(), linked_->height()) / 2);
    linked_->update();
}

void SheetView::zoomAt(const QPointF& at, double factor) {
    const PicturePoint fixed = transform_.toPicture(at);
    transform_.scale = std::clamp(transform_.scale * factor, leastZoom, mostZoom);
    transform_.put({fixed.x(), fixed.y()}, at);
    whole_ = false;
    viewMoved();
}

void SheetView::zoomBy(double factor) {
    zoomAt({width() / 2.0, height() / 2.0}, factor);
}

Canvas SheetView::canvas(QPainter& painter) const {
    return {painter, QRectF(rect()), transform_, PaintStyle::screen(), highlighted_, devicePixelRatioF()};
}

SheetPointer SheetView::pointerAt(const QPointF& at) const {
    return {at, transform_.toPicture(at), transform_, scene_, QRectF(rect()), gesture_};
}

void SheetView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Canvas on = canvas(painter);
    paintScene(on, scene_);
    if (pointer_ && pointerMoves_ && !panning_ && !scene_.picture.isNull() && QRectF(rect()).contains(*pointer_)) {
        const SheetPointer pointer = pointerAt(*pointer_);
        const bool wanted =
            held_ ? held_->wantsLoupe(pointer)
                  : std::any_of(scene_.tools.begin(), scene_.tools.end(),
                                [&](const Tool* tool) { return tool->wantsLoupe(pointer); });
        if (wanted)
            paintLoupe(on, loupePlace(*pointer_, QRectF(rect())), scene_.picture, pointer.place);
    }
    if (pointer_ && !panning_ && !keysLead_) {
        paintPointerWord(on);
    } else if (!pointer_ || keysLead_) {
        paintHighlightedName(on);
        paintKeyLoupe(on);
    }
    painter.setClipping(false);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(hasFocus() ? QPen(Theme::current().ink, 2) : QPen(Theme::current().hairline, 1));
    painter.drawRect(QRectF(rect()).adjusted(1, 1, -1, -1));
}

void SheetView::paintKeyLoupe(const Canvas& on) const {
    if (!hasFocus() || scene_.picture.isNull())
        return;
    for (const Tool* tool : scene_.tools)
        if (const auto place = tool->placeHeldByKeys())
            return paintLoupe(on, loupeCorner(transform_.toView(*place), QRectF(rect())), scene_.picture, *place);
}

void SheetView::nameNext(int step) {
    // The lines on this sheet that are in sight, each once, in the order they are drawn.
    QStringList ids;
    for (const auto& overlay : scene_.overlays)
        for (const NamedPlace& place : overlay->named())
            if (const QString id = QString::fromStdString(place.line); !ids.contains(id))
                ids << id;
    if (ids.isEmpty())
        return;
    const auto at = ids.indexOf(highlighted_);
    const auto next = at < 0 ? (step > 0 ? 0 : ids.size() - 1) : at + step;
    pointer_.reset();
    highlightUnderPointer(next < 0 || next >= ids.size() ? QString() : ids[next]);
}

void SheetView::paintHighlightedName(const Canvas& on) const {
    if (highlighted_.isEmpty() || !hasFocus())
        return;
    const std::string line = highlighted_.toStdString();
    for (const auto& overlay : scene_.overlays)
        for (const NamedPlace& place : overlay->named()) {
            if (place.line != line)
                continue;
            const QString word = qt(wordsForLine(line, learnersTranslator()));
            const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
            const QSizeF size(metrics.horizontalAdvance(word) + 12, metrics.height() + 6);
            QRectF plate(transform_.toView(place.at) + QPointF(8, -size.height() - 4), size);
            plate.moveLeft(std::clamp(plate.left(), 4.0, width() - size.width() - 4));
            plate.moveTop(std::clamp(plate.top(), 4.0, height() - size.height() - 4));
            return paintWord(on, plate, word);
        }
}

void SheetView::paintPointerWord(const Canvas& on) const {
    // What a drag would do, or the name of the line under the pointer.
    const SheetPointer pointer = pointerAt(*pointer_);
    QString word;
    for (const Tool* tool : scene_.tools)
        if (word.isEmpty())
            word = tool->word(pointer);
    if (word.isEmpty() && !held_ && !highlighted_.isEmpty())
        word = qt(wordsForLine(highlighted_.toStdString(), learnersTranslator()));
    if (word.isEmpty())
        return;
    const QFontMetricsF metrics(typeFont(TypeSize::Caption, true));
    QRectF plate(*pointer_ + QPointF(14, 16),
                 QSizeF(metrics.horizontalAdvance(word) + 12, metrics.height() + 6));
    if (plate.right() > width() - 4)
        plate.moveRight(pointer_->x() - 10);
    if (plate.bottom() > height() - 4)
        plate.moveBottom(pointer_->y() - 10);
    paintWord(on, plate, word);
}

void SheetView::resizeEvent(QResizeEvent*) {
    // Also by what comes to stand beneath it after a click.
    if (!isPointerAtWork())
        frameAnew();
}

void SheetView::wheelEvent(QWheelEvent* event) {
    zoomAt(event->position(), std::pow(1.0015, event->angleDelta().y()));
    event->accept();
}

bool SheetView::takeHold(const QPointF& at) {
    ++gesture_;
    isWorkedOn_ = true;
    moved_ = false;
    grabbed_ = at;
    // A tool may change the scene as it takes hold, and with it the list it stands in.
    const std::vector<Tool*> tools = scene_.tools;
    for (Tool* tool : tools)
        if (tool->press(pointerAt(at))) {
            held_ = tool;
            return true;
        }
    return false;
}

void SheetView::dragTo(const QPointF& at) {
    pointer_ = at;
    pointerMoves_ = true;
    keysLead_ = false;
    if (panning_) {
        transform_.offset += at - grabbed_;
        grabbed_ = at;
        whole_ = false;
        viewMoved();
    } else if (held_) {
        // Beyond a tremble it is a drag; a click stays where it was made.
        moved_ = moved_ || QLineF(at, grabbed_).length() > 1;
        if (moved_)
            held_->drag(pointerAt(at));
    }
    update();
}

void SheetView::letGo(const QPointF& at) {
    panning_ = false;
    const bool alone = isChangedAlone();
    if (Tool* tool = std::exchange(held_, nullptr))
        tool->release(pointerAt(at));
    if (alone)
        emit changedAlone();
    unsetCursor();
    update();
}

void SheetView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    if (event->button() == Qt::MiddleButton || (event->button() == Qt::LeftButton && event->modifiers() & Qt::ControlModifier)) {
        grabbed_ = event->position();
        panning_ = true;
        setCursor(Qt::ClosedHandCursor);
    } else if (event->button() == Qt::LeftButton) {
        takeHold(event->position());
    }
}

void SheetView::contextMenuEvent(QContextMenuEvent* event) {
    // By the keyboard it opens in the middle of the sheet.
    showMenu(event->reason() == QContextMenuEvent::Keyboard ? QPointF(width(), height()) / 2 : QPointF(event->pos()));
}

void SheetView::showMenu(const QPointF& at) {
    QMenu menu(this);
    transform_.reach = touch_.isActive() ? fingerReach : mouseReach;
    const SheetPointer pointer = pointerAt(at);
    for (const Tool* tool : scene_.tools)
        for (const SheetAction& action : tool->actions(pointer))
            menu.addAction(action.label, action.act);
    transform_.reach = mouseReach;
    if (!menu.isEmpty())
        menu.addSeparator();
    menu.addAction(tr("Show the whole head"), this, &SheetView::fitWhole);
    menu.addAction(tr("Larger"), this, [this, at] { zoomAt(at, 1.5); });
    menu.addAction(tr("Smaller"), this, [this, at] { zoomAt(at, 1 / 1.5); });
    menu.exec(mapToGlobal(at.toPoint()));
}

void SheetView::pointTo(const SheetPointer& pointer) {
    std::optional<Qt::CursorShape> shape;
    for (const Tool* tool : scene_.tools)
        if (!shape)
            shape = tool->cursor(pointer);
    setCursor(shape.value_or(Qt::ArrowCursor));
    const bool overMark = shape == Qt::OpenHandCursor && scene_.near<Mark>(transform_, pointer.at);
    const auto line = scene_.near<std::string>(transform_, pointer.at);
    highlightUnderPointer(overMark || !line ? QString() : QString::fromStdString(*line));
}

void SheetView::mouseMoveEvent(QMouseEvent* event) {
    if (isHolding())
        return dragTo(event->position());
    // The window system tells where the pointer is without its having moved, too; and a resting hand trembles.
    constexpr double tremble = 1.5; // px
    if (!pointer_ || QLineF(*pointer_, event->position()).length() > tremble) {
        pointerMoves_ = true;
        keysLead_ = false;
        resting_.start();
    }
    pointer_ = event->position();
    pointTo(pointerAt(event->position()));
    update();
}

void SheetView::mouseReleaseEvent(QMouseEvent* event) {
    letGo(event->position());
}

void SheetView::leaveEvent(QEvent*) {
    pointer_.reset();
    frameAnew();
    highlightUnderPointer({});
    update();
}

void SheetView::keyPressEvent(QKeyEvent* event) {
    const std::vector<Tool*> tools = scene_.tools;
    for (Tool* tool : tools)
        if (tool->key(*event, pointerAt(QPointF(width(), height()) / 2))) {
            // The keys have it now; a loupe beside the resting pointer would only cover what they do.
            pointerMoves_ = false;
            keysLead_ = true;
            update();
            return;
        }
    switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        return zoomBy(1.25);
    case Qt::Key_Minus:
        return zoomBy(0.8);
    case Qt::Key_0:
        return fitWhole();
    case Qt::Key_N:
        return nameNext(event->modifiers() & Qt::ShiftModifier ? -1 : +1);
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace zokran
