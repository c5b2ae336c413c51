#include "core/messages/sitter_messages.h"

#include "core/messages/mark_messages.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

using enum Mark;

double apart(const HeadMarks& h, Mark left) {
    return h[left].x() - h[mirrored(left)].x();
}
double step(const HeadMarks& h, Mark above, Mark below) {
    return h[above].y() - h[below].y();
}

/// A length of the head, and what it is called when a sitter has much of it, or little.
struct Departure {
    double (*length)(const HeadMarks&);
    const char *much, *little;
};
constexpr Departure departures[] = {
    {[](const HeadMarks& h) { return step(h, Brow, NoseBase); },
     ZOKRAN_WORDS("a longer middle of the face"), ZOKRAN_WORDS("a shorter middle of the face")},
    {[](const HeadMarks& h) { return step(h, LipLine, Chin); }, ZOKRAN_WORDS("a longer chin"),
     ZOKRAN_WORDS("a shorter chin")},
    {[](const HeadMarks& h) { return -step(h, NoseBase, LipLine); }, ZOKRAN_WORDS("a higher mouth"),
     ZOKRAN_WORDS("a lower mouth")},
    {[](const HeadMarks& h) { return -step(h, Brow, PupilL) - step(h, Brow, PupilR); },
     ZOKRAN_WORDS("higher eyes"), ZOKRAN_WORDS("lower eyes")},
    {[](const HeadMarks& h) { return apart(h, EarTopL); }, ZOKRAN_WORDS("a wider face"),
     ZOKRAN_WORDS("a narrower face")},
    {[](const HeadMarks& h) { return apart(h, InnerEyeL); }, ZOKRAN_WORDS("eyes set wider apart"),
     ZOKRAN_WORDS("eyes set closer together")},
    {[](const HeadMarks& h) { return apart(h, OuterEyeL) - apart(h, InnerEyeL); },
     ZOKRAN_WORDS("wider eyes"), ZOKRAN_WORDS("narrower eyes")},
    {[](const HeadMarks& h) { return apart(h, JawAngleL); }, ZOKRAN_WORDS("a wider jaw"),
     ZOKRAN_WORDS("a narrower jaw")},
    {[](const HeadMarks& h) { return step(h, NoseBase, NoseTip); },
     ZOKRAN_WORDS("a nose tip that stands higher"), ZOKRAN_WORDS("a nose tip that hangs lower")},
    {[](const HeadMarks& h) { return h[NoseTip].z() - h[NoseBase].z(); },
     ZOKRAN_WORDS("a nose that stands out more"), ZOKRAN_WORDS("a nose that stands out less")},
    {[](const HeadMarks& h) { return apart(h, NoseWingL); }, ZOKRAN_WORDS("a wider nose"),
     ZOKRAN_WORDS("a narrower nose")},
    {[](const HeadMarks& h) { return apart(h, MouthCornerL); }, ZOKRAN_WORDS("a wider mouth"),
     ZOKRAN_WORDS("a narrower mouth")},
    {[](const HeadMarks& h) { return -step(h, Brow, EarTopL) - step(h, Brow, EarBaseL); },
     ZOKRAN_WORDS("higher ears"), ZOKRAN_WORDS("lower ears")},
    {[](const HeadMarks& h) { return step(h, Hairline, Brow); }, ZOKRAN_WORDS("a higher hairline"),
     ZOKRAN_WORDS("a lower hairline")},
    {[](const HeadMarks& h) { return step(h, Crown, Brow); }, ZOKRAN_WORDS("a higher crown"),
     ZOKRAN_WORDS("a flatter crown")},
};
constexpr double standsOut = 0.7; // standard deviations of the population
constexpr std::size_t mostNamed = 4;

std::string listed(const std::vector<std::string>& items, const char* between) {
    std::string all;
    for (const std::string& item : items)
        all += (all.empty() ? "" : between) + item;
    return all;
}

} // namespace

std::string departureWords(const Fit& fit, const Translator& translator) {
    std::vector<std::pair<double, std::string>> found;
    const ShapePrior& adults = adultHeads();
    for (const Departure& d : departures) {
        const auto length = [&](const HeadMarks& h) { return BallRadii{d.length(h)}; };
        const double by = (length(fit.head) - length(adults.mean)) / adults.spreadOf(length);
        if (!fit.shape.empty() && std::abs(by) > standsOut)
            found.emplace_back(-std::abs(by), translator.say(by > 0 ? d.much : d.little));
    }
    std::sort(found.begin(), found.end());
    std::vector<std::string> list;
    for (std::size_t i = 0; i < std::min(found.size(), mostNamed); ++i)
        list.push_back(found[i].second);
    return list.empty() ? std::string()
                        : translator.say(ZOKRAN_WORDS("Beside an average adult this sitter has {list}."),
                                   {{"list", listed(list, ", ")}});
}

std::string asymmetryWords(const Fit& fit, const Translator& translator) {
    std::vector<std::string> list;
    for (const Asymmetry& a : fit.asymmetries) {
        if (list.size() == 3)
            break;
        const bool height = abs(a.up) >= abs(a.outward);
        const double by = 100 * ((height ? a.up : a.outward) / headHeight(fit.head));
        list.push_back(translator.say(
            height   ? by > 0
                           ? ZOKRAN_WORDS("the {mark} sits {by} % of the head higher than its twin")
                           : ZOKRAN_WORDS("the {mark} sits {by} % of the head lower than its twin")
              : by > 0 ? ZOKRAN_WORDS("the {mark} lies {by} % of the head further out than its twin")
                     : ZOKRAN_WORDS("the {mark} lies {by} % of the head further in than its twin"),
            {{"mark", wordsFor(a.left, translator)}, {"by", fmt::format("{:.1f}", std::abs(by))}}));
    }
    return list.empty() ? std::string()
                        : translator.say(ZOKRAN_WORDS("The two sides differ: {list}."),
                                   {{"list", listed(list, "; ")}});
}

std::string thirdsWords(const Fit& fit, const Translator& translator) {
    const Levels sitter = levelsOf(fit.head);
    const double percent =
        100 * ((sitter.noseBase - sitter.chin) / (sitter.brow - sitter.noseBase) - 1);
    constexpr double hardly = 4;
    const std::string by = std::to_string(std::lround(std::abs(percent)));
    return std::abs(percent) < hardly
               ? translator.say(ZOKRAN_WORDS(
                     "In this sitter brow to nose base and nose base to chin are about equal."))
           : percent > 0
               ? translator.say(ZOKRAN_WORDS("In this sitter the step from nose base to chin is {by} % "
                                       "longer than the one from brow to nose base."),
                          {{"by", by}})
               : translator.say(ZOKRAN_WORDS("In this sitter the step from nose base to chin is {by} % "
                                       "shorter than the one from brow to nose base."),
                          {{"by", by}});
}

std::string sharedWords(int photographs, const Translator& translator) {
    return photographs == 0 ? std::string()
           : photographs == 1
               ? translator.say(ZOKRAN_WORDS("Another photograph of this sitter sharpens the reading."))
               : translator.say(
                     ZOKRAN_WORDS("{count} other photographs of this sitter sharpen the reading."),
                     {{"count", std::to_string(photographs)}});
}

} // namespace zokran
