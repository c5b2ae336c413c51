#pragma once

#include "app/document/open_study.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Steps through the findings of the check by the arrows to the left and right, on either sheet.
class FindingTool : public Tool {
public:
    explicit FindingTool(OpenStudy& opened) : opened_(opened) {}
    bool press(const SheetPointer&) override { return false; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;

private:
    OpenStudy& opened_;
};

} // namespace zokran
