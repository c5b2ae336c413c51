#include "logbook/study_words.h"

namespace zokran {

namespace {

constexpr std::pair<Measured, const char*> measuredWords[] = {
    {Measured::Unsaid, ""}, {Measured::Before, "before"}, {Measured::After, "after"}, {Measured::Never, "never"}};

} // namespace

std::string wordOf(Measured measured) {
    for (const auto& [known, word] : measuredWords)
        if (known == measured)
            return word;
    return "";
}

Measured measuredFrom(const std::string& text) {
    for (const auto& [known, word] : measuredWords)
        if (word == text)
            return known;
    return Measured::Unsaid;
}

std::string wordsOf(const std::optional<std::vector<Part>>& said) {
    if (!said)
        return "";
    std::string text;
    for (Part part : *said)
        text += (text.empty() ? "" : " ") + std::string(idOf(part));
    return text.empty() ? "-" : text;
}

} // namespace zokran
