#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"
#include "core/measure/kinds.h"

namespace zokran {

/// Puts down the ends of a measurement: on a mark that lies near, else where it is clicked; with Shift
/// always where it is clicked. Enter closes a shape, Backspace takes the last end back, Escape all.
class MeasureTool : public Tool {
public:
    MeasureTool(Desk& desk, Side side) : desk_(desk), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;

private:
    std::optional<Mark> snappedTo(const SheetPointer& pointer) const;

    Desk& desk_;
    Side side_;
};

} // namespace zokran
