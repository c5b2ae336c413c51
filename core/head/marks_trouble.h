#pragma once

#include "core/head/marks.h"

namespace zokran {

/// Why marks cannot be read. Said in words by core/messages/trouble_messages.h.
struct MarksTrouble {
    enum class Kind {
        TooFew,       ///< `more` marks are wanted; those in `marks` would serve
        OnOneLine,    ///< a head could turn about it; those in `marks` would tell
        FarOff,       ///< the first of `marks` lies nowhere near the picture
        BadBall,      ///< the ball has no place near the picture or no radius
        NoHead,       ///< no head looks like this
        FacesAway,    ///< only a head that faces away does: left and right are swapped
        FewInBoth,    ///< fewer than two marks are seen in reference and sketch alike
        BallNotInBoth ///< the ball is to be held and is not laid over both
    };
    Kind kind = Kind::TooFew;
    int more = 0;
    std::vector<Mark> marks = {};
    bool inSketch = false;
};

/// Thrown where marks cannot be read.
struct BadMarks : BadInput {
    explicit BadMarks(MarksTrouble t)
        : BadInput("the marks cannot be read"), trouble(std::move(t)) {}
    MarksTrouble trouble;
};

} // namespace zokran
