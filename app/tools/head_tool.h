#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Chooses one of the drawings on a page: a click in its frame, or its number.
class HeadTool : public Tool {
public:
    explicit HeadTool(Desk& desk) : desk_(desk) {}
    bool press(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;

private:
    /// The smallest frame round the pointer.
    std::optional<std::size_t> headAt(const PicturePoint& at) const;

    Desk& desk_;
};

} // namespace zokran
