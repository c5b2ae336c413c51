#pragma once

#include "core/compare/compare.h"
#include "core/compare/parts.h"
#include "core/construction/construction.h"
#include "core/fit/guess.h"
#include "core/head/marks.h"
#include "core/light/lighting.h"
#include "core/measure/kinds.h"
#include "core/page/framing.h"
#include "core/page/page.h"
#include "core/page/page_layout.h"

#include <algorithm>
#include <chrono>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace zokran {

/// Which of the two sheets on the bench.
enum class Side { Reference, Sketch };

/// One sketch of a head.
struct Sketch {
    std::string picture; ///< file name in the logbook's pictures folder
    SketchMarks marks;
    Page page;
    std::string drawn; ///< when, ISO 8601, UTC
    /// What looked wrong to the learner before anything was told, the biggest first; empty where they
    /// did not say, nothing while they have not been asked.
    std::optional<std::vector<Part>> selfAssessment = {};
    std::chrono::seconds took{0}; ///< of drawing; 0 where nobody kept the time
    bool operator==(const Sketch&) const = default;
};

/// Whether lengths and angles were measured by hand before a head was drawn, only when it was, or not at all.
enum class Measured { Unsaid, Before, After, Never };

/// How a drawing came about, in the learner's own words.
struct Diary {
    std::string materials; ///< pencil grade, charcoal, paper
    std::string mood;      ///< of the day, in a word
    std::string tags;      ///< words, a space between them
    Measured measured = Measured::Unsaid;
    bool operator==(const Diary&) const = default;
};

/// One head, seen and drawn: everything the learner put in. What follows from it (the fit, the
/// comparison) is computed again when a study is opened.
struct Study {
    std::string title;
    std::string sitter;
    std::string notes;
    std::string referencePicture; ///< file name in the logbook's pictures folder; may be empty
    PhotoMarks reference;
    std::vector<Sketch> sketches; ///< in the order they were drawn
    std::size_t current = 0;       ///< the attempt on the bench
    std::optional<Guess> guess;    ///< how the learner judged the reference before measuring
    Page nextPage;                 ///< of the sketch that comes next
    Hold hold = Hold::All;
    Tolerances tolerances; ///< from where on an error is worth mending
    std::string canon = "sitter";
    std::string form = "ball";
    std::string approach = "form";       ///< id of how the drawing is gone about
    FormLook look;                       ///< how the construction is wanted
    std::vector<Measurement> measures;   ///< laid on either sheet, in the order they were made
    std::vector<Anchor> unit; ///< the two ends of what counts as one; none: the nearer eye
    std::optional<PageLayout> pageLayout;    ///< where the head is to stand on the paper
    std::optional<Lighting> lighting;  ///< as the learner set it
    std::optional<Framing> framing;    ///< of the reference; nothing: framed by itself
    Diary diary;
    std::set<std::string> switchedLines; ///< ids of lines turned the other way than they come
    std::string step;                  ///< id of the step of the course where the learner was
    std::set<std::string> openedSteps; ///< ids of the steps that were opened with it

    /// The attempt on the bench; null before there is one.
    const Sketch* sketch() const {
        return current < sketches.size() ? &sketches[current] : nullptr;
    }
    Sketch* sketch() { return current < sketches.size() ? &sketches[current] : nullptr; }

    /// The marks of a side; of a sketch that is not there, none.
    const MarkSheet& marks(Side side) const {
        static const MarkSheet none;
        if (side == Side::Reference)
            return reference;
        return sketch() ? sketch()->marks : none;
    }
    /// Requires that there is a picture on that side.
    MarkSheet& marks(Side side) {
        if (side == Side::Reference)
            return reference;
        return sketches.at(current).marks;
    }
    std::string picture(Side side) const {
        if (side == Side::Reference)
            return referencePicture;
        return sketch() ? sketch()->picture : std::string();
    }
    bool operator==(const Study&) const = default;
};

} // namespace zokran
