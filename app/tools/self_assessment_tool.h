#pragma once

#include "app/document/open_study.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Points at what looks wrong on the sketch: a click names the part of the feature nearest to it, or
/// takes it back. Enter goes on to the check.
class SelfAssessmentTool : public Tool {
public:
    explicit SelfAssessmentTool(OpenStudy& opened) : opened_(opened) {}
    bool press(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;

private:
    /// The part whose mark is nearest; nothing far from all of them.
    std::optional<Part> partAt(const SheetPointer& pointer) const;

    OpenStudy& opened_;
};

} // namespace zokran
