#include "app/tools/expression_tool.h"

#include "app/document/expression_marking.h"
#include "app/document/marking.h"

namespace zokran {

std::vector<ExpressionMark> ExpressionTool::marks() const {
    const auto places = expressionPlacesOn(opened_, side_);
    std::vector<ExpressionMark> marks;
    for (int i = 0; i < expressionMarkCount; ++i)
        if (places[expressionMarkAt(i)])
            marks.push_back(expressionMarkAt(i));
    return marks;
}

std::vector<PicturePoint> ExpressionTool::points() const {
    const auto places = expressionPlacesOn(opened_, side_);
    std::vector<PicturePoint> points;
    for (const auto& at : places)
        if (at)
            points.push_back(*at);
    return points;
}

std::optional<ExpressionMark> ExpressionTool::taken() const {
    const std::vector<ExpressionMark> all = marks();
    return all.empty() ? std::nullopt : std::optional(all[touched() % all.size()]);
}

bool ExpressionTool::press(const SheetPointer& pointer) {
    if (!PointsTool::press(pointer))
        return false;
    took();
    standByTaken();
    return true;
}

void ExpressionTool::standByTaken() {
    const auto mark = taken();
    if (mark && !opened_.study().marks(side_).expression[*mark])
        placeMark(opened_, side_, *mark, *expressionPlacesOn(opened_, side_)[*mark], {});
}

void ExpressionTool::release(const SheetPointer& pointer) {
    PointsTool::release(pointer);
    opened_.analysis.settle();
}

bool ExpressionTool::key(const QKeyEvent& event, const SheetPointer& middle) {
    if (event.key() == Qt::Key_Delete)
        if (const auto mark = taken())
            return hideMark(opened_, side_, *mark), true;
    // The first Space takes a ring up; from then on it stands by the one it leaves.
    const auto& ring = opened_.selection.marks.expression();
    if (event.key() == Qt::Key_Space && ring && ring->side == side_ && ring->mark == taken())
        standByTaken();
    return PointsTool::key(event, middle);
}

QString ExpressionTool::word(const SheetPointer& pointer) const {
    const auto point = pointAt(pointer);
    return point ? nameOf(marks()[*point]) : QString();
}

void ExpressionTool::put(std::size_t point, const PicturePoint& at, const QString& merge) {
    placeMark(opened_, side_, marks()[point], at, merge);
    took();
}

void ExpressionTool::took() {
    if (const auto mark = taken())
        opened_.selection.marks.selectExpression(side_, *mark);
}

void ExpressionTool::finish() {
    endExpression(opened_, true);
}

} // namespace zokran
