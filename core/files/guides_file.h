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

/// The same as a moving drawing: the lines are put down one after another, `seconds` for all, and under them stands what is done
/// in each step (`steps`, the form's, as they are to be read). Style sheets of the file itself move it, so that browsers show it
/// without a script; where the desktop wants nothing to move, all of it stands there at once.
std::string movingGuidesSvg(const std::vector<GuideLine>& lines, Pixels radius, const std::vector<std::string>& steps,
                            int width, int height, double seconds);

} // namespace zokran
