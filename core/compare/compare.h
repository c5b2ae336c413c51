#pragma once

#include "core/compare/errors/error_modes.h"
#include "core/compare/registration.h"
#include "core/compare/tolerances.h"
#include "core/fit/fit.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// What the learner wants held still while reference and sketch are laid over one another.
enum class Hold { All, Ball, Eyes, Page };

/// Hold from its word on the command line.
std::optional<Hold> holdNamed(std::string_view word);
/// The word for it.
std::string_view wordOf(Hold hold);

/// How the comparison is made.
struct CompareOptions {
    Hold hold = Hold::All;
    std::optional<MillimetresPerPixel> perPixel = {}; ///< of the learner's paper, to a sketch pixel
    Tolerances tolerances = {};                  ///< what is worth mending
};

/// Where a sketch's mark lies against where it belongs, along the head's own axes as drawn: what is
/// left when the drawing's own pose is allowed for.
struct Placement {
    double up = 0;        ///< % of head height; above zero: drawn too high
    double across = 0;    ///< % of head height; above zero: drawn too far to the viewer's right
    double doubt = 0;     ///< % of head height, one standard deviation of the mark
    double eyeWidths = 0; ///< the whole distance in eye-widths
    std::optional<Millimetres> onPaper; ///< the whole distance on the learner's paper
    SketchPoint drawn;
    SketchPoint belongs; ///< on the head in the pose it was drawn in
};

enum class Severity { Fix, Watch, Fine };

/// How much a finding is about, in every unit it may be said in.
struct FindingFigures {
    double amount = 0; ///< in `unit`, above zero or below as the error goes
    AmountUnit unit = AmountUnit::BallRadius;
    double sigma = 0; ///< one standard deviation of the amount, in `unit`
    double percentOfHead = 0, eyeWidths = 0; ///< of a length
    std::optional<Millimetres> onPaper;      ///< of a length, foreshortened as drawn
    SketchPoint way;  ///< the mean way its marks are to go on the paper, sketch px
    /// Where the same marks are off in another direction as well, the mean rest of their way, sketch
    /// px, and how long that is.
    std::optional<SketchPoint> besides;
    double besidesPercent = 0; ///< of the head's height
    std::optional<Millimetres> besidesOnPaper;
    std::optional<Radians> rivalTurn; ///< of a shift across: the turn that explains the marks nearly as well
    std::string rivalShift;     ///< of a turn: the id of the shift that does
    int number = 0;             ///< of a run of straights: which straight or corner, from 1
    bool mendClockwise = false; ///< of a straight that is turned: which way to turn it back
    Radians lean;     ///< of the drawn head
    Radians seenTurn; ///< of the reference
    double scale = 1; ///< of the registration
};

/// Where a point of the outline was drawn, and where it belongs.
struct OutlineMove {
    SketchPoint drawn, belongs;
};

/// One thing to say about a sketch. Its sentences come from core/messages/finding_messages.h.
struct Finding {
    std::string id; ///< of an ErrorMode; or turn, tilt, all_in_place, registration
    int rank = 0;   ///< 1 comes first
    Severity severity = Severity::Fine;
    FindingFigures figures;
    std::vector<Mark> marks; ///< the marks it speaks of
    std::vector<ExpressionMark> expressionMarks; ///< and of the features that move
    std::optional<DrawnLine> line;    ///< of the outline, which it speaks of ...
    std::vector<OutlineMove> outline; ///< ... and its points
    bool structural = false; ///< mend before shading
    bool isExpression = false; ///< of the features that move, and told after their shape
    /// How far each mark it speaks of would go, sketch px, were only this mended.
    PerMark<std::optional<SketchPoint>> corrections;
    PerExpressionMark<std::optional<SketchPoint>> expressionCorrections;
};

/// What became of the reference in the sketch.
struct Comparison {
    Similarity registration; ///< from reference px to sketch px
    Pose referencePose;
    Pose sketchPose; ///< as the sketch reads, with the sitter's shape held
    PoseSpread sketchSigma;
    /// As it reads with the pose let loose. A drift too small to be told from what was seen shows here first.
    Pose loosePose;
    PoseSpread looseSigma;
    View sketchView;
    View registeredView;      ///< the reference's own view carried onto the sketch
    HeadMarks sitter;         ///< the head both are measured against
    ExpressionPlaces expressionOfSitter; ///< where the photograph shows the features that move on it
    double straightening = 0; ///< share of the reference's turn and tilt that the sketch has lost
    PerMark<std::optional<Placement>> placements;
    /// Of the features that move, each against its place on the head as drawn.
    PerExpressionMark<std::optional<Placement>> expressionPlacements;
    /// Where the head as drawn has those that the photograph shows.
    PerExpressionMark<std::optional<SketchPoint>> expressionExpected;
    /// Where the reference puts each placed mark, whatever the drawing's own pose.
    PerMark<std::optional<SketchPoint>> asSeen;
    std::vector<Finding> findings; ///< in order of rank
    std::vector<DrawnLine> linesCompared; ///< drawn lines that both sheets have
};

/// Registers the sketch to the reference, reads the sketch's own pose with the sitter's shape held,
/// and tells pose drift from feature drift: starting from a faithful copy, the errors that explain
/// the marks best are admitted one at a time, each only while it explains more than the marks'
/// noise could. `reference` must be the fit of `referenceMarks`. Throws BadMarks when the marks do
/// not suffice.
Comparison compareSketch(const PhotoMarks& referenceMarks, const Fit& reference,
                         const SketchMarks& sketchMarks, const CompareOptions& options = {});

/// The head the sketch shows: the sitter's, each placed mark moved in the plane of the picture to where
/// it was drawn. To be seen from the sketch's view.
HeadMarks drawnHead(const Comparison& comparison);

} // namespace zokran
