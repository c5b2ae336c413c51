#include "app/tools/mark_tool.h"

#include "app/document/marking.h"
#include "app/sheet/scene.h"
#include "app/text/messages.h"

namespace zokran {

bool MarkTool::press(const SheetPointer& pointer) {
    if (pointer.scene.picture.isNull())
        return false;
    if (const auto near = pointer.scene.near<Mark>(pointer.transform, pointer.at)) {
        dragged_ = near;
        beside_ = *desk_.study().marks(side_).seen(*near) - pointer.place;
        desk_.selection.touch(side_, near);
        return true;
    }
    const PicturePoint& p = pointer.place;
    const bool inside = p.x() >= 0 && p.y() >= 0 && p.x() < pointer.scene.extent.width() &&
                        p.y() < pointer.scene.extent.height();
    const auto next = askedMark(desk_, side_);
    // What the program saw is dragged; a click beside it must not carry it off.
    const auto& known = next ? desk_.study().marks(side_).marks[*next] : std::optional<PlacedMark>();
    if (!next || !inside || (known && known->suggested))
        return false;
    // Held until the button is let go, so that the first aim can be mended in one go.
    dragged_ = next;
    beside_ = {0, 0};
    placeMark(desk_, side_, *next, p, QString("drag%1").arg(pointer.gesture));
    return true;
}

void MarkTool::drag(const SheetPointer& pointer) {
    if (dragged_)
        placeMark(desk_, side_, *dragged_, pointer.place + beside_,
                  QString("drag%1").arg(pointer.gesture));
}

void MarkTool::release(const SheetPointer&) {
    dragged_.reset();
    desk_.analysis.settle();
}

void MarkTool::nudge(double x, double y) {
    const auto touched = desk_.selection.touched(side_);
    if (!touched)
        return;
    if (const auto& placed = desk_.study().marks(side_).marks[*touched]; placed && placed->at)
        placeMark(desk_, side_, *touched, *placed->at + PicturePoint(x, y),
                  QString("nudge%1").arg(indexOf(*touched)));
}

void MarkTool::drop(const SheetPointer& middle) {
    const auto isSuggested = [this](std::optional<Mark> m) {
        return m && desk_.study().marks(side_).marks[*m] && desk_.study().marks(side_).marks[*m]->suggested;
    };
    if (const auto touched = desk_.selection.touched(side_); isSuggested(touched))
        return confirmSuggestions(desk_, side_, *touched);
    if (const auto asked = askedMark(desk_, side_); isSuggested(asked))
        return confirmSuggestions(desk_, side_, *asked);
    // Without a mouse: the next mark drops where it is expected, or else in the middle of what
    // is in sight, and the arrow keys take it from there.
    const auto next = markToPlace(desk_, side_);
    if (!next)
        return;
    std::optional<PicturePoint> expected;
    if (const auto onSketch = side_ == Side::Sketch ? expectedMarks(desk_)[*next] : std::nullopt)
        expected = *onSketch;
    else if (side_ == Side::Reference && desk_.fit())
        expected = desk_.fit()->view.project(desk_.fit()->head[*next]);
    placeMark(desk_, side_, *next, expected.value_or(middle.place));
}

bool MarkTool::key(const QKeyEvent& event, const SheetPointer& middle) {
    if (middle.scene.picture.isNull())
        return false;
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    switch (event.key()) {
    case Qt::Key_Left:
        return nudge(-step, 0), true;
    case Qt::Key_Right:
        return nudge(step, 0), true;
    case Qt::Key_Up:
        return nudge(0, -step), true;
    case Qt::Key_Down:
        return nudge(0, step), true;
    case Qt::Key_Space:
        if (const auto next = askedMark(desk_, side_))
            hideMark(desk_, side_, *next);
        return true;
    case Qt::Key_Backspace:
        return desk_.document.undoStack().undo(), true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return drop(middle), true;
    default:
        return false;
    }
}

std::vector<SheetAction> MarkTool::actions(const SheetPointer& pointer) const {
    const auto mark = pointer.scene.near<Mark>(pointer.transform, pointer.at);
    if (!mark)
        return {};
    const QString aside = side_ == Side::Reference ? tr("Cannot see the %1") : tr("The %1 is not drawn");
    std::vector<SheetAction> actions{{aside.arg(nameOf(*mark)), [this, mark] { hideMark(desk_, side_, *mark); }}};
    if (const auto& placed = desk_.study().marks(side_).marks[*mark]; placed && placed->suggested)
        actions.push_back({tr("The %1 is right").arg(nameOf(*mark)), [this, mark] { confirmSuggestions(desk_, side_, *mark); }});
    return actions;
}

std::optional<Qt::CursorShape> MarkTool::cursor(const SheetPointer& pointer) const {
    if (pointer.scene.near<Mark>(pointer.transform, pointer.at))
        return Qt::OpenHandCursor;
    if (markToPlace(desk_, side_) && !pointer.scene.picture.isNull())
        return Qt::CrossCursor;
    return std::nullopt;
}

bool MarkTool::wantsLoupe(const SheetPointer&) const {
    return dragged_ || markToPlace(desk_, side_);
}

} // namespace zokran
