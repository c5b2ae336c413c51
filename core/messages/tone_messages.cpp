#include "core/messages/tone_messages.h"

#include "core/messages/light_messages.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

std::string wordsFor(const TonePair& pair, const Translator& translator) {
    return placeWords(pair.place->name, pair.side, translator);
}

std::string wordsFor(const ToneFinding& finding, const ToneComparison& comparison, int values, const Translator& translator) {
    const std::string place = wordsFor(comparison.pairs[finding.pair], translator);
    switch (finding.kind) {
    case ToneFinding::Kind::Place: {
        const int count = valuesOff(finding.off, values);
        const bool light = finding.off > 0;
        const char* words = count == 1 ? (light ? ZOKRAN_WORDS("{place}: one value of {all} too light")
                                                : ZOKRAN_WORDS("{place}: one value of {all} too dark"))
                                       : (light ? ZOKRAN_WORDS("{place}: {count} values of {all} too light")
                                                : ZOKRAN_WORDS("{place}: {count} values of {all} too dark"));
        return translator.say(words, {{"place", place}, {"count", fmt::to_string(count)}, {"all", fmt::to_string(values)}});
    }
    case ToneFinding::Kind::Timid:
        return translator.say(ZOKRAN_WORDS("the darkest dark is still grey: lightness {drawn} where the photo has {seen}, white is 100"),
                        {{"drawn", fmt::to_string(std::lround(comparison.darkestDrawn))},
                         {"seen", fmt::to_string(std::lround(comparison.darkestSeen))}});
    case ToneFinding::Kind::DarkElsewhere:
        return translator.say(ZOKRAN_WORDS("the darkest dark is {place}; yours is {other}"),
                        {{"place", place}, {"other", wordsFor(comparison.pairs[finding.other], translator)}});
    }
    return "";
}

std::string mendWords(const ToneFinding& finding, const ToneComparison& comparison, int values, const Translator& translator) {
    const TonePair& pair = comparison.pairs[finding.pair];
    const int count = valuesOff(finding.off, values);
    switch (finding.kind) {
    case ToneFinding::Kind::Place:
        if (finding.off > 0)
            return translator.say(count == 1   ? ZOKRAN_WORDS("Darken it: one even layer of B or 2B, then look again.")
                            : count == 2 ? ZOKRAN_WORDS("Darken it: two layers of 2B, or one of 4B, then look again.")
                                         : ZOKRAN_WORDS("Darken it: layer over layer up to 4B or 6B, looking again after each."));
        if (comparison.hasChalk && pair.expected > comparison.paper)
            return translator.say(ZOKRAN_WORDS("Lighten it: lift the dark, then a touch of white chalk."));
        return translator.say(count == 1 ? ZOKRAN_WORDS("Lighten it: press a kneaded eraser on it once.")
                                   : ZOKRAN_WORDS("Lighten it: press a kneaded eraser on it again and again; do not rub."));
    case ToneFinding::Kind::Timid:
        return translator.say(ZOKRAN_WORDS("Press the darkest dark down first, with 4B to 6B; the other tones then find their place."));
    case ToneFinding::Kind::DarkElsewhere:
        return translator.say(ZOKRAN_WORDS("Keep the deepest tone for the one, and hold the other a little back."));
    }
    return "";
}

std::string wordsFor(const ShadowEdgeShift& shift, const ToneComparison& comparison, const Translator& translator) {
    const auto nearest =
        std::min_element(comparison.pairs.begin(), comparison.pairs.end(), [&](const TonePair& a, const TonePair& b) {
            return (a.seenAt - shift.seenAt).norm() < (b.seenAt - shift.seenAt).norm();
        });
    if (nearest == comparison.pairs.end())
        return "";
    return translator.say(shift.intoLight
                              ? ZOKRAN_WORDS("{place}: your shadow's edge has crept into the light, by {share} % of the head")
                              : ZOKRAN_WORDS("{place}: your shadow's edge has drawn back, by {share} % of the head"),
                          {{"place", wordsFor(*nearest, translator)},
                           {"share", fmt::to_string(std::lround(100 * (shift.by / comparison.headHeight)))}});
}

std::string verdictWords(const ToneComparison& comparison, const Translator& translator) {
    if (!comparison.isShaded)
        return translator.say(ZOKRAN_WORDS("The sketch is all line so far; there is no tone to compare."));
    if (comparison.findings.empty() && !comparison.shadowEdges.empty())
        return translator.say(ZOKRAN_WORDS("The values hold, but the edge of the shadow lies elsewhere: compare it at the letters on "
                                           "both sheets."));
    if (comparison.findings.empty())
        return translator.say(ZOKRAN_WORDS("The values hold: no place stands out of the drawing's own key."));
    return "";
}

} // namespace zokran
