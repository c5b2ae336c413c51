#include "app/tools/look_over_tool.h"

#include "app/document/marking.h"

namespace zokran {

std::vector<PicturePoint> LookOverTool::points() const {
    const auto mark = lookedOverMark(opened_);
    if (!mark)
        return {};
    const auto& placed = placedIn(opened_.study().marks(Side::Sketch), *mark);
    return placed && placed->at ? std::vector<PicturePoint>{*placed->at} : std::vector<PicturePoint>();
}

bool LookOverTool::press(const SheetPointer& pointer) {
    if (PointsTool::press(pointer))
        return true;
    opened_.selection.marks.hold({});
    return false;
}

void LookOverTool::release(const SheetPointer& pointer) {
    PointsTool::release(pointer);
    opened_.selection.marks.hold({});
    opened_.analysis.settle();
}

void LookOverTool::put(std::size_t, const PicturePoint& at, const QString& merge) {
    const auto mark = lookedOverMark(opened_);
    if (!mark)
        return;
    // Placed, it counts as looked over, and another would be asked for while this one is still moved.
    opened_.selection.marks.hold(mark);
    placeMark(opened_, Side::Sketch, *mark, at, merge);
}

void LookOverTool::confirm() {
    const auto mark = lookedOverMark(opened_);
    if (mark && placedIn(opened_.study().marks(Side::Sketch), *mark)->suggested)
        confirmSuggestions(opened_, Side::Sketch, *mark);
    opened_.selection.marks.hold({});
}

bool LookOverTool::key(const QKeyEvent& event, const SheetPointer& middle) {
    const auto mark = lookedOverMark(opened_);
    if (event.key() == Qt::Key_Backspace)
        return opened_.document.undoStack().undo(), true;
    if (event.key() != Qt::Key_Space || !mark)
        return PointsTool::key(event, middle);
    opened_.selection.marks.hold({});
    hideMark(opened_, Side::Sketch, *mark);
    return true;
}

} // namespace zokran
