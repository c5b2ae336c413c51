#include "app/tools/self_assessment_tool.h"

#include "app/document/marking.h"
#include "app/text/messages.h"
#include "core/messages/self_assessment_messages.h"

namespace zokran {

std::optional<Part> SelfAssessmentTool::partAt(const SheetPointer& pointer) const {
    if (!opened_.comparison())
        return std::nullopt;
    std::optional<Part> nearest;
    // Further than a third of the head from every mark, nothing is meant.
    double least = opened_.comparison()->sketchView.inPicture(headHeight(opened_.comparison()->sitter) / 3).value;
    const MarkSheet& marks = opened_.study().marks(Side::Sketch);
    const auto consider = [&](const PicturePoint& at, Part part) {
        const double away = (at - pointer.place).norm();
        if (away < least) {
            least = away;
            nearest = part;
        }
    };
    for (Mark m : marks.seenMarks())
        consider(*marks.seen(m), partOf(m));
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& placed = marks.expression[expressionMarkAt(i)]; placed && placed->usable())
            consider(*placed->at, partOf(expressionMarkAt(i)));
    return nearest;
}

bool SelfAssessmentTool::press(const SheetPointer& pointer) {
    const auto part = partAt(pointer);
    if (part)
        opened_.selection.check.toggleAssessed(*part);
    return part.has_value();
}

bool SelfAssessmentTool::key(const QKeyEvent& event, const SheetPointer&) {
    if (event.key() != Qt::Key_Return && event.key() != Qt::Key_Enter)
        return false;
    commitSelfAssessment(opened_, opened_.selection.check.selfAssessment());
    return true;
}

std::optional<Qt::CursorShape> SelfAssessmentTool::cursor(const SheetPointer& pointer) const {
    return partAt(pointer) ? std::optional(Qt::PointingHandCursor) : std::nullopt;
}

QString SelfAssessmentTool::word(const SheetPointer& pointer) const {
    const auto part = partAt(pointer);
    return part ? qt(wordsFor(*part, learnersTranslator())) : QString();
}

} // namespace zokran
