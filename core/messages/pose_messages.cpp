#include "core/messages/pose_messages.h"

namespace zokran {

Radians angleOf(const Pose& pose, Angle angle) {
    return angle == Angle::Turn ? pose.turn : angle == Angle::Tilt ? pose.tilt : pose.lean;
}

Radians angleOf(const PoseSpread& spread, Angle angle) {
    return angle == Angle::Turn ? spread.turn : angle == Angle::Tilt ? spread.tilt : spread.lean;
}

std::string nameOf(Angle angle, const Translator& translator) {
    return angle == Angle::Turn   ? translator.say(ZOKRAN_WORDS("Turn"))
           : angle == Angle::Tilt ? translator.say(ZOKRAN_WORDS("Tilt"))
                                  : translator.say(ZOKRAN_WORDS("Lean"));
}

std::string wordsFor(Angle angle, Radians value, const Translator& translator) {
    constexpr Degrees level{1.5};
    const bool none = abs(toDegrees(value))<level, positive = value> Radians{0};
    switch (angle) {
    case Angle::Turn:
        return none       ? translator.say(ZOKRAN_WORDS("faces you"))
               : positive ? translator.say(ZOKRAN_WORDS("turned to your right"))
                          : translator.say(ZOKRAN_WORDS("turned to your left"));
    case Angle::Tilt:
        return none       ? translator.say(ZOKRAN_WORDS("looks straight ahead"))
               : positive ? translator.say(ZOKRAN_WORDS("chin up"))
                          : translator.say(ZOKRAN_WORDS("chin down"));
    case Angle::Lean:
        break;
    }
    return none       ? translator.say(ZOKRAN_WORDS("upright"))
           : positive ? translator.say(ZOKRAN_WORDS("leans to your right"))
                      : translator.say(ZOKRAN_WORDS("leans to your left"));
}

std::string figureFor(Radians value) {
    return fmt::format("{}°", lround(abs(toDegrees(value))));
}

std::string doubtFor(Radians sigma) {
    return fmt::format("± {}°", std::max(1L, std::lround(inDegrees(sigma))));
}

} // namespace zokran
