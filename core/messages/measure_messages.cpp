#include "core/messages/measure_messages.h"

#include "core/messages/mark_messages.h"

#include <cmath>

namespace zokran {

namespace {

/// A line that misses a mark by less than this goes through it, units.
constexpr double through = 0.06;

std::string decimals(double value, int places) {
    const double unit = std::pow(10, -places);
    return fmt::format("{:.{}f}", std::abs(value) < unit / 2 ? 0.0 : value, places);
}

/// A number that stands alone, as the book's language writes it.
std::string alone(const std::string& number, const Translator& translator) {
    return translator.say("{number}", {{"number", number}});
}

} // namespace

std::string shortNumber(const Reading& r, const Translator& translator) {
    switch (r.unit) {
    case ReadingUnit::Length:
        return translator.say(ZOKRAN_WORDS("{number} eyes"), {{"number", decimals(r.value, 2)}});
    case ReadingUnit::Area:
        return translator.say(ZOKRAN_WORDS("{number} square eyes"), {{"number", decimals(r.value, 1)}});
    case ReadingUnit::HeadLength:
        return translator.say(ZOKRAN_WORDS("{number} ball radii"), {{"number", decimals(r.value, 2)}});
    case ReadingUnit::Share:
        return alone(decimals(r.value, 2), translator);
    case ReadingUnit::Angle:
        break;
    }
    return decimals(r.value, 0) + "°";
}

std::string numberWords(const Reading& r, const Translator& translator) {
    const int places = r.unit == ReadingUnit::Angle ? 0 : r.unit == ReadingUnit::Area ? 1 : 2;
    // The doubt is never said to be nothing.
    const double least = std::pow(10, -places);
    return shortNumber(r, translator) + " ± " + alone(decimals(std::max(least, r.sigma), places), translator) +
           (r.unit == ReadingUnit::Angle ? "°" : "");
}

std::string passWords(const Reading& r, const Translator& translator) {
    constexpr std::size_t most = 3;
    constexpr double within = 1.5; // units: what is further off is not said to be passed
    std::string words;
    for (std::size_t i = 0; i < std::min(most, r.clearances.size()); ++i) {
        const Clearance& pass = r.clearances[i];
        if (i > 0 && std::abs(pass.by) > within)
            break;
        const std::string mark = wordsFor(pass.mark, translator);
        if (!words.empty())
            words += "; ";
        if (std::abs(pass.by) < through)
            words += translator.say(r.spot ? ZOKRAN_WORDS("on the {mark}") : ZOKRAN_WORDS("through the {mark}"),
                              {{"mark", mark}});
        else
            words += translator.say(ZOKRAN_WORDS("{number} eyes from the {mark}"),
                              {{"number", decimals(std::abs(pass.by), 2)}, {"mark", mark}});
    }
    return words;
}

std::string secondaryWords(const Reading& r, const Translator& translator) {
    std::string words;
    for (const SecondaryReading& number : r.secondary) {
        Reading alone;
        alone.value = number.value;
        alone.sigma = number.sigma;
        alone.unit = number.unit;
        words += (words.empty() ? "" : "; ") + numberWords(alone, translator) + " " + translator.say(number.name);
    }
    return words;
}

std::string guessedWords(double guess, const Reading& r, const Translator& translator) {
    const double by = guess - r.value;
    const bool angle = r.unit == ReadingUnit::Angle;
    const std::string said = decimals(guess, angle ? 0 : 2), is = numberWords(r, translator);
    // Nobody reads an angle by eye to less than two degrees, or a length to less than 3 %.
    const double allowed = std::max(2 * r.sigma, angle ? 2.0 : 0.03 * std::abs(r.value));
    if (std::abs(by) <= allowed)
        return translator.say(ZOKRAN_WORDS("You said {said}; it is {is}. Well seen."),
                        {{"said", said}, {"is", is}});
    const std::string off = angle ? decimals(std::abs(by), 0) + "°"
                                  : decimals(100 * std::abs(by) / std::max(1e-9, std::abs(r.value)), 0) + " %";
    return translator.say(by > 0 ? ZOKRAN_WORDS("You said {said}; it is {is}: {off} too much.")
                           : ZOKRAN_WORDS("You said {said}; it is {is}: {off} too little."),
                    {{"said", said}, {"is", is}, {"off", off}});
}

std::string differenceWords(const Reading& seen, const Reading& drawn,
                            const std::optional<Millimetres>& unitOnPaper, const Translator& translator) {
    const double by = drawn.value - seen.value;
    const double doubt = 2 * std::hypot(seen.sigma, drawn.sigma);
    if (std::abs(by) <= doubt)
        return translator.say(ZOKRAN_WORDS("Yours agrees, as far as the marks can tell."));
    if (seen.unit == ReadingUnit::Angle)
        return translator.say(by > 0 ? ZOKRAN_WORDS("Yours is {amount}° more.")
                               : ZOKRAN_WORDS("Yours is {amount}° less."),
                        {{"amount", decimals(std::abs(by), 0)}});
    const std::string percent = decimals(100 * std::abs(by) / std::max(1e-9, std::abs(seen.value)), 0);
    if (seen.unit == ReadingUnit::Area || seen.unit == ReadingUnit::Share ||
        seen.unit == ReadingUnit::HeadLength)
        return translator.say(by > 0 ? ZOKRAN_WORDS("Yours is {percent} % larger.")
                               : ZOKRAN_WORDS("Yours is {percent} % smaller."),
                        {{"percent", percent}});
    if (unitOnPaper)
        return translator.say(by > 0 ? ZOKRAN_WORDS("Yours is {percent} % longer, {mm} mm.")
                               : ZOKRAN_WORDS("Yours is {percent} % shorter, {mm} mm."),
                        {{"percent", percent},
                         {"mm", decimals(std::max(1.0, std::abs(by) * unitOnPaper->value), 0)}});
    return translator.say(by > 0 ? ZOKRAN_WORDS("Yours is {percent} % longer.")
                           : ZOKRAN_WORDS("Yours is {percent} % shorter."),
                    {{"percent", percent}});
}

} // namespace zokran
