#pragma once

#include "core/head/proportions.h"
#include "core/view/view.h"

#include <optional>

namespace zokran {

/// Where the marks of expression lie on a sitter's head (ball radii, head frame); nothing where that is not known.
using ExpressionPlaces = PerExpressionMark<std::optional<HeadPoint>>;

/// Where a picture shows them: each placed mark laid on to the skin of this head as `view` sees it, lids on the ball of
/// the eye. `view` and `head` must be a fit of the same picture.
ExpressionPlaces expressionPlaces(const MarkSheet& sheet, const View& view, const HeadMarks& head);

/// Where they lie on most people of these proportions: medians over photographs of people, see docs/sources.md.
PerExpressionMark<HeadPoint> usualExpressionPlaces(const HeadMarks& head);

} // namespace zokran
