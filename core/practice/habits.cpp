#include "core/practice/habits.h"

#include "core/base/translatable.h"

#include <cmath>

namespace zokran {

namespace {

using enum Mark;

std::optional<double> meanUp(const Drawing& d, std::initializer_list<Mark> marks) {
    double sum = 0;
    int count = 0;
    for (Mark m : marks)
        if (const auto& off = d.off[m]) {
            sum += off->up;
            ++count;
        }
    return count ? std::optional(sum / count) : std::nullopt;
}

/// How far marks of expression lie too high on average; nothing where none was looked at.
std::optional<double> meanUp(const Drawing& d, std::initializer_list<ExpressionMark> marks) {
    double sum = 0;
    int count = 0;
    for (ExpressionMark m : marks)
        if (const auto& off = d.expressionOff[m]) {
            sum += off->up;
            ++count;
        }
    return count ? std::optional(sum / count) : std::nullopt;
}

constexpr Radians turned{0.26}; ///< 15°: from here on there is a nearer and a farther side

/// Away from the centre line, of a mark of the farther side (`far` +1) or the nearer (-1).
std::optional<double> outward(const Drawing& d, Mark left, Mark right, int far) {
    if (abs(d.seen.turn) < turned)
        return std::nullopt;
    // The nose to the viewer's right hides the sitter's left, which lies on the right.
    const bool farIsLeft = d.seen.turn > Radians{0};
    const bool wantsLeft = far > 0 ? farIsLeft : !farIsLeft;
    const auto& off = d.off[wantsLeft ? left : right];
    if (!off)
        return std::nullopt;
    return wantsLeft ? off->across : -off->across;
}

std::optional<double> mouth(const Drawing& d) {
    return meanUp(d, {MouthCornerL, MouthCornerR, LipLine});
}
std::optional<double> nose(const Drawing& d) {
    return meanUp(d, {NoseBase, NoseWingL, NoseWingR});
}
std::optional<double> eyes(const Drawing& d) {
    return meanUp(d, {InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR, PupilL, PupilR});
}
std::optional<double> chin(const Drawing& d) {
    return meanUp(d, {Chin});
}
std::optional<double> crown(const Drawing& d) {
    return meanUp(d, {Crown, Hairline});
}
std::optional<double> ears(const Drawing& d) {
    return meanUp(d, {EarTopL, EarTopR, EarBaseL, EarBaseR});
}
std::optional<double> farEye(const Drawing& d) {
    return outward(d, OuterEyeL, OuterEyeR, 1);
}
std::optional<double> nearEye(const Drawing& d) {
    return outward(d, OuterEyeL, OuterEyeR, -1);
}
std::optional<double> farMouth(const Drawing& d) {
    return outward(d, MouthCornerL, MouthCornerR, 1);
}

std::optional<double> eyebrows(const Drawing& d) {
    using enum ExpressionMark;
    return meanUp(d, {BrowStartL, BrowStartR, BrowPeakL, BrowPeakR, BrowEndL, BrowEndR});
}
std::optional<double> opening(const Drawing& d) {
    const auto upper = meanUp(d, {ExpressionMark::LidUpperL, ExpressionMark::LidUpperR});
    const auto lower = meanUp(d, {ExpressionMark::LidLowerL, ExpressionMark::LidLowerR});
    return upper && lower ? std::optional(*upper - *lower) : std::nullopt;
}
std::optional<double> upperLip(const Drawing& d) {
    return meanUp(d, {ExpressionMark::LipUpper});
}
std::optional<double> lowerLip(const Drawing& d) {
    const auto up = meanUp(d, {ExpressionMark::LipLower});
    return up ? std::optional(-*up) : std::nullopt;
}

} // namespace

const std::vector<Habit>& habits() {
    static const std::vector<Habit> all = {
        {"mouth_up", ZOKRAN_WORDS("You set the mouth {percent} % of the head too high"),
         ZOKRAN_WORDS("You set the mouth {percent} % of the head too low"), "find", mouth},
        {"nose_up", ZOKRAN_WORDS("You set the base of the nose {percent} % of the head too high"),
         ZOKRAN_WORDS("You set the base of the nose {percent} % of the head too low"), "find", nose},
        {"eyes_up", ZOKRAN_WORDS("You set the eyes {percent} % of the head too high"),
         ZOKRAN_WORDS("You set the eyes {percent} % of the head too low"), "guides", eyes},
        {"chin_up", ZOKRAN_WORDS("You draw the chin {percent} % of the head too short"),
         ZOKRAN_WORDS("You draw the chin {percent} % of the head too long"), "find", chin},
        {"crown_up", ZOKRAN_WORDS("You draw forehead and skull {percent} % of the head too high"),
         ZOKRAN_WORDS("You cut forehead and skull short by {percent} % of the head"), "guides", crown},
        {"ears_up", ZOKRAN_WORDS("You set the ears {percent} % of the head too high"),
         ZOKRAN_WORDS("You set the ears {percent} % of the head too low"), "guides", ears},
        {"far_eye_out",
         ZOKRAN_WORDS("In turned heads you draw the far eye {percent} % of the head too far out"),
         ZOKRAN_WORDS("In turned heads you draw the far eye {percent} % of the head too far in"), "pose",
         farEye},
        {"near_eye_out",
         ZOKRAN_WORDS("In turned heads you draw the near eye {percent} % of the head too far out"),
         ZOKRAN_WORDS("In turned heads you draw the near eye {percent} % of the head too far in"), "pose",
         nearEye},
        {"far_mouth_out",
         ZOKRAN_WORDS("In turned heads you draw the mouth's far corner {percent} % of the head too far out"),
         ZOKRAN_WORDS("In turned heads you draw the mouth's far corner {percent} % of the head too far in"),
         "pose", farMouth},
        {"eyebrows_up", ZOKRAN_WORDS("You set the eyebrows {percent} % of the head too high"),
         ZOKRAN_WORDS("You set the eyebrows {percent} % of the head too low"), "find", eyebrows},
        {"eyes_open", ZOKRAN_WORDS("You draw the eyes {percent} % of the head too far open"),
         ZOKRAN_WORDS("You draw the eyes {percent} % of the head too far shut"), "find", opening},
        {"upper_lip", ZOKRAN_WORDS("You draw the upper lip {percent} % of the head too thick"),
         ZOKRAN_WORDS("You draw the upper lip {percent} % of the head too thin"), "find", upperLip},
        {"lower_lip", ZOKRAN_WORDS("You draw the lower lip {percent} % of the head too thick"),
         ZOKRAN_WORDS("You draw the lower lip {percent} % of the head too thin"), "find", lowerLip},
    };
    return all;
}

} // namespace zokran
