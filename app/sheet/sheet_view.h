#pragma once

#include "app/sheet/sheet_content.h"
#include "app/study/study_session.h"

#include <QPixmap>
#include <QWidget>

namespace zokran {

/// One sheet on the bench: shows a picture with what lies on it, zooms and pans, and takes marks
/// where marking is asked for. Wheel zooms at the pointer; the middle button, or the left one with
/// Ctrl, drags the sheet; arrow keys nudge the touched mark by one picture pixel, with Shift by
/// ten, and Enter drops the next mark or
/// confirms a suggested one. While guessing the handles are pulled, and the arrow keys turn and
/// tilt, comma and full stop lean.
class SheetView : public QWidget {
    Q_OBJECT

public:
    SheetView(StudySession& session, Side side, QWidget* parent = nullptr);

    /// What the sheet is used for at this step of the course.
    enum class Use { Look, Mark, Guess };
    void setUse(Use use);
    void setContent(SheetContent content);
    const SheetContent& content() const { return content_; }
    const SheetTransform& transform() const { return transform_; }

    /// Shows the whole picture.
    void fitWhole();
    void zoomBy(double factor);
    /// When linked, a zoom or pan here is copied to the other sheet.
    void link(SheetView* other) { linked_ = other; }

    QSize minimumSizeHint() const override { return {220, 240}; }

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void leaveEvent(QEvent*) override;

private:
    enum class Drag { None, Pan, Mark, BallPlace, BallSize, Handle };
    void zoomAt(const QPointF& at, double factor);
    std::optional<Mark> markNear(const QPointF& at) const;
    /// The handle at a place, or the one whose line passes there.
    std::optional<GuessHandle> handleNear(const QPointF& at) const;
    bool guessKey(int key, bool far);
    void nudge(double x, double y);
    void viewMoved();

    StudySession& session_;
    Side side_;
    Use use_ = Use::Look;
    SheetContent content_;
    SheetTransform transform_;
    QPixmap scaled_; ///< the picture at the scale last painted
    std::pair<qint64, double> scaledFor_{0, 0};
    bool whole_ = true; ///< keep showing the whole picture as the sheet changes size
    SheetView* linked_ = nullptr;
    Drag drag_ = Drag::None;
    std::optional<Mark> dragged_;
    GuessHandle pulled_ = GuessHandle::Place;
    Guess guessBefore_; ///< when the handle was taken hold of
    PicturePoint pulledFrom_{0, 0};
    int gesture_ = 0; ///< one press of the mouse, so that one drag undoes as one
    QPointF grabbed_;
    std::optional<QPointF> pointer_;
};

} // namespace zokran
