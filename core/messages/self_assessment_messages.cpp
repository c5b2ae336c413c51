#include "core/messages/self_assessment_messages.h"

#include <algorithm>

namespace zokran {

std::string wordsFor(Part part, const Translator& translator) {
    switch (part) {
    case Part::Whole:
        return translator.say(ZOKRAN_WORDS("whole shape"));
    case Part::Turn:
        return translator.say(ZOKRAN_WORDS("turn or tilt of the head"));
    case Part::Eyes:
        return translator.say(ZOKRAN_WORDS("eyes"));
    case Part::Nose:
        return translator.say(ZOKRAN_WORDS("nose"));
    case Part::Mouth:
        return translator.say(ZOKRAN_WORDS("mouth"));
    case Part::Chin:
        return translator.say(ZOKRAN_WORDS("chin or jaw"));
    case Part::Ears:
        return translator.say(ZOKRAN_WORDS("ears"));
    case Part::Forehead:
        return translator.say(ZOKRAN_WORDS("forehead or hair"));
    case Part::Neck:
        return translator.say(ZOKRAN_WORDS("neck"));
    case Part::Brows:
        return translator.say(ZOKRAN_WORDS("eyebrows"));
    }
    return {};
}

std::string selfAssessmentWords(const std::vector<SelfAssessmentAnswer>& answers, const Translator& translator) {
    if (answers.empty())
        return {};
    const std::string part = wordsFor(answers.front().part, translator);
    std::string words;
    if (answers.front().rank == 1)
        words = translator.say(ZOKRAN_WORDS("Your own eye put the {part} first, and so does the check."),
                         {{"part", part}});
    else if (answers.front().rank > 1)
        words = translator.say(ZOKRAN_WORDS("Your own eye put the {part} first; it is number {rank} here."),
                         {{"part", part}, {"rank", std::to_string(answers.front().rank)}});
    else if (!answers.front().isLookedAt)
        words = translator.say(ZOKRAN_WORDS("Your own eye put the {part} first; nothing of it was marked, so nobody has measured "
                                      "it yet."),
                         {{"part", part}});
    else
        words = translator.say(ZOKRAN_WORDS("Your own eye put the {part} first; measured, it holds."),
                         {{"part", part}});
    const auto right = std::count_if(answers.begin(), answers.end(),
                                     [](const SelfAssessmentAnswer& a) { return a.rank > 0; });
    if (answers.size() > 1) {
        const Figure of{"said", std::to_string(answers.size())};
        words += " " + (right == 0 ? translator.say(ZOKRAN_WORDS("None of the {said} you named is off."), {of})
                        : right == 1
                            ? translator.say(ZOKRAN_WORDS("One of the {said} you named is off."), {of})
                            : translator.say(ZOKRAN_WORDS("{right} of the {said} you named are off."),
                                       {{"right", std::to_string(right)}, of}));
    }
    return words;
}

} // namespace zokran
