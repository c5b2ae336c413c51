#pragma once

#include "core/page/page_layout.h"

#include <vector>

namespace zokran {

/// A way of putting a head on a sheet, to be chosen from a thumbnail.
struct Composition {
    const char* name; ///< in English, to be translated
    double share;     ///< of the paper's height from crown to chin
    double left, up;  ///< how far the head moves out of where it is put well, shares of the sheet
};
/// Three of them (common practice, no source).
const std::vector<Composition>& compositions();

/// The head put so on a sheet; `well`: the middle of where a head of this size is put well.
PageLayout composed(const Composition& composition, const PageLayout& pageLayout, const PaperPoint& well);

} // namespace zokran
