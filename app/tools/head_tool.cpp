#include "app/tools/head_tool.h"

#include "app/document/choosing_head.h"

namespace zokran {

std::optional<std::size_t> HeadTool::headAt(const PicturePoint& at) const {
    std::optional<std::size_t> best;
    double smallest = 1e18;
    const auto& heads = severalHeads(desk_);
    for (std::size_t i = 0; i < heads.size(); ++i) {
        const bool inside =
            (at.array() > heads[i].low.array()).all() && (at.array() < heads[i].high.array()).all();
        const double area = (heads[i].high - heads[i].low).prod();
        if (inside && area < smallest) {
            smallest = area;
            best = i;
        }
    }
    return best;
}

bool HeadTool::press(const SheetPointer& pointer) {
    const auto head = headAt(pointer.place);
    if (head)
        chooseHead(desk_, *head);
    return head.has_value();
}

bool HeadTool::key(const QKeyEvent& event, const SheetPointer&) {
    const int number = event.key() - Qt::Key_1;
    if (number < 0 || number >= static_cast<int>(severalHeads(desk_).size()))
        return false;
    chooseHead(desk_, static_cast<std::size_t>(number));
    return true;
}

std::optional<Qt::CursorShape> HeadTool::cursor(const SheetPointer& pointer) const {
    return headAt(pointer.place) ? std::optional(Qt::PointingHandCursor) : std::nullopt;
}

} // namespace zokran
