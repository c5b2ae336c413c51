#include "core/messages/mark_messages.h"

#include <array>

namespace zokran {

namespace {

struct Entry {
    const char *name, *where;
};

/// In the order of the marks.
constexpr std::array<Entry, markCount> entries{{
    {ZOKRAN_WORDS("crown of the head"),
     ZOKRAN_WORDS("The highest point of the skull. Look through the hair to the bone beneath.")},
    {ZOKRAN_WORDS("hairline"),
     ZOKRAN_WORDS("On the centre line, where the forehead meets the hair.")},
    {ZOKRAN_WORDS("brow"),
     ZOKRAN_WORDS("On the centre line, between the eyebrows, where the forehead stands out most.")},
    {ZOKRAN_WORDS("root of the nose"),
     ZOKRAN_WORDS("On the centre line, the deepest dip between forehead and nose.")},
    {ZOKRAN_WORDS("inner corner of the left eye"),
     ZOKRAN_WORDS("The sitter's left eye, the corner next to the nose.")},
    {ZOKRAN_WORDS("inner corner of the right eye"),
     ZOKRAN_WORDS("The sitter's right eye, the corner next to the nose.")},
    {ZOKRAN_WORDS("outer corner of the left eye"),
     ZOKRAN_WORDS("The sitter's left eye, the corner next to the temple.")},
    {ZOKRAN_WORDS("outer corner of the right eye"),
     ZOKRAN_WORDS("The sitter's right eye, the corner next to the temple.")},
    {ZOKRAN_WORDS("pupil of the left eye"), ZOKRAN_WORDS("The middle of the sitter's left pupil.")},
    {ZOKRAN_WORDS("pupil of the right eye"),
     ZOKRAN_WORDS("The middle of the sitter's right pupil.")},
    {ZOKRAN_WORDS("tip of the nose"),
     ZOKRAN_WORDS("The point of the nose that stands out furthest.")},
    {ZOKRAN_WORDS("base of the nose"),
     ZOKRAN_WORDS("On the centre line, where the nose meets the upper lip.")},
    {ZOKRAN_WORDS("left wing of the nose"),
     ZOKRAN_WORDS("The outermost curve of the sitter's left nostril.")},
    {ZOKRAN_WORDS("right wing of the nose"),
     ZOKRAN_WORDS("The outermost curve of the sitter's right nostril.")},
    {ZOKRAN_WORDS("left corner of the mouth"),
     ZOKRAN_WORDS("On the sitter's left, where the lips meet.")},
    {ZOKRAN_WORDS("right corner of the mouth"),
     ZOKRAN_WORDS("On the sitter's right, where the lips meet.")},
    {ZOKRAN_WORDS("parting of the lips"), ZOKRAN_WORDS("On the centre line, where the lips meet.")},
    {ZOKRAN_WORDS("chin"), ZOKRAN_WORDS("On the centre line, the lowest point of the chin.")},
    {ZOKRAN_WORDS("angle of the left jaw"),
     ZOKRAN_WORDS("Below the sitter's left ear, where the jaw turns towards the chin.")},
    {ZOKRAN_WORDS("angle of the right jaw"),
     ZOKRAN_WORDS("Below the sitter's right ear, where the jaw turns towards the chin.")},
    {ZOKRAN_WORDS("top of the left ear"),
     ZOKRAN_WORDS("The highest point of the sitter's left ear.")},
    {ZOKRAN_WORDS("top of the right ear"),
     ZOKRAN_WORDS("The highest point of the sitter's right ear.")},
    {ZOKRAN_WORDS("base of the left ear"),
     ZOKRAN_WORDS("The lowest point of the sitter's left ear lobe.")},
    {ZOKRAN_WORDS("base of the right ear"),
     ZOKRAN_WORDS("The lowest point of the sitter's right ear lobe.")},
    {ZOKRAN_WORDS("back of the head"),
     ZOKRAN_WORDS("The point of the skull furthest behind the brow. Mark it only from the side.")},
}};

} // namespace

std::string wordsFor(Mark mark, const Translator& translator) {
    return translator.say(entries[indexOf(mark)].name);
}

std::string sidedWordsFor(Mark mark, const Translator& translator) {
    const std::string name = wordsFor(mark, translator);
    if (idOf(mark).ends_with("_l"))
        return translator.say(ZOKRAN_WORDS("{mark} (the sitter's left, on your right)"), {{"mark", name}});
    if (idOf(mark).ends_with("_r"))
        return translator.say(ZOKRAN_WORDS("{mark} (the sitter's right, on your left)"), {{"mark", name}});
    return name;
}

std::string whereToFind(Mark mark, const Translator& translator) {
    return translator.say(entries[indexOf(mark)].where);
}

} // namespace zokran
