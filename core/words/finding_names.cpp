#include "core/words/finding_words.h"

#include "core/construction/lines.h"
#include "core/words/finding_sentences.h"
#include "core/words/mark_words.h"

namespace zokran {

const FindingSentences* sentencesFor(std::string_view id) {
    const auto isMeant = [&](std::string_view known) {
        // Of strays and of the two sides one name serves all.
        return known == id || (known == "mark_" && id.starts_with(known)) || withoutSide(known) == id;
    };
    for (const auto list : {structureSentences(), expressionSentences()})
        for (const FindingSentences& sentences : list)
            if (isMeant(sentences.id))
                return &sentences;
    return nullptr;
}

std::string nameOfFinding(std::string_view id, const Phrasebook& book) {
    if (id == "turn")
        return book.say(ZOKRAN_WORDS("turn of the head"));
    if (id == "tilt")
        return book.say(ZOKRAN_WORDS("tilt of the head"));
    // A mark that strays on its own.
    if (constexpr std::string_view stray = "mark_"; id.starts_with(stray))
        if (const auto mark = markNamed(id.substr(stray.size())))
            return wordsFor(*mark, book);
    const FindingSentences* sentences = sentencesFor(id);
    return sentences ? book.say(sentences->name) : std::string(id);
}

} // namespace zokran
