#pragma once

#include "core/base/points.h"

#include <QImage>
#include <QWidget>
#include <vector>

namespace zokran {

/// A drill's picture. Where places are asked for they are put down by a click, or by keys: arrows move the
/// cross, with Shift by more, Enter puts it down.
class DrillView : public QWidget {
    Q_OBJECT

public:
    explicit DrillView(QWidget* parent = nullptr);
    void show(const QImage& picture);
    /// Rings on the picture, px of it; `asks`: places are put down here; `isComplete`: as many as are wanted lie there, and
    /// Enter puts down no more.
    void showPlaces(const std::vector<PicturePoint>& places, bool asks, bool isComplete = false);
    const QImage& picture() const { return picture_; }
    QPointF toWidget(const PicturePoint& p) const;

signals:
    void placed(const PicturePoint& at);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF frame() const;
    PicturePoint toPicture(const QPointF& p) const;

    QImage picture_;
    std::vector<PicturePoint> places_;
    bool asks_ = false, asked_ = false, isComplete_ = false;
    PicturePoint cross_{0, 0};
};

} // namespace zokran
