#pragma once

#include "core/head/marks.h"

#include <string_view>
#include <vector>

namespace zokran {

/// A part of the head whose marks depart from those of other heads together: a caricature's nose, a doll's eyes.
struct HeadRegion {
    std::string_view id; ///< in files
    const char* name;    ///< in English, to be translated: "the nose"
    std::vector<Mark> marks;
};
/// Every region; no mark is of two.
const std::vector<HeadRegion>& headRegions();

} // namespace zokran
