#pragma once

#include <QObject>
#include <QPointF>
#include <QTimer>

class QTouchEvent;

namespace zokran {

/// Tells apart what fingers do on a sheet. One finger is a press that may be dragged; two move and enlarge the sheet; one that
/// rests is a long press. Nothing is pressed before it is clear that no second finger follows, so that the first of two
/// places no mark. All positions are in px of the widget.
class TouchGestures : public QObject {
    Q_OBJECT

public:
    explicit TouchGestures(QObject* parent);
    void take(const QTouchEvent& event);
    /// Fingers lie on the sheet.
    bool isActive() const { return state_ != State::None; }

signals:
    void pressed(const QPointF& at);
    void moved(const QPointF& at);
    void released(const QPointF& at);
    /// The middle between two fingers went from `was` to `is`, and their distance grew by `factor`.
    void pinched(const QPointF& was, const QPointF& is, double factor);
    void longPressed(const QPointF& at);

private:
    /// Waiting: one finger lies still. Spent: what remains on the sheet means nothing any more.
    enum class State { None, Waiting, Dragging, Pinching, Spent };

    State state_ = State::None;
    QPointF at_;          ///< of the first finger, or of the middle between two
    double distance_ = 0; ///< between two fingers
    QTimer rest_;
};

} // namespace zokran
