#pragma once

#include "core/compare/compare.h"

#include <string>
#include <vector>

namespace zokran {

/// An error of the head's outline, which no mark stands for. An outline is not a place on the head but where it turns
/// from sight, so it is compared in the picture: carried from the photograph with the ball, whatever the drawn turn.
struct OutlineError {
    std::string id;
    DrawnLine line;
    AmountUnit unit;
    double amount, sigma;           ///< in `unit`, above zero: drawn too far out; one standard deviation
    std::vector<OutlineMove> moves; ///< of each point the line was laid through
};

/// Every error of the outline that can be measured, large or small: of the lines laid in both pictures.
/// `drawn`: the view the sketch reads as.
std::vector<OutlineError> outlineErrors(const PhotoMarks& reference, const Fit& fit, const SketchMarks& sketch,
                                        const View& drawn);

/// The lines of a block-in as curves on the head: where the centre line and the brow line run.
std::vector<HeadPoint> curveOf(DrawnLine line, const HeadMarks& sitter);

} // namespace zokran
