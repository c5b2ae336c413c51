#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Drags the ends of a known length. Keys: Space takes up the other end, arrows move it by a pixel, with Shift by ten;
/// Enter is done.
class LengthTool : public Tool {
public:
    explicit LengthTool(Desk& desk) : desk_(desk) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;

    int touched() const { return touched_; }

private:
    std::optional<int> endAt(const SheetPointer& pointer) const;
    void put(const SketchPoint& at, const QString& merge);

    Desk& desk_;
    int touched_ = 0; ///< the end that the arrow keys move
    bool held_ = false;
    SketchPoint beside_; ///< from where it was taken hold of to the end
};

} // namespace zokran
