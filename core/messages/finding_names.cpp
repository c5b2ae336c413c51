#include "core/messages/finding_messages.h"

#include "core/construction/lines.h"
#include "core/messages/finding_sentences.h"
#include "core/messages/mark_messages.h"

namespace zokran {

const FindingSentences* sentencesFor(std::string_view id) {
    const auto isMeant = [&](std::string_view known) {
        // Of outliers and of the two sides one name serves all.
        return known == id || (known == "mark_" && id.starts_with(known)) || withoutSide(known) == id;
    };
    for (const auto list : {structureSentences(), expressionSentences()})
        for (const FindingSentences& sentences : list)
            if (isMeant(sentences.id))
                return &sentences;
    return nullptr;
}

std::string nameOfFinding(std::string_view id, const Translator& translator) {
    if (id == "turn")
        return translator.say(ZOKRAN_WORDS("turn of the head"));
    if (id == "tilt")
        return translator.say(ZOKRAN_WORDS("tilt of the head"));
    // A single misplaced mark.
    if (constexpr std::string_view outlier = "mark_"; id.starts_with(outlier))
        if (const auto mark = markNamed(id.substr(outlier.size())))
            return wordsFor(*mark, translator);
    const FindingSentences* sentences = sentencesFor(id);
    return sentences ? translator.say(sentences->name) : std::string(id);
}

} // namespace zokran
