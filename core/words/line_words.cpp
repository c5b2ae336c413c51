#include "core/words/line_words.h"

#include "core/construction/lines.h"

namespace zokran {

std::string wordsForLine(std::string_view id, const Phrasebook& book) {
    const LineEntry* line = lineNamed(id);
    return line ? book.say(line->name) : std::string(id);
}

} // namespace zokran
