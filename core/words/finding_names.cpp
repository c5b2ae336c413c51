#include "core/words/finding_words.h"

#include "core/words/mark_words.h"

namespace zokran {

std::string nameOfFinding(std::string_view id, const Phrasebook& book) {
    constexpr std::pair<std::string_view, const char*> names[] = {
        {"turn", ZOKRAN_WORDS("turn of the head")},
        {"tilt", ZOKRAN_WORDS("tilt of the head")},
        {"whole_size", ZOKRAN_WORDS("size of the whole head")},
        {"whole_height", ZOKRAN_WORDS("place of the head, up and down")},
        {"whole_across", ZOKRAN_WORDS("place of the head, across")},
        {"whole_lean", ZOKRAN_WORDS("lean of the head")},
        {"whole_width", ZOKRAN_WORDS("width of the whole head")},
        {"eye_axis", ZOKRAN_WORDS("slope of the eyes")},
        {"mouth_axis", ZOKRAN_WORDS("slope of the mouth")},
        {"face_width", ZOKRAN_WORDS("width of the face")},
        {"face_height", ZOKRAN_WORDS("height of all features")},
        {"chin_height", ZOKRAN_WORDS("length of the chin")},
        {"lower_face", ZOKRAN_WORDS("lower face")},
        {"forehead", ZOKRAN_WORDS("height of the forehead")},
        {"hairline_height", ZOKRAN_WORDS("hairline")},
        {"crown_height", ZOKRAN_WORDS("height of the crown")},
        {"back_depth", ZOKRAN_WORDS("depth of the skull")},
        {"mouth_height", ZOKRAN_WORDS("height of the mouth")},
        {"nose_height", ZOKRAN_WORDS("length of the nose")},
        {"nose_mouth_height", ZOKRAN_WORDS("height of nose and mouth")},
        {"eye_height", ZOKRAN_WORDS("height of the eyes")},
        {"one_eye_height", ZOKRAN_WORDS("height of one eye")},
        {"ear_height", ZOKRAN_WORDS("height of the ears")},
        {"ear_depth", ZOKRAN_WORDS("how far back the ears sit")},
        {"ear_length", ZOKRAN_WORDS("length of the ears")},
        {"mouth_across", ZOKRAN_WORDS("mouth off the centre line")},
        {"nose_across", ZOKRAN_WORDS("nose off the centre line")},
        {"eyes_across", ZOKRAN_WORDS("eyes off the centre line")},
        {"eyes_apart", ZOKRAN_WORDS("distance of the eyes")},
        {"eyes_spread", ZOKRAN_WORDS("spread of the eyes")},
        {"eye_size", ZOKRAN_WORDS("size of the eyes")},
        {"eye_sizes", ZOKRAN_WORDS("eyes of two sizes")},
        {"mouth_width", ZOKRAN_WORDS("width of the mouth")},
        {"nose_width", ZOKRAN_WORDS("width of the nose")},
        {"hair_volume", ZOKRAN_WORDS("hair round the skull")},
        {"neck_width", ZOKRAN_WORDS("width of the neck")},
        {"jaw_width", ZOKRAN_WORDS("width of the jaw")},
    };
    for (const auto& [known, name] : names)
        if (known == id)
            return book.say(name);
    // A mark that strays on its own.
    if (constexpr std::string_view stray = "mark_"; id.starts_with(stray))
        if (const auto mark = markNamed(id.substr(stray.size())))
            return wordsFor(*mark, book);
    return std::string(id);
}

} // namespace zokran
