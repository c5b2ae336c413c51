#include "core/messages/guess_messages.h"

#include <cmath>
#include <vector>

namespace zokran {

namespace {

/// Differences smaller than these are as good as none to the eye.
constexpr Radians hardlyOff = toRadians(Degrees{3});
constexpr Radians hardlyTurned = toRadians(Degrees{5});
constexpr double hardlyLarger = 0.06;
constexpr BallRadii hardlyLonger{0.08};

} // namespace

std::string guessWords(const Guess& guess, const Fit& fit, const Translator& translator) {
    const GuessError e = errorOf(guess, fit);
    std::vector<std::string> list;
    auto say = [&](const char* text, double by) {
        list.push_back(translator.say(text, {{"by", std::to_string(std::lround(std::abs(by)))}}));
    };
    auto degrees = [](Radians r) { return inDegrees(r); };
    if (abs(e.turn) >= hardlyOff) {
        // Said as too little or too much where the head is clearly turned, else by its direction.
        const bool less = (e.turn > Radians{0}) != (fit.pose.turn > Radians{0});
        say(abs(fit.pose.turn) > hardlyTurned ? less ? ZOKRAN_WORDS("turned {by}° too little")
                                                     : ZOKRAN_WORDS("turned {by}° too far")
            : e.turn > Radians{0} ? ZOKRAN_WORDS("turned {by}° too far to your right")
                                              : ZOKRAN_WORDS("turned {by}° too far to your left"),
            degrees(e.turn));
    }
    if (abs(e.tilt) >= hardlyOff)
        say(e.tilt > Radians{0} ? ZOKRAN_WORDS("chin {by}° too high")
                                : ZOKRAN_WORDS("chin {by}° too low"),
            degrees(e.tilt));
    if (abs(e.lean) >= hardlyOff)
        say(e.lean > Radians{0} ? ZOKRAN_WORDS("leaning {by}° too far right")
                                : ZOKRAN_WORDS("leaning {by}° too far left"),
            degrees(e.lean));
    if (std::abs(e.size) > hardlyLarger)
        say(e.size > 0 ? ZOKRAN_WORDS("ball {by} % too large")
                       : ZOKRAN_WORDS("ball {by} % too small"),
            100 * e.size);
    if (abs(e.chin) > hardlyLonger)
        say(e.chin > BallRadii{0} ? ZOKRAN_WORDS("chin too short") : ZOKRAN_WORDS("chin too long"),
            0);
    if (list.empty())
        return translator.say(ZOKRAN_WORDS("Your guess was as good as the measuring."));
    std::string all;
    for (const std::string& item : list)
        all += (all.empty() ? "" : ", ") + item;
    return translator.say(ZOKRAN_WORDS("Your guess, against the fit: {list}."), {{"list", all}});
}

} // namespace zokran
