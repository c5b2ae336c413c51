#include "core/messages/plan_messages.h"

#include "core/base/quantity_text.h"

#include <cmath>

namespace zokran {

std::string wordsFor(PlanTrouble trouble, const Translator& translator) {
    switch (trouble) {
    case PlanTrouble::HairCut:
        return translator.say(ZOKRAN_WORDS("The hair runs over the border."));
    case PlanTrouble::ChinCut:
        return translator.say(ZOKRAN_WORDS("The chin runs over the border."));
    case PlanTrouble::EarCut:
        return translator.say(ZOKRAN_WORDS("An ear runs over the border."));
    case PlanTrouble::ShoulderCut:
        return translator.say(ZOKRAN_WORDS("Neck or shoulder runs over the border at the side."));
    case PlanTrouble::TooLarge:
        return translator.say(ZOKRAN_WORDS("The head eats the page: it takes more than half of its height."));
    case PlanTrouble::TooSmall:
        return translator.say(ZOKRAN_WORDS("The head is small for the page: let it fill more of it, or take smaller paper."));
    case PlanTrouble::TooLow:
        return translator.say(ZOKRAN_WORDS("The head sits low on the page."));
    case PlanTrouble::LooksOut:
        return translator.say(ZOKRAN_WORDS("The head looks out of the page: leave more room before its face."));
    }
    return {};
}

std::string wordsFor(const PlanKept& kept, const Translator& translator) {
    // Smaller than these is what a pencil and a photograph do anyway.
    constexpr double hardlyGrown = 0.03;
    constexpr Millimetres hardlyMoved{3};
    std::string words;
    const auto add = [&](const std::string& sentence) {
        words += (words.empty() ? "" : " ") + sentence;
    };
    const auto mm = [](Millimetres m) { return fmt::format("{:.0f}", abs(m)); };
    if (std::abs(kept.grown - 1) > hardlyGrown)
        add(translator.say(kept.grown > 1 ? ZOKRAN_WORDS("Against its plan the drawing has grown by {percent} %.")
                                    : ZOKRAN_WORDS("Against its plan the drawing is {percent} % smaller."),
                     {{"percent", fmt::format("{:.0f}", 100 * std::abs(kept.grown - 1))}}));
    if (abs(kept.right) > hardlyMoved)
        add(translator.say(kept.right > Millimetres{0} ? ZOKRAN_WORDS("It stands {mm} mm too far to the right.")
                                                       : ZOKRAN_WORDS("It stands {mm} mm too far to the left."),
                           {{"mm", mm(kept.right)}}));
    if (abs(kept.down) > hardlyMoved)
        add(translator.say(kept.down > Millimetres{0} ? ZOKRAN_WORDS("It stands {mm} mm too low.")
                                                      : ZOKRAN_WORDS("It stands {mm} mm too high."),
                           {{"mm", mm(kept.down)}}));
    return words.empty() ? translator.say(ZOKRAN_WORDS("The drawing keeps to its plan.")) : words;
}

std::vector<std::string> layOffWords(const PagePlan& plan, const PaperSize& paper,
                                     const Translator& translator) {
    const auto mm = [](double value) { return fmt::format("{:.0f}", value); };
    const auto place = [&](const char* words, const PaperPoint& p) {
        return translator.say(words, {{"down", mm(p.y())}, {"across", mm(p.x())}});
    };
    return {place(ZOKRAN_WORDS("Crown: {down} from the top, {across} from the left"), plan.crown),
            place(ZOKRAN_WORDS("Chin: {down} from the top, {across} from the left"), plan.chin),
            translator.say(
                ZOKRAN_WORDS("Sides: {left} from the left, {right} from the right"),
                {{"left", mm(plan.head.low.x())}, {"right", mm((PaperPoint(paper.width, paper.height) - plan.head.high).x())}}),
            translator.say(ZOKRAN_WORDS("Brow line: from {a} down, {b} across, to {c} down, {d} across"),
                           {{"a", mm(plan.browLeft.y())},
                            {"b", mm(plan.browLeft.x())},
                            {"c", mm(plan.browRight.y())},
                            {"d", mm(plan.browRight.x())}}),
            translator.say(ZOKRAN_WORDS("Centre line: from {a} down, {b} across, to {c} down, {d} across"),
                           {{"a", mm(plan.centreTop.y())},
                            {"b", mm(plan.centreTop.x())},
                            {"c", mm(plan.centreFoot.y())},
                            {"d", mm(plan.centreFoot.x())}})};
}

} // namespace zokran
