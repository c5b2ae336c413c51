#include "core/messages/round_messages.h"

#include "core/base/quantity_text.h"
#include "core/messages/self_assessment_messages.h"

#include <cmath>

namespace zokran {

namespace {

/// Growth and shifts smaller than these are the photographs' own doubt.
constexpr double hardlyGrown = 0.02;
constexpr Millimetres hardlyMoved{3};

std::string listOf(const std::vector<PartChange>& changes, const Translator& translator) {
    std::string list;
    for (const PartChange& c : changes)
        list += (list.empty() ? "" : ", ") +
                translator.say(ZOKRAN_WORDS("{part} ({before} % to {after} %)"),
                         {{"part", wordsFor(c.part, translator)},
                          {"before", fmt::format("{:.1f}", c.before)},
                          {"after", fmt::format("{:.1f}", c.after)}});
    return list;
}

} // namespace

std::string roundWords(const Round& round, const Translator& translator) {
    std::string words;
    const auto add = [&](const std::string& sentence) {
        words += (words.empty() ? "" : " ") + sentence;
    };
    if (!round.mended.empty())
        add(translator.say(ZOKRAN_WORDS("Since the photograph before, nearer: {list}."),
                     {{"list", listOf(round.mended, translator)}}));
    if (!round.broken.empty())
        add(translator.say(ZOKRAN_WORDS("Further off: {list}."), {{"list", listOf(round.broken, translator)}}));
    if (words.empty())
        add(translator.say(ZOKRAN_WORDS("Since the photograph before nothing has moved that can be told.")));
    if (round.grown && std::abs(*round.grown - 1) > hardlyGrown)
        add(translator.say(*round.grown > 1 ? ZOKRAN_WORDS("The drawing has grown by {percent} %.")
                                      : ZOKRAN_WORDS("The drawing has shrunk by {percent} %."),
                     {{"percent", fmt::format("{:.0f}", 100 * std::abs(*round.grown - 1))}}));
    if (round.right && abs(*round.right) > hardlyMoved)
        add(translator.say(*round.right > Millimetres{0} ? ZOKRAN_WORDS("It has slid {mm} mm to the right on the paper.")
                                                         : ZOKRAN_WORDS("It has slid {mm} mm to the left on the paper."),
                           {{"mm", fmt::format("{:.0f}", abs(*round.right))}}));
    return words;
}

} // namespace zokran
