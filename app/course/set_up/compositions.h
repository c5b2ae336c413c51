#pragma once

#include "core/page/placing.h"

#include <vector>

namespace zokran {

/// A way of putting a head on a sheet, to be chosen from a thumbnail.
struct Composition {
    const char* name; ///< in English, for the phrasebook
    double share;     ///< of the paper's height from crown to chin
    double left, up;  ///< how far the head moves out of where it is put well, shares of the sheet
};
/// Three of them (common practice, no source).
const std::vector<Composition>& compositions();

/// The head put so on a sheet; `well`: the middle of where a head of this size is put well.
Placing composed(const Composition& composition, const Placing& placing, const PaperPoint& well);

} // namespace zokran
