#pragma once

#include "core/base/units.h"

#include <QImage>
#include <QWidget>

namespace zokran {

/// The plaster head as the stand-in camera sees it. Dragging turns it, with Shift it leans; the
/// arrow keys turn and tilt by five degrees, comma and full stop lean.
class CastView : public QWidget {
    Q_OBJECT

public:
    explicit CastView(QWidget* parent = nullptr);
    void show(const QImage& picture);
    const QImage& picture() const { return picture_; }

signals:
    /// The learner turned the head by this much.
    void turned(Degrees turn, Degrees tilt, Degrees lean);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QImage picture_;
    QPointF grabbed_;
};

} // namespace zokran
