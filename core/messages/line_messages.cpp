#include "core/messages/line_messages.h"

#include "core/construction/lines.h"

namespace zokran {

std::string wordsForLine(std::string_view id, const Translator& translator) {
    const LineEntry* line = lineNamed(id);
    return line ? translator.say(line->name) : std::string(id);
}

std::string wordsFor(DrawnLine line, const Translator& translator) {
    switch (line) {
    case DrawnLine::Centre:
        return translator.say(ZOKRAN_WORDS("centre line"));
    case DrawnLine::Brow:
        return translator.say(ZOKRAN_WORDS("brow line"));
    case DrawnLine::Hair:
        return translator.say(ZOKRAN_WORDS("edge of the hair"));
    case DrawnLine::Hairline:
        return translator.say(ZOKRAN_WORDS("hairline"));
    case DrawnLine::Nostrils:
        return translator.say(ZOKRAN_WORDS("nostrils"));
    case DrawnLine::Face:
        return translator.say(ZOKRAN_WORDS("outline of the face"));
    case DrawnLine::Shape:
        return translator.say(ZOKRAN_WORDS("edge of a shape"));
    case DrawnLine::Shoulders:
        return translator.say(ZOKRAN_WORDS("line of the shoulders"));
    case DrawnLine::Neck:
        break;
    }
    return translator.say(ZOKRAN_WORDS("sides of the neck"));
}

std::string whereToLay(DrawnLine line, const Translator& translator) {
    switch (line) {
    case DrawnLine::Centre:
        return translator.say(ZOKRAN_WORDS("Put the rings on the line down the middle of the face: near its top, about its middle, "
                                     "and at the chin."));
    case DrawnLine::Brow:
        return translator.say(ZOKRAN_WORDS("Put the rings on the line round the ball at the brow: near one end, on the middle of "
                                     "the face, and near the other end."));
    case DrawnLine::Hair:
        return translator.say(ZOKRAN_WORDS("Put the rings on the outer edge of the hair: where it is widest on one side, at its "
                                     "highest, and where it is widest on the other side. On a bald head, on the skull."));
    case DrawnLine::Hairline:
        return translator.say(ZOKRAN_WORDS("Put the rings where hair and forehead meet: at the temple on your left, at the middle or where "
                                     "the hair parts, and at the other temple."));
    case DrawnLine::Nostrils:
        return translator.say(ZOKRAN_WORDS("Put the rings on the two ends of each nostril's dark, from your left to your right. They say how "
                                     "wide it shows, not where it lies."));
    case DrawnLine::Face:
        return translator.say(ZOKRAN_WORDS("Straights along the edge of the face, from the temple on your left down round the chin and up "
                                     "to the other temple. Put a ring where one straight ends and the next begins."));
    case DrawnLine::Shape:
        return translator.say(ZOKRAN_WORDS("Straights along any edge: hair, a shadow, or negative space, the shape of the ground between "
                                     "head and shoulder. Put a ring where one straight ends and the next begins."));
    case DrawnLine::Shoulders:
        return translator.say(ZOKRAN_WORDS("Put the rings on the pit between the collar bones, and on each shoulder where its slope "
                                     "turns down into the arm."));
    case DrawnLine::Neck:
        break;
    }
    return translator.say(ZOKRAN_WORDS("Put the rings on the two sides of the neck: of each the upper one under the jaw, the lower one "
                                 "just above where it runs out into the shoulder."));
}

} // namespace zokran
