#include "core/messages/light_messages.h"

namespace zokran {

std::string wordsFor(const LightDirection& light, const Translator& translator) {
    const Degrees across = toDegrees(light.azimuth), up = toDegrees(light.elevation);
    constexpr Degrees little{15}, side{60}, behind{100};
    const bool right = across > Degrees{0};
    const char* where = abs(across) < little ? ZOKRAN_WORDS("from the front")
                        : abs(across) > behind
                            ? (right ? ZOKRAN_WORDS("from behind on the right")
                                     : ZOKRAN_WORDS("from behind on the left"))
                        : abs(across) > side ? (right ? ZOKRAN_WORDS("from the right side")
                                                      : ZOKRAN_WORDS("from the left side"))
                                             : (right ? ZOKRAN_WORDS("from the front right")
                                                      : ZOKRAN_WORDS("from the front left"));
    constexpr Degrees high{50};
    const char* level = up > high          ? ZOKRAN_WORDS("{where}, from high above")
                        : up > little      ? ZOKRAN_WORDS("{where}, from above")
                        : up > Degrees{-15} ? ZOKRAN_WORDS("{where}, level")
                                           : ZOKRAN_WORDS("{where}, from below");
    return translator.say(level, {{"where", translator.say(where)}});
}

std::string placeWords(const char* name, int side, const Translator& translator) {
    const std::string said = translator.say(name);
    if (side == 0)
        return said;
    return translator.say(side > 0 ? ZOKRAN_WORDS("{place}, right") : ZOKRAN_WORDS("{place}, left"), {{"place", said}});
}

std::string wordsFor(const LitPlace& place, const Translator& translator) {
    return placeWords(place.place->name, place.side, translator);
}

namespace {

struct TermWords {
    const char *name, *meaning;
};
/// In the order of `LightTerm`.
constexpr TermWords termWords[lightTermCount] = {
    {ZOKRAN_WORDS("highlight"), ZOKRAN_WORDS("where the light is thrown straight at you; the paper stays bare")},
    {ZOKRAN_WORDS("light"), ZOKRAN_WORDS("turned to the lamp; nothing here is as dark as the lightest shadow")},
    {ZOKRAN_WORDS("halftone"), ZOKRAN_WORDS("turning away from the lamp; it still belongs to the light")},
    {ZOKRAN_WORDS("form shadow"), ZOKRAN_WORDS("turned away from the lamp; lay it in as one shape first")},
    {ZOKRAN_WORDS("core shadow"),
     ZOKRAN_WORDS("just past where the light ends, the darkest of the form shadow; its edge is soft")},
    {ZOKRAN_WORDS("reflected light"),
     ZOKRAN_WORDS("light that comes back into the shadow; always darker than the halftone, however light it looks")},
    {ZOKRAN_WORDS("cast shadow"),
     ZOKRAN_WORDS("what something else keeps the lamp from; its edge is crisp near what throws it, and softens away from it")},
};

} // namespace

std::string nameOf(LightTerm term, const Translator& translator) {
    return translator.say(termWords[static_cast<std::size_t>(term)].name);
}

std::string meaningOf(LightTerm term, const Translator& translator) {
    return translator.say(termWords[static_cast<std::size_t>(term)].meaning);
}

std::string wordsFor(ValueTrouble trouble, const Translator& translator) {
    switch (trouble) {
    case ValueTrouble::NotShaded:
        return translator.say(ZOKRAN_WORDS("The sketch is all line so far; there is no tone to compare."));
    case ValueTrouble::Timid:
        return translator.say(ZOKRAN_WORDS(
            "Your darks are too timid: press the darkest of them down to their value."));
    case ValueTrouble::Heavy:
        return translator.say(ZOKRAN_WORDS("Your drawing is darker than the photo on the whole: keep the "
                                     "paper for the lights."));
    case ValueTrouble::MiddleMissing:
        return translator.say(ZOKRAN_WORDS("Your middle values are missing: between light and dark the form "
                                     "turns through a half-tone."));
    case ValueTrouble::None:
        break;
    }
    return "";
}

} // namespace zokran
