#pragma once

#include "core/head/expression_places.h"
#include "core/view/view.h"

#include <string>
#include <vector>

namespace zokran {

/// The order in which a drawing is mended: what stands further down waits for what stands above.
enum class Tier { Page, Lean, Turn, Proportion, Spacing, Size };

/// What one unit of an error's amount is.
enum class AmountUnit { BallRadius, Share, Radian };

/// One way in which a drawing commonly goes wrong, as a displacement of the sitter's marks. Its
/// sentences stand in core/messages/structure_sentences.cpp, by its id.
struct ErrorMode {
    std::string id;
    Tier tier;
    AmountUnit unit;
    HeadMarks displacement; ///< per unit of the amount (ball radii, head frame)
    int freedoms = 1;       ///< 2 for a single misplaced mark; `second` is then its other axis
    HeadMarks second = {};
    /// What goes along of the features that move: lids with their eye, lips with the mouth, eyebrows with the brow.
    PerExpressionMark<HeadPoint> carried = {};
};

/// Every error looked for on this sitter, drawn from `view`. With `held`, where the registration is
/// taken from the page, the ball or the eyes, the size, place and lean of the whole count as
/// errors. Of errors that look alike on the marks at hand the one that stands earlier is told.
std::vector<ErrorMode> errorModes(const HeadMarks& sitter, const View& view, bool held,
                                  const ExpressionPlaces& expression = {});

} // namespace zokran
