#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Steps through the findings of the check by the arrows to the left and right, on either sheet.
class FindingTool : public Tool {
public:
    explicit FindingTool(Desk& desk) : desk_(desk) {}
    bool press(const SheetPointer&) override { return false; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;

private:
    Desk& desk_;
};

} // namespace zokran
