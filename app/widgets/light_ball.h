#pragma once

#include "core/light/lighting.h"

#include <QWidget>

namespace zokran {

/// A small ball with the light on it and a handle where the light stands: drag the handle, or turn it
/// with the arrow keys. The ball's middle is the light from the viewer, its edge light from the side; the
/// band round it lies behind.
class LightBall : public QWidget {
    Q_OBJECT

public:
    explicit LightBall(QWidget* parent = nullptr);
    void show(const Lighting& lighting);
    QSize sizeHint() const override { return {116, 116}; }

signals:
    /// The learner moved the handle; all moves of one drag carry the same `gesture`.
    void moved(const LightDirection& to, int gesture);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QPointF placeOf(const LightDirection& light) const;
    LightDirection directionAt(const QPointF& place) const;
    double radius() const;

    Lighting lighting_;
    int gesture_ = 0;
};

} // namespace zokran
