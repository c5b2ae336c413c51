#include "core/messages/light_messages.h"

namespace zokran {

std::string wordsFor(const LightDirection& light, const Translator& book) {
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
    return book.say(level, {{"where", book.say(where)}});
}

std::string placeWords(const char* name, int side, const Translator& book) {
    const std::string said = book.say(name);
    if (side == 0)
        return said;
    return book.say(side > 0 ? ZOKRAN_WORDS("{place}, right") : ZOKRAN_WORDS("{place}, left"), {{"place", said}});
}

std::string wordsFor(const LitPlace& place, const Translator& book) {
    return placeWords(place.place->name, place.side, book);
}

std::string wordsFor(ValueTrouble trouble, const Translator& book) {
    switch (trouble) {
    case ValueTrouble::NotShaded:
        return book.say(ZOKRAN_WORDS("The sketch is all line so far; there is no tone to compare."));
    case ValueTrouble::Timid:
        return book.say(ZOKRAN_WORDS(
            "Your darks are too timid: press the darkest of them down to their value."));
    case ValueTrouble::Heavy:
        return book.say(ZOKRAN_WORDS("Your drawing is darker than the photo on the whole: keep the "
                                     "paper for the lights."));
    case ValueTrouble::MiddleMissing:
        return book.say(ZOKRAN_WORDS("Your middle values are missing: between light and dark the form "
                                     "turns through a half-tone."));
    case ValueTrouble::None:
        break;
    }
    return "";
}

} // namespace zokran
