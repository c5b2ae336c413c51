#include "core/messages/expression_messages.h"

#include <array>

namespace zokran {

namespace {

struct ExpressionEntry {
    const char *name, *where;
};

/// In the order of the marks.
constexpr std::array<ExpressionEntry, expressionMarkCount> expressionEntries{{
    {ZOKRAN_WORDS("inner end of the left eyebrow"),
     ZOKRAN_WORDS("Next to the nose, in the middle of the eyebrow's thickness.")},
    {ZOKRAN_WORDS("inner end of the right eyebrow"),
     ZOKRAN_WORDS("Next to the nose, in the middle of the eyebrow's thickness.")},
    {ZOKRAN_WORDS("peak of the left eyebrow"), ZOKRAN_WORDS("Its highest place, in the middle of its thickness.")},
    {ZOKRAN_WORDS("peak of the right eyebrow"), ZOKRAN_WORDS("Its highest place, in the middle of its thickness.")},
    {ZOKRAN_WORDS("outer end of the left eyebrow"), ZOKRAN_WORDS("Next to the temple, where the eyebrow runs out.")},
    {ZOKRAN_WORDS("outer end of the right eyebrow"), ZOKRAN_WORDS("Next to the temple, where the eyebrow runs out.")},
    {ZOKRAN_WORDS("upper lid of the left eye"), ZOKRAN_WORDS("The highest place of the lid's edge, not of its fold.")},
    {ZOKRAN_WORDS("upper lid of the right eye"), ZOKRAN_WORDS("The highest place of the lid's edge, not of its fold.")},
    {ZOKRAN_WORDS("lower lid of the left eye"), ZOKRAN_WORDS("The lowest place of the lid's edge.")},
    {ZOKRAN_WORDS("lower lid of the right eye"), ZOKRAN_WORDS("The lowest place of the lid's edge.")},
    {ZOKRAN_WORDS("upper edge of the upper lip"), ZOKRAN_WORDS("On the centre line, in the dip of the lip's bow.")},
    {ZOKRAN_WORDS("lower edge of the lower lip"), ZOKRAN_WORDS("On the centre line, where the lip's red ends.")},
}};

} // namespace

std::string wordsFor(ExpressionMark mark, const Translator& translator) {
    return translator.say(expressionEntries[static_cast<std::size_t>(mark)].name);
}

std::string whereToFind(ExpressionMark mark, const Translator& translator) {
    return translator.say(expressionEntries[static_cast<std::size_t>(mark)].where);
}

} // namespace zokran
