#pragma once

#include "app/sheet/scene.h"
#include "app/sheet/touch_gestures.h"

#include <QTimer>
#include <QWidget>

namespace zokran {

/// One sheet on the bench: shows a scene, zooms and pans, and hands press and key to the scene's
/// tools. Wheel zooms at the pointer; the middle button, or the left one with Ctrl, drags the
/// sheet. Two fingers do both; one finger works the tools, and drags the sheet where no tool takes hold. The right button, or
/// a finger that rests, opens a menu.
class SheetView : public QWidget {
    Q_OBJECT

public:
    /// `name`: said to those who do not see it.
    explicit SheetView(const QString& name, QWidget* parent = nullptr);

    void show(Scene scene);
    const Scene& scene() const { return scene_; }
    const SheetTransform& transform() const { return transform_; }

    /// Shows the scene's frame.
    void fitWhole();
    /// The same, unless the learner zoomed or moved the sheet: another step was opened.
    void frameAnew() {
        if (whole_)
            fitWhole();
    }
    void zoomBy(double factor);
    /// When linked, a zoom or pan here is copied to the other sheet.
    void link(SheetView* other) { linked_ = other; }

    /// A tool that changes this sheet alone holds a press.
    bool isChangedAlone() const { return held_ && held_->changesItsSheetAlone(); }

    /// Highlights this line; none for an empty id.
    void highlightLine(const QString& line);

    QSize minimumSizeHint() const override { return {220, 240}; }

signals:
    /// The pointer or the keys stand at this line, or at none.
    void lineHighlighted(const QString& line);
    /// A tool that changed this sheet alone let go.
    void changedAlone();

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void leaveEvent(QEvent*) override;

private:
    void paintPointerWord(const Canvas& on) const;
    /// Names the line that the keys highlighted, where it begins.
    void paintHighlightedName(const Canvas& on) const;
    void paintKeyLoupe(const Canvas& on) const;
    /// Highlights the next line, or the one before.
    void nameNext(int step);
    SheetPointer pointerAt(const QPointF& at) const;
    Canvas canvas(QPainter& painter) const;
    void zoomAt(const QPointF& at, double factor);
    void viewMoved();
    /// A tool takes hold at a place of the widget; false when none does.
    bool takeHold(const QPointF& at);
    void dragTo(const QPointF& at);
    void letGo(const QPointF& at);
    void showMenu(const QPointF& at);
    void pointTo(const SheetPointer& pointer);
    bool isHolding() const { return held_ || panning_; }
    /// The learner is at work with the pointer, and the view must not jump under it.
    bool isPointerAtWork() const { return pointer_ && isWorkedOn_; }

    void highlightUnderPointer(const QString& line);

    QString highlighted_; ///< the line under the pointer, on both sheets
    Scene scene_;
    SheetTransform transform_;
    bool whole_ = true; ///< keep showing the frame as the sheet changes size
    SheetView* linked_ = nullptr;
    Tool* held_ = nullptr; ///< the tool that took hold of the press
    bool panning_ = false;
    bool moved_ = false; ///< further than a tremble since the press
    int gesture_ = 0;
    QPointF grabbed_;
    std::optional<QPointF> pointer_;
    bool pointerMoves_ = false; ///< it has moved since it last rested, and since the scene last changed
    bool isWorkedOn_ = false;   ///< something was pressed here since the sheet was framed
    bool keysLead_ = false;     ///< a key was the last to do something here, and the pointer rests
    QTimer resting_;
    TouchGestures touch_{this};
};

} // namespace zokran
