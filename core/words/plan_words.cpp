#include "core/words/plan_words.h"

namespace zokran {

std::string wordsFor(PlanTrouble trouble, const Phrasebook& book) {
    switch (trouble) {
    case PlanTrouble::HairCut:
        return book.say(ZOKRAN_WORDS("The hair runs over the border."));
    case PlanTrouble::ChinCut:
        return book.say(ZOKRAN_WORDS("The chin runs over the border."));
    case PlanTrouble::EarCut:
        return book.say(ZOKRAN_WORDS("An ear runs over the border."));
    case PlanTrouble::ShoulderCut:
        return book.say(ZOKRAN_WORDS("Neck or shoulder runs over the border at the side."));
    case PlanTrouble::TooLarge:
        return book.say(ZOKRAN_WORDS("The head eats the page: it takes more than half of its height."));
    case PlanTrouble::TooLow:
        return book.say(ZOKRAN_WORDS("The head sits low on the page."));
    case PlanTrouble::LooksOut:
        return book.say(ZOKRAN_WORDS("The head looks out of the page: leave more room before its face."));
    }
    return {};
}

} // namespace zokran
