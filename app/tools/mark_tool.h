#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Places the next mark, drags placed ones, and nudges the last by keys: arrows by a picture pixel,
/// with Shift by ten; Space cannot see it; Backspace goes back one; Enter drops the next mark where
/// it is expected or confirms a suggested one.
class MarkTool : public Tool {
public:
    MarkTool(Desk& desk, Side side) : desk_(desk), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool changesItsSheetAlone() const override { return true; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::vector<SheetAction> actions(const SheetPointer& pointer) const override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;

private:
    void nudge(double x, double y);
    void drop(const SheetPointer& middle);

    Desk& desk_;
    Side side_;
    std::optional<Mark> dragged_;
    PicturePoint beside_{0, 0}; ///< from where the mark was taken hold of to the mark
};

} // namespace zokran
