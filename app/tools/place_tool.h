#pragma once

#include "app/document/layout_controller.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Places the head on the sheet of paper: drags it, or by the rings on crown and chin makes it larger or
/// smaller. Keys: arrows move it by a millimetre, with Shift by ten; + and - change its size; Home puts
/// it well.
class PlaceTool : public Tool {
public:
    explicit PlaceTool(LayoutController& layout) : layout_(layout) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;

private:
    enum class Hold { None, Head, Crown, Chin };
    Hold holdAt(const SheetPointer& pointer) const;

    LayoutController& layout_;
    Hold hold_ = Hold::None;
    PagePlan before_; ///< as it was when the drag began
    PicturePoint from_{0, 0};
};

} // namespace zokran
