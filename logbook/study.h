#pragma once

#include "core/compare/compare.h"
#include "core/fit/guess.h"
#include "core/head/marks.h"

#include <optional>
#include <set>
#include <string>

namespace zokran {

/// Which of the two sheets on the bench.
enum class Side { Seen, Drawn };

/// One head, seen and drawn: everything the learner put in. What follows from it (the fit, the
/// comparison) is computed again when a study is opened.
struct Study {
    std::string title;
    std::string sitter;
    std::string notes;
    std::string referencePicture; ///< file name in the logbook's pictures folder; may be empty
    std::string sketchPicture;
    MarkSheet reference, sketch;
    std::optional<Guess> guess; ///< how the learner judged the reference before measuring
    double paperWidthMm = 0; ///< width of the sketch's picture on the learner's paper; 0: not known
    Hold hold = Hold::All;
    std::string canon = "sitter";
    std::set<std::string> hiddenLines; ///< ids of guides switched off
    int step = 0;                      ///< of the course, where the learner was

    const MarkSheet& marks(Side side) const { return side == Side::Seen ? reference : sketch; }
    MarkSheet& marks(Side side) { return side == Side::Seen ? reference : sketch; }
    const std::string& picture(Side side) const {
        return side == Side::Seen ? referencePicture : sketchPicture;
    }
    std::string& picture(Side side) {
        return side == Side::Seen ? referencePicture : sketchPicture;
    }
    bool operator==(const Study&) const = default;
};

} // namespace zokran
