#pragma once

#include "core/head/head_shape.h"
#include "core/view/view.h"

#include <string>
#include <vector>

namespace zokran {

/// The order in which a drawing is mended: what stands further down waits for what stands above.
enum class Tier { Page, Lean, Turn, Proportion, Spacing, Size };

/// What one unit of an error's amount is.
enum class AmountUnit { BallRadius, Share, Radian };

/// One way in which a drawing commonly goes wrong, as a displacement of the sitter's marks.
struct ErrorMode {
    std::string id;
    Tier tier;
    AmountUnit unit;
    HeadMarks displacement; ///< per unit of the amount (ball radii, head frame)
    int freedoms = 1; ///< 2 for a mark that strays on its own; `second` is then its other axis
    HeadMarks second;
    std::string more;    ///< what to say when the amount is above zero; `{}` takes how much
    std::string less;    ///< and below
    std::string measure; ///< the hand measurement that would have caught it
};

/// Every error looked for on this sitter, drawn from `view`. With `held`, where the registration is
/// taken from the page, the ball or the eyes, the size, place and lean of the whole count as
/// errors.
std::vector<ErrorMode> errorModes(const HeadMarks& sitter, const View& view, bool held);

} // namespace zokran
