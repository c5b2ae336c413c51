#include "core/messages/paper_messages.h"

#include "core/base/quantity_text.h"

namespace zokran {

std::string paperWords(std::string_view name, const Translator& translator) {
    constexpr std::pair<std::string_view, const char*> named[] = {
        {"letter", ZOKRAN_WORDS("Letter")},
        {"legal", ZOKRAN_WORDS("Legal")},
        {"tabloid", ZOKRAN_WORDS("Tabloid")},
        {"imperial", ZOKRAN_WORDS("Imperial")},
        {"half-imperial", ZOKRAN_WORDS("Half imperial")},
        {"quarter-imperial", ZOKRAN_WORDS("Quarter imperial")},
        {"9x12in", ZOKRAN_WORDS("Sketchbook 9 by 12 inches")},
        {"11x14in", ZOKRAN_WORDS("Sketchbook 11 by 14 inches")},
        {"14x17in", ZOKRAN_WORDS("Sketchbook 14 by 17 inches")},
        {"18x24in", ZOKRAN_WORDS("Sketchbook 18 by 24 inches")},
    };
    std::string words(name);
    if (words.size() == 2 && words[0] == 'a')
        words[0] = 'A';
    for (const auto& [id, say] : named)
        if (id == name)
            words = translator.say(say);
    const PaperSize paper = paperNamed(name);
    return translator.say(
        ZOKRAN_WORDS("{what}, {width} by {height} mm"),
        {{"what", words}, {"width", fmt::format("{:.0f}", paper.width)}, {"height", fmt::format("{:.0f}", paper.height)}});
}

} // namespace zokran
