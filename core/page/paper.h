#pragma once

#include "core/base/units.h"

#include <string>
#include <string_view>
#include <vector>

namespace zokran {

/// The size of a sheet of paper, upright or lying.
struct PaperSize {
    Millimetres width, height;
    bool operator==(const PaperSize&) const = default;
};

/// A sheet by its name (one of `paperNames`; with "-landscape" lying on its side) or as "WxH" in
/// millimetres. Throws BadInput with the names there are. A sizes: ISO 216; letter, legal, tabloid:
/// ANSI/ASME Y14.1; imperial 22 by 30 inches and the sketchbooks named by their inches: common
/// practice, no source.
PaperSize paperNamed(std::string_view name);

/// The names of the sheets there are.
std::vector<std::string_view> paperNames();

/// The name of a sheet, upright or with "-landscape"; "WxH" in whole millimetres where it has none.
std::string nameOf(const PaperSize& paper);

/// The sheet that a page with this width over height most likely is, turned as it lies: `usual` where
/// its sides agree within 4 %, and else the nearest in shape of those there are, the commonest first.
PaperSize likelyPaper(double aspect, const PaperSize& usual);

} // namespace zokran
