#include "app/tools/head_tool.h"

namespace zokran {

const std::vector<Framing>& severalHeads(Desk& desk) {
    static const std::vector<Framing> none;
    if (!desk.study().attempt() || desk.page.isLooking() || desk.page.isAdjusting())
        return none;
    const auto& heads = desk.heads.of(desk.picture(Side::Drawn));
    return heads.size() > 1 ? heads : none;
}

void chooseHead(Desk& desk, std::size_t head) {
    const auto& heads = severalHeads(desk);
    const Attempt* attempt = desk.study().attempt();
    if (!attempt)
        return;
    const MarkSheet& sheet = attempt->marks;
    const Framing whole{PhotoPoint(0, 0), PhotoPoint(sheet.width, sheet.height)};
    desk.selection.chooseHead(
        Selection::ChosenHead{attempt->picture, attempt->page.flat, head < heads.size() ? heads[head] : whole});
}

std::optional<Framing> headTakenUp(const Desk& desk) {
    const auto& chosen = desk.selection.chosenHead();
    const Attempt* attempt = desk.study().attempt();
    if (!chosen || !attempt || chosen->picture != attempt->picture || chosen->flat != attempt->page.flat)
        return std::nullopt;
    return chosen->frame;
}

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
