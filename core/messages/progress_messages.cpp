#include "core/messages/progress_messages.h"

#include "core/base/quantity_text.h"
#include "core/messages/finding_messages.h"

#include <cmath>

namespace zokran {

namespace {

std::string percent(double value) {
    return fmt::format("{:.1f}", std::abs(value));
}

std::string straighteningWords(const Line& line, const Translator& translator) {
    const std::string share = fmt::format("{:.0f}", 100 * std::abs(1 - line.slope.mean)),
                      low = fmt::format("{:.0f}", 100 * std::max(0.0, 1 - line.slope.high)),
                      high = fmt::format("{:.0f}", 100 * (1 - line.slope.low));
    if (line.slope.high < 1)
        return translator.say(ZOKRAN_WORDS("You straighten turned heads: {share} % of a turn is lost on the way to "
                                     "the paper (between {low} and {high} %)."),
                        {{"share", share}, {"low", low}, {"high", high}});
    if (line.slope.low > 1)
        return translator.say(ZOKRAN_WORDS("You turn heads {share} % further than they are."), {{"share", share}});
    return translator.say(ZOKRAN_WORDS("Turned heads stay turned: no straightening that can be told."));
}

} // namespace

std::vector<std::string> progressWords(const Progress& p, const Translator& translator) {
    std::vector<std::string> words;
    constexpr int few = 5;
    if (p.drawings < few)
        return {translator.say(ZOKRAN_WORDS("Too few drawings yet to tell habit from chance: {count} of at least "
                                      "{needed}. Every head counts."),
                         {{"count", std::to_string(p.drawings)}, {"needed", std::to_string(few)}})};
    if (p.straightening)
        words.push_back(straighteningWords(*p.straightening, translator));
    for (const HabitSeen& h : p.habits) {
        std::string sentence =
            translator.say(h.mean.mean > 0 ? h.habit->more : h.habit->less, {{"percent", percent(h.mean.mean)}});
        sentence = translator.say(ZOKRAN_WORDS("{habit}, in {same} of {count}."),
                            {{"habit", sentence},
                             {"same", std::to_string(h.sameWay)},
                             {"count", std::to_string(h.mean.count)}});
        if (h.changes)
            sentence += " " + translator.say(std::abs(h.lately) < std::abs(h.before)
                                           ? ZOKRAN_WORDS("It was {before} % at first and is {lately} % now.")
                                           : ZOKRAN_WORDS("It has grown from {before} % to {lately} %."),
                                       {{"before", percent(h.before)}, {"lately", percent(h.lately)}});
        words.push_back(sentence);
    }
    if (p.trend && p.trend->slope.excludesZero()) {
        const std::string month = percent(30 * p.trend->slope.mean);
        words.push_back(translator.say(p.trend->slope.mean < 0
                                     ? ZOKRAN_WORDS("On the whole your marks come nearer by {percent} % of the "
                                                    "head a month.")
                                     : ZOKRAN_WORDS("On the whole your marks drift off by {percent} % of the "
                                                    "head a month: shorter sittings, or easier poses for a "
                                                    "while?"),
                                 {{"percent", month}}));
    } else if (p.trend) {
        words.push_back(translator.say(ZOKRAN_WORDS("No trend over time that can be told yet.")));
    }
    constexpr int photographedAgain = 3;
    if (p.mended && p.mended->drawings >= photographedAgain)
        words.push_back(translator.say(ZOKRAN_WORDS("In {count} drawings that you photographed again the marks came from {before} % of "
                                              "the head off to {after} %: this is what mending is worth."),
                                 {{"count", std::to_string(p.mended->drawings)},
                                  {"before", percent(p.mended->before)},
                                  {"after", percent(p.mended->after)}}));
    if (p.worseUnmeasured && p.worseUnmeasured->excludesZero())
        words.push_back(translator.say(p.worseUnmeasured->mean > 0
                                     ? ZOKRAN_WORDS("Measuring before you draw serves you: your marks lie nearer by {percent} % of the "
                                                    "head (between {low} and {high} %).")
                                     : ZOKRAN_WORDS("Drawing first and measuring afterwards serves you: your marks lie nearer by "
                                                    "{percent} % of the head (between {low} and {high} %)."),
                                 {{"percent", percent(std::abs(p.worseUnmeasured->mean))},
                                  {"low", percent(std::min(std::abs(p.worseUnmeasured->low), std::abs(p.worseUnmeasured->high)))},
                                  {"high", percent(std::max(std::abs(p.worseUnmeasured->low), std::abs(p.worseUnmeasured->high)))}}));
    else if (p.worseUnmeasured)
        words.push_back(translator.say(ZOKRAN_WORDS("Whether you measure before you draw or after makes no difference that can be told.")));
    if (p.guessMiss)
        words.push_back(translator.say(ZOKRAN_WORDS("Your guesses of the turn are {degrees}° off on average."),
                                 {{"degrees", fmt::format("{:.0f}", p.guessMiss->mean)}}));
    constexpr int asked = 5;
    if (p.askedEye >= asked)
        words.push_back(translator.say(ZOKRAN_WORDS("Before the check your own eye named the first thing to mend in "
                                              "{agreed} of {asked}."),
                                 {{"agreed", std::to_string(p.agreedEye)},
                                  {"asked", std::to_string(p.askedEye)}}));
    return words;
}

std::vector<std::string> changeWords(const Change& c, const Translator& translator) {
    std::vector<std::string> words;
    if (c.distanceBefore && c.distanceAfter)
        words.push_back(translator.say(ZOKRAN_WORDS("The marks lay {before} % of the head from their places, and "
                                              "then {after} %."),
                                 {{"before", percent(*c.distanceBefore)}, {"after", percent(*c.distanceAfter)}}));
    const auto degrees = [](Radians r) { return fmt::format("{:.0f}", std::abs(inDegrees(r))); };
    // What is read of a pose in a sketch is no surer than this.
    constexpr Degrees sure{4};
    const bool before = abs(c.straightenedBefore) > toRadians(sure), after = abs(c.straightenedAfter) > toRadians(sure);
    if (before || after)
        words.push_back(translator.say(ZOKRAN_WORDS("The turn was off by {before}°, and then by {after}°."),
                                 {{"before", degrees(c.straightenedBefore)},
                                  {"after", degrees(c.straightenedAfter)}}));
    const auto list = [&](const std::vector<std::string>& ids) {
        std::string all;
        for (const std::string& id : ids)
            all += (all.empty() ? "" : ", ") + nameOfFinding(id, translator);
        return all;
    };
    if (!c.gone.empty())
        words.push_back(translator.say(ZOKRAN_WORDS("No longer to mend: {list}."), {{"list", list(c.gone)}}));
    if (!c.stayed.empty())
        words.push_back(translator.say(ZOKRAN_WORDS("Still there: {list}."), {{"list", list(c.stayed)}}));
    if (!c.fresh.empty())
        words.push_back(translator.say(ZOKRAN_WORDS("New: {list}."), {{"list", list(c.fresh)}}));
    return words;
}

std::string wordsFor(const PoseCell& c, const Translator& translator) {
    const double turn = ((c.turnLow + c.turnHigh) / 2).value, tilt = ((c.tiltLow + c.tiltHigh) / 2).value;
    const auto range = [](Degrees a, Degrees b) {
        return std::pair{fmt::format("{:.0f}", std::min(abs(a), abs(b))), fmt::format("{:.0f}", std::max(abs(a), abs(b)))};
    };
    const auto [turnLow, turnHigh] = range(c.turnLow, c.turnHigh);
    const std::string across =
        std::abs(turn) < 1 ? translator.say(ZOKRAN_WORDS("facing you"))
        : turn > 0         ? translator.say(ZOKRAN_WORDS("turned {low}° to {high}° to your right"),
                                      {{"low", turnLow}, {"high", turnHigh}})
                           : translator.say(ZOKRAN_WORDS("turned {low}° to {high}° to your left"),
                                      {{"low", turnLow}, {"high", turnHigh}});
    const char* up = std::abs(tilt) < 1 ? ZOKRAN_WORDS("{turned}, level")
                     : tilt > 15        ? ZOKRAN_WORDS("{turned}, looking far up")
                     : tilt > 0         ? ZOKRAN_WORDS("{turned}, chin up")
                     : tilt < -15       ? ZOKRAN_WORDS("{turned}, looking far down")
                                        : ZOKRAN_WORDS("{turned}, chin down");
    return translator.say(up, {{"turned", across}});
}

} // namespace zokran
