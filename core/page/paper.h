#pragma once

#include "core/base/units.h"

#include <string_view>

namespace zokran {

/// The size of a sheet of paper, upright or lying.
struct PaperSize {
    Millimetres width, height;
    bool operator==(const PaperSize&) const = default;
};

/// A sheet by its name (A0 to A6, letter, legal, tabloid, imperial, half-imperial, quarter-imperial;
/// with "-landscape" lying on its side) or as "WxH" in millimetres. Throws BadInput with the names
/// there are. A sizes: ISO 216; the American ones: ANSI/ASME Y14.1; imperial 22 by 30 inches, common
/// practice.
PaperSize paperNamed(std::string_view name);

} // namespace zokran
