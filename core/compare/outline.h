#pragma once

#include "core/compare/compare.h"

#include <string>
#include <vector>

namespace zokran {

/// An error of the head's outline, which no mark stands for. An outline is not a place on the head but where it turns
/// from sight, so hair and neck are compared in the picture: carried from the photograph with the ball, whatever the drawn
/// turn. The outline of the face is laid on to its skin and turned with it.
struct OutlineError {
    std::string id;
    DrawnLine line;
    AmountUnit unit;
    double amount, sigma;           ///< in `unit`, above zero: drawn too far out; one standard deviation
    std::vector<OutlineMove> moves; ///< of each point of the line it speaks of
    int number = 0;             ///< of a run of straights: which straight or corner, from 1
    bool mendClockwise = false; ///< of a straight that is turned: which way to turn it back, as seen
};

/// Every error of the outline that can be measured, large or small: of the lines laid in both pictures. `noise`: one
/// standard deviation of a place in both pictures together, sketch px.
std::vector<OutlineError> outlineErrors(const PhotoMarks& reference, const Fit& fit, const SketchMarks& sketch,
                                        const Comparison& comparison, Pixels noise);

/// Where the points of a line laid over the photograph belong in the drawing, px: on the skin as the drawing is turned, or as
/// they are seen (`isOnSkin`).
std::vector<SketchPoint> expectedPlaces(DrawnLine line, const std::vector<PicturePoint>& onPhoto, const Fit& fit,
                                           const Comparison& comparison);

/// The lines of a block-in as curves on the head: where the centre line and the brow line run.
std::vector<HeadPoint> curveOf(DrawnLine line, const HeadMarks& sitter);

} // namespace zokran
