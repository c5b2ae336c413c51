#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Drags the corners of a page in its photograph. Keys: Space takes up the next corner, arrows move it
/// by a pixel, with Shift by ten; Enter is done.
class CornerTool : public Tool {
public:
    explicit CornerTool(Desk& desk) : desk_(desk) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;

    std::size_t touched() const { return touched_; }

private:
    /// The corner under the pointer.
    std::optional<std::size_t> cornerAt(const SheetPointer& pointer) const;

    Desk& desk_;
    std::size_t touched_ = 0; ///< the one the arrow keys move
    bool held_ = false;
    SketchPoint beside_; ///< from where it was taken hold of to the corner
};

} // namespace zokran
