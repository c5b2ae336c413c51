#include "core/messages/trouble_messages.h"

#include "core/messages/mark_messages.h"

namespace zokran {

namespace {

std::string sentence(const MarksTrouble& trouble, const Translator& translator) {
    std::string names;
    for (Mark m : trouble.marks)
        names += (names.empty() ? "" : ", ") + wordsFor(m, translator);
    switch (trouble.kind) {
    case MarksTrouble::Kind::TooFew:
        return trouble.more == 1
                   ? translator.say(ZOKRAN_WORDS("1 more mark is needed; these would serve: {marks}"),
                              {{"marks", names}})
                   : translator.say(
                         ZOKRAN_WORDS("{count} more marks are needed; these would serve: {marks}"),
                         {{"count", std::to_string(trouble.more)}, {"marks", names}});
    case MarksTrouble::Kind::OnOneLine:
        return translator.say(ZOKRAN_WORDS("all marks lie on one line, so the head could turn about it; "
                                     "add one to the side, such as: {marks}"),
                        {{"marks", names}});
    case MarksTrouble::Kind::FarOff:
        return translator.say(ZOKRAN_WORDS("the mark \"{mark}\" lies nowhere near the picture"),
                        {{"mark", names}});
    case MarksTrouble::Kind::BadBall:
        return translator.say(
            ZOKRAN_WORDS("the ball needs a place near the picture and a radius above zero"));
    case MarksTrouble::Kind::FacesAway:
        return translator.say(ZOKRAN_WORDS("these marks fit a head that faces away; are left and right "
                                     "swapped? They are always the sitter's own"));
    case MarksTrouble::Kind::FewInBoth:
        return translator.say(ZOKRAN_WORDS(
            "at least two marks must be seen in both pictures, apart from each other"));
    case MarksTrouble::Kind::BallNotInBoth:
        return translator.say(
            ZOKRAN_WORDS("to hold the ball, lay it over both the reference and the sketch"));
    case MarksTrouble::Kind::NoHead:
        break;
    }
    return translator.say(ZOKRAN_WORDS("no head could be fitted to these marks"));
}

} // namespace

std::string wordsFor(const MarksTrouble& trouble, const Translator& translator) {
    const std::string text = sentence(trouble, translator);
    return trouble.inSketch
               ? translator.say(ZOKRAN_WORDS("in the sketch, {trouble}"), {{"trouble", text}})
               : text;
}

std::string wordsFor(const std::exception& error, const Translator& translator) {
    if (const auto* marks = dynamic_cast<const BadMarks*>(&error))
        return wordsFor(marks->trouble, translator);
    const std::string words = error.what();
    if (words.find("[json.exception") != std::string::npos || words.find("OpenCV(") != std::string::npos)
        return translator.say(ZOKRAN_WORDS("something in this file or picture is not as it should be"));
    return words;
}

} // namespace zokran
