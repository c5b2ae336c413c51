#pragma once

#include "core/construction/construction.h"

#include <string>

namespace zokran {

/// The text of a `zokran-guides` file.
std::string guidesText(const std::string& canonId, std::string_view formId,
                       const std::vector<GuideLine>& lines, const Levels& levels);

/// The lines as an SVG picture of the given size in px: construction in red chalk, guides in a cool
/// ink, hidden pieces thinner and dashed.
std::string guidesSvg(const std::vector<GuideLine>& lines, int width, int height);

} // namespace zokran
