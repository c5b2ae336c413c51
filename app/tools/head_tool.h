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

/// The drawings on the sketch's page; none where it shows but one.
const std::vector<Framing>& severalHeads(Desk& desk);
/// Takes up one of them, from 0; beyond the last: the whole page is one drawing.
void chooseHead(Desk& desk, std::size_t head);
/// The one taken up on the page that lies there.
std::optional<Framing> headTakenUp(const Desk& desk);

} // namespace zokran
