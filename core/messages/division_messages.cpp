#include "core/messages/division_messages.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

struct Named {
    std::string_view id;
    const char* name;
    const char *much, *little; ///< what a sitter is like who has more of it, or less
};
constexpr Named names[] = {
    {"hairline_from_crown", ZOKRAN_WORDS("crown to hairline"), ZOKRAN_WORDS("a low hairline"),
     ZOKRAN_WORDS("a high hairline")},
    {"brow_from_crown", ZOKRAN_WORDS("crown to brow"), ZOKRAN_WORDS("a low brow"),
     ZOKRAN_WORDS("a high brow")},
    {"eyes_from_crown", ZOKRAN_WORDS("crown to eyes"), ZOKRAN_WORDS("eyes set low in the head"),
     ZOKRAN_WORDS("eyes set high in the head")},
    {"nose_base_from_crown", ZOKRAN_WORDS("crown to nose base"), ZOKRAN_WORDS("a low nose base"),
     ZOKRAN_WORDS("a high nose base")},
    {"mouth_from_crown", ZOKRAN_WORDS("crown to mouth"), ZOKRAN_WORDS("a low mouth"),
     ZOKRAN_WORDS("a high mouth")},
    {"nose_base_from_brow_to_chin", ZOKRAN_WORDS("nose base on the way from brow to chin"),
     ZOKRAN_WORDS("a long middle of the face"), ZOKRAN_WORDS("a long lower face")},
    {"mouth_from_nose_base_to_chin", ZOKRAN_WORDS("mouth on the way from nose base to chin"),
     ZOKRAN_WORDS("a mouth close to the chin"), ZOKRAN_WORDS("a mouth close to the nose")},
    {"hairline_above_brow_to_nose", ZOKRAN_WORDS("forehead beside the nose"),
     ZOKRAN_WORDS("a tall forehead"), ZOKRAN_WORDS("a low forehead")},
    {"brow_above_eyes", ZOKRAN_WORDS("brow above the eyes"), ZOKRAN_WORDS("brows far over the eyes"),
     ZOKRAN_WORDS("brows close over the eyes")},
    {"nose_base_below_eyes", ZOKRAN_WORDS("nose base below the eyes"), ZOKRAN_WORDS("a long nose"),
     ZOKRAN_WORDS("a short nose")},
    {"mouth_below_nose_base", ZOKRAN_WORDS("mouth below the nose base"),
     ZOKRAN_WORDS("a long upper lip"), ZOKRAN_WORDS("a short upper lip")},
    {"chin_below_mouth", ZOKRAN_WORDS("chin below the mouth"), ZOKRAN_WORDS("a long chin"),
     ZOKRAN_WORDS("a short chin")},
    {"eyes_across_face", ZOKRAN_WORDS("eyes across the face"), ZOKRAN_WORDS("a wide face for its eyes"),
     ZOKRAN_WORDS("a narrow face for its eyes")},
    {"gap_between_eyes", ZOKRAN_WORDS("between the eyes"), ZOKRAN_WORDS("eyes set wide"),
     ZOKRAN_WORDS("eyes set close")},
    {"nose_width", ZOKRAN_WORDS("nose across its wings"), ZOKRAN_WORDS("a wide nose"),
     ZOKRAN_WORDS("a narrow nose")},
    {"mouth_width", ZOKRAN_WORDS("mouth across its corners"), ZOKRAN_WORDS("a wide mouth"),
     ZOKRAN_WORDS("a narrow mouth")},
    {"ear_top_above_eyes", ZOKRAN_WORDS("ear's top above the eyes"), ZOKRAN_WORDS("high ears"),
     ZOKRAN_WORDS("low ears")},
    {"ear_length", ZOKRAN_WORDS("ear from top to lobe"), ZOKRAN_WORDS("long ears"),
     ZOKRAN_WORDS("short ears")},
};

const Named* named(std::string_view id) {
    const auto at = std::find_if(std::begin(names), std::end(names),
                                 [&](const Named& n) { return n.id == id; });
    return at == std::end(names) ? nullptr : &*at;
}

constexpr std::size_t mostTold = 3;
/// Below this many standard deviations of the fit a departure is not told.
constexpr double sure = 2;

} // namespace

std::string wordsForDivision(std::string_view id, const Translator& translator) {
    const Named* name = named(id);
    return name ? translator.say(name->name) : std::string(id);
}

std::string divisionNumber(const Division& division, double number, const Translator& translator) {
    return division.unit == "eye_width"
               ? translator.say(ZOKRAN_WORDS("{number} eyes"), {{"number", fmt::format("{:.2f}", number)}})
               : translator.say(ZOKRAN_WORDS("{number} %"),
                          {{"number", fmt::format("{:.0f}", 100 * number)}});
}

std::vector<std::string> likenessWords(const std::vector<SitterRow>& rows, const std::string& canon,
                                       const Translator& translator) {
    std::vector<std::pair<double, const SitterRow*>> found;
    for (const SitterRow& row : rows) {
        const auto rule = row.canons.find(canon);
        if (rule == row.canons.end() || !(row.spread > 0))
            continue;
        const double by = row.sitter - rule->second;
        if (std::abs(by) > sure * row.sigma)
            found.emplace_back(-std::abs(by) / row.spread, &row);
    }
    std::sort(found.begin(), found.end());
    std::vector<std::string> told;
    for (const auto& [by, row] : found) {
        const Named* name = named(row->division->id);
        if (!name || told.size() == mostTold)
            continue;
        const double rule = row->canons.at(canon);
        const bool much = row->sitter > rule;
        told.push_back(translator.say(
            ZOKRAN_WORDS("{what}: {name} {sitter}; rule {rule}."),
            {{"what", translator.say(much ? name->much : name->little)},
             {"name", translator.say(name->name)},
             {"sitter", divisionNumber(*row->division, row->sitter, translator)},
             {"rule", divisionNumber(*row->division, rule, translator)}}));
    }
    return told;
}

} // namespace zokran
