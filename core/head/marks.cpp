#include "core/head/marks.h"

#include <algorithm>

namespace zokran {

namespace {

struct Entry {
    std::string_view id, words, where;
    Mark mirror;
};

using enum Mark;

constexpr std::array<Entry, markCount> entries{{
    {"crown", "crown of the head",
     "The highest point of the skull. Look through the hair to the bone beneath.", Crown},
    {"hairline", "hairline", "On the centre line, where the forehead meets the hair.", Hairline},
    {"brow", "brow",
     "On the centre line, between the eyebrows, where the forehead stands out most.", Brow},
    {"nose_root", "root of the nose",
     "On the centre line, the deepest dip between forehead and nose.", NoseRoot},
    {"inner_eye_l", "inner corner of the left eye",
     "The sitter's left eye, the corner next to the nose.", InnerEyeR},
    {"inner_eye_r", "inner corner of the right eye",
     "The sitter's right eye, the corner next to the nose.", InnerEyeL},
    {"outer_eye_l", "outer corner of the left eye",
     "The sitter's left eye, the corner next to the temple.", OuterEyeR},
    {"outer_eye_r", "outer corner of the right eye",
     "The sitter's right eye, the corner next to the temple.", OuterEyeL},
    {"pupil_l", "pupil of the left eye", "The middle of the sitter's left pupil.", PupilR},
    {"pupil_r", "pupil of the right eye", "The middle of the sitter's right pupil.", PupilL},
    {"nose_tip", "tip of the nose", "The point of the nose that stands out furthest.", NoseTip},
    {"nose_base", "base of the nose", "On the centre line, where the nose meets the upper lip.",
     NoseBase},
    {"nose_wing_l", "left wing of the nose", "The outermost curve of the sitter's left nostril.",
     NoseWingR},
    {"nose_wing_r", "right wing of the nose", "The outermost curve of the sitter's right nostril.",
     NoseWingL},
    {"mouth_corner_l", "left corner of the mouth", "On the sitter's left, where the lips meet.",
     MouthCornerR},
    {"mouth_corner_r", "right corner of the mouth", "On the sitter's right, where the lips meet.",
     MouthCornerL},
    {"lip_line", "parting of the lips", "On the centre line, where the lips meet.", LipLine},
    {"chin", "chin", "On the centre line, the lowest point of the chin.", Chin},
    {"jaw_angle_l", "angle of the left jaw",
     "Below the sitter's left ear, where the jaw turns towards the chin.", JawAngleR},
    {"jaw_angle_r", "angle of the right jaw",
     "Below the sitter's right ear, where the jaw turns towards the chin.", JawAngleL},
    {"ear_top_l", "top of the left ear", "The highest point of the sitter's left ear.", EarTopR},
    {"ear_top_r", "top of the right ear", "The highest point of the sitter's right ear.", EarTopL},
    {"ear_base_l", "base of the left ear", "The lowest point of the sitter's left ear lobe.",
     EarBaseR},
    {"ear_base_r", "base of the right ear", "The lowest point of the sitter's right ear lobe.",
     EarBaseL},
    {"back", "back of the head",
     "The point of the skull furthest behind the brow. Mark it only from the side.", Back},
}};

} // namespace

std::string_view idOf(Mark mark) {
    return entries[indexOf(mark)].id;
}
std::string_view wordsFor(Mark mark) {
    return entries[indexOf(mark)].words;
}
std::string_view whereToFind(Mark mark) {
    return entries[indexOf(mark)].where;
}
Mark mirrored(Mark mark) {
    return entries[indexOf(mark)].mirror;
}

std::optional<Mark> markNamed(std::string_view id) {
    for (int i = 0; i < markCount; ++i)
        if (entries[i].id == id)
            return markAt(i);
    return std::nullopt;
}

std::optional<PicturePoint> MarkSheet::seen(Mark m) const {
    return marks[m] && marks[m]->usable() ? marks[m]->at : std::nullopt;
}

std::vector<Mark> MarkSheet::seenMarks() const {
    std::vector<Mark> found;
    for (int i = 0; i < markCount; ++i)
        if (seen(markAt(i)))
            found.push_back(markAt(i));
    return found;
}

Pixels MarkSheet::noiseOf(Mark m) const {
    return marks[m] && marks[m]->noise ? *marks[m]->noise : noiseOrDefault();
}

Pixels MarkSheet::noiseOrDefault() const {
    if (noise)
        return *noise;
    PicturePoint low = PicturePoint::Constant(1e300), high = -low;
    for (Mark m : seenMarks()) {
        low = low.cwiseMin(*seen(m));
        high = high.cwiseMax(*seen(m));
    }
    return {0.01 * std::max(1.0, (high - low).maxCoeff())};
}

} // namespace zokran
