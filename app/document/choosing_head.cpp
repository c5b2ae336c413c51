#include "app/document/choosing_head.h"

namespace zokran {

const std::vector<Framing>& severalHeads(Desk& desk) {
    static const std::vector<Framing> none;
    if (!desk.study().sketch() || desk.page.isLooking() || desk.page.isAdjusting())
        return none;
    const auto& heads = desk.heads.of(desk.picture(Side::Sketch));
    return heads.size() > 1 ? heads : none;
}

void chooseHead(Desk& desk, std::size_t head) {
    const auto& heads = severalHeads(desk);
    const Sketch* attempt = desk.study().sketch();
    if (!attempt)
        return;
    const MarkSheet& sheet = attempt->marks;
    const Framing whole{PhotoPoint(0, 0), PhotoPoint(sheet.width, sheet.height)};
    desk.selection.check.chooseHead(
        CheckState::ChosenHead{attempt->picture, attempt->page.flat, head < heads.size() ? heads[head] : whole});
}

std::optional<Framing> headTakenUp(const Desk& desk) {
    const auto& chosen = desk.selection.check.chosenHead();
    const Sketch* attempt = desk.study().sketch();
    if (!chosen || !attempt || chosen->picture != attempt->picture || chosen->flat != attempt->page.flat)
        return std::nullopt;
    return chosen->frame;
}

} // namespace zokran
