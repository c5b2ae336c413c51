#pragma once

#include "core/construction/construction.h"

#include <string>

namespace zokran {

/// The text of a `zokran-guides` file: every line, and levels and widths in ball radii.
std::string guidesText(const std::string& canonId, std::string_view formId,
                       const std::vector<GuideLine>& lines, const Levels& levels,
                       const Widths& widths);

/// The lines as an SVG picture of the given size in px: construction in red chalk, guides in a cool
/// ink, hidden pieces thinner and dashed.
std::string guidesSvg(const std::vector<GuideLine>& lines, int width, int height);

} // namespace zokran
