#include "app/document/choosing_head.h"

namespace zokran {

const std::vector<Framing>& severalHeads(StudySession& session) {
    static const std::vector<Framing> none;
    if (!session.study().sketch() || session.page.isLooking() || session.page.isAdjusting())
        return none;
    const auto& heads = session.heads.of(session.picture(Side::Sketch));
    return heads.size() > 1 ? heads : none;
}

void chooseHead(StudySession& session, std::size_t head) {
    const auto& heads = severalHeads(session);
    const Sketch* attempt = session.study().sketch();
    if (!attempt)
        return;
    const MarkSheet& sheet = attempt->marks;
    const Framing whole{PhotoPoint(0, 0), PhotoPoint(sheet.width, sheet.height)};
    session.selection.check.chooseHead(
        CheckState::ChosenHead{attempt->picture, attempt->page.flat, head < heads.size() ? heads[head] : whole});
}

std::optional<Framing> chosenHeadFrame(const StudySession& session) {
    const auto& chosen = session.selection.check.chosenHead();
    const Sketch* attempt = session.study().sketch();
    if (!chosen || !attempt || chosen->picture != attempt->picture || chosen->flat != attempt->page.flat)
        return std::nullopt;
    return chosen->frame;
}

} // namespace zokran
