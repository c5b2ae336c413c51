#pragma once

#include "core/compare/registration.h"
#include "core/fit/fit.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// What the learner wants held still while reference and sketch are laid over one another.
enum class Hold { All, Ball, Eyes, Page };

/// Hold from its word on the command line.
std::optional<Hold> holdNamed(std::string_view word);

/// How the comparison is made.
struct CompareOptions {
    Hold hold = Hold::All;
    std::optional<Millimetres> perPixel; ///< millimetres on the learner's paper per sketch pixel
};

/// Where a sketch's mark lies against where it belongs, along the head's own axes as drawn.
struct Placement {
    double up = 0;        ///< % of head height; above zero: drawn too high
    double across = 0;    ///< % of head height; above zero: drawn too far to the viewer's right
    double doubt = 0;     ///< % of head height, one standard deviation of the mark
    double eyeWidths = 0; ///< the whole distance in eye-widths
    std::optional<Millimetres> onPaper; ///< the whole distance on the learner's paper
    PicturePoint drawn{0, 0};           ///< sketch px
    PicturePoint belongs{0, 0};         ///< sketch px
};

enum class Severity { Fix, Watch, Fine };

/// One thing to say about a sketch.
struct Finding {
    std::string id;
    int rank = 0; ///< 1 comes first
    Severity severity = Severity::Fine;
    std::string text;
    std::string measure;     ///< the hand measurement that would have caught it; may be empty
    std::vector<Mark> marks; ///< the marks it speaks of
    bool structural = false; ///< mend before shading
};

/// What became of the reference in the sketch.
struct Comparison {
    Similarity registration; ///< from reference px to sketch px
    Pose referencePose;
    Pose sketchPose; ///< as the sketch reads, with the sitter's shape held
    PoseSpread sketchSigma;
    View sketchView;
    View registeredView;      ///< the reference's own view carried onto the sketch
    HeadMarks sitter;         ///< the head both are measured against
    double straightening = 0; ///< share of the reference's turn and tilt that the sketch has lost
    PerMark<std::optional<Placement>> placements;
    std::vector<Finding> findings; ///< in order of rank
};

/// Registers the sketch to the reference, reads the sketch's own pose with the sitter's shape held,
/// and tells pose drift from feature drift: starting from a faithful copy, the errors that explain
/// the marks best are admitted one at a time, each only while it explains more than the marks'
/// noise could. `reference` must be the fit of `referenceMarks`. Throws BadInput when the marks do
/// not suffice.
Comparison compareSketch(const MarkSheet& referenceMarks, const Fit& reference,
                         const MarkSheet& sketchMarks, const CompareOptions& options = {});

} // namespace zokran
