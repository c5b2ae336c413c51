#include "core/head/marks.h"

#include <algorithm>

namespace zokran {

namespace {

struct Entry {
    std::string_view id;
    Mark mirror;
};

using enum Mark;

constexpr std::array<Entry, markCount> entries{{
    {"crown", Crown},
    {"hairline", Hairline},
    {"brow", Brow},
    {"nose_root", NoseRoot},
    {"inner_eye_l", InnerEyeR},
    {"inner_eye_r", InnerEyeL},
    {"outer_eye_l", OuterEyeR},
    {"outer_eye_r", OuterEyeL},
    {"pupil_l", PupilR},
    {"pupil_r", PupilL},
    {"nose_tip", NoseTip},
    {"nose_base", NoseBase},
    {"nose_wing_l", NoseWingR},
    {"nose_wing_r", NoseWingL},
    {"mouth_corner_l", MouthCornerR},
    {"mouth_corner_r", MouthCornerL},
    {"lip_line", LipLine},
    {"chin", Chin},
    {"jaw_angle_l", JawAngleR},
    {"jaw_angle_r", JawAngleL},
    {"ear_top_l", EarTopR},
    {"ear_top_r", EarTopL},
    {"ear_base_l", EarBaseR},
    {"ear_base_r", EarBaseL},
    {"back", Back},
}};

} // namespace

std::string_view idOf(Mark mark) {
    return entries[indexOf(mark)].id;
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
