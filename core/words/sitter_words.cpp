#include "core/words/sitter_words.h"

#include "core/words/mark_words.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// What a direction of the shape prior is called when a sitter goes far along it, or against.
struct Departure {
    std::string_view direction;
    const char *along, *against;
};
constexpr Departure departures[] = {
    {"midface_length", ZOKRAN_WORDS("a longer middle of the face"),
     ZOKRAN_WORDS("a shorter middle of the face")},
    {"lower_face_length", ZOKRAN_WORDS("a longer chin"), ZOKRAN_WORDS("a shorter chin")},
    {"mouth_height", ZOKRAN_WORDS("a higher mouth"), ZOKRAN_WORDS("a lower mouth")},
    {"eye_height", ZOKRAN_WORDS("higher eyes"), ZOKRAN_WORDS("lower eyes")},
    {"face_width", ZOKRAN_WORDS("a wider face"), ZOKRAN_WORDS("a narrower face")},
    {"eye_spacing", ZOKRAN_WORDS("eyes set wider apart"), ZOKRAN_WORDS("eyes set closer together")},
    {"eye_width", ZOKRAN_WORDS("wider eyes"), ZOKRAN_WORDS("narrower eyes")},
    {"jaw_width", ZOKRAN_WORDS("a wider jaw"), ZOKRAN_WORDS("a narrower jaw")},
    {"nose_length", ZOKRAN_WORDS("a nose tip that hangs lower"),
     ZOKRAN_WORDS("a nose tip that stands higher")},
    {"nose_depth", ZOKRAN_WORDS("a nose that stands out more"),
     ZOKRAN_WORDS("a nose that stands out less")},
    {"nose_width", ZOKRAN_WORDS("a wider nose"), ZOKRAN_WORDS("a narrower nose")},
    {"mouth_width", ZOKRAN_WORDS("a wider mouth"), ZOKRAN_WORDS("a narrower mouth")},
    {"ear_height", ZOKRAN_WORDS("higher ears"), ZOKRAN_WORDS("lower ears")},
    {"hairline", ZOKRAN_WORDS("a higher hairline"), ZOKRAN_WORDS("a lower hairline")},
    {"crown_height", ZOKRAN_WORDS("a higher crown"), ZOKRAN_WORDS("a flatter crown")},
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

std::string departureWords(const Fit& fit, const Phrasebook& book) {
    std::vector<std::pair<double, std::string>> found;
    const auto& directions = adultHeads().directions;
    for (std::size_t k = 0; k < fit.shape.size() && k < directions.size(); ++k)
        for (const Departure& d : departures)
            if (d.direction == directions[k].id && std::abs(fit.shape[k]) > standsOut)
                found.emplace_back(-std::abs(fit.shape[k]),
                                   book.say(fit.shape[k] > 0 ? d.along : d.against));
    std::sort(found.begin(), found.end());
    std::vector<std::string> list;
    for (std::size_t i = 0; i < std::min(found.size(), mostNamed); ++i)
        list.push_back(found[i].second);
    return list.empty() ? std::string()
                        : book.say(ZOKRAN_WORDS("Beside an average adult this sitter has {list}."),
                                   {{"list", listed(list, ", ")}});
}

std::string asymmetryWords(const Fit& fit, const Phrasebook& book) {
    std::vector<std::string> list;
    for (const Asymmetry& a : fit.asymmetries) {
        if (list.size() == 3)
            break;
        const bool height = abs(a.up) >= abs(a.outward);
        const double by = 100 * ((height ? a.up : a.outward) / headHeight(fit.head));
        list.push_back(book.say(
            height   ? by > 0
                           ? ZOKRAN_WORDS("the {mark} sits {by} % of the head higher than its twin")
                           : ZOKRAN_WORDS("the {mark} sits {by} % of the head lower than its twin")
              : by > 0 ? ZOKRAN_WORDS("the {mark} lies {by} % of the head further out than its twin")
                     : ZOKRAN_WORDS("the {mark} lies {by} % of the head further in than its twin"),
            {{"mark", wordsFor(a.left, book)}, {"by", fmt::format("{:.1f}", std::abs(by))}}));
    }
    return list.empty() ? std::string()
                        : book.say(ZOKRAN_WORDS("The two sides differ: {list}."),
                                   {{"list", listed(list, "; ")}});
}

std::string thirdsWords(const Fit& fit, const Phrasebook& book) {
    const Levels sitter = levelsOf(fit.head);
    const double percent =
        100 * ((sitter.noseBase - sitter.chin) / (sitter.brow - sitter.noseBase) - 1);
    constexpr double hardly = 4;
    const std::string by = std::to_string(std::lround(std::abs(percent)));
    return std::abs(percent) < hardly
               ? book.say(ZOKRAN_WORDS(
                     "In this sitter brow to nose base and nose base to chin are about equal."))
           : percent > 0
               ? book.say(ZOKRAN_WORDS("In this sitter the step from nose base to chin is {by} % "
                                       "longer than the one from brow to nose base."),
                          {{"by", by}})
               : book.say(ZOKRAN_WORDS("In this sitter the step from nose base to chin is {by} % "
                                       "shorter than the one from brow to nose base."),
                          {{"by", by}});
}

std::string sharedWords(int photographs, const Phrasebook& book) {
    return photographs == 0 ? std::string()
           : photographs == 1
               ? book.say(ZOKRAN_WORDS("Another photograph of this sitter sharpens the reading."))
               : book.say(
                     ZOKRAN_WORDS("{count} other photographs of this sitter sharpen the reading."),
                     {{"count", std::to_string(photographs)}});
}

} // namespace zokran
