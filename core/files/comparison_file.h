#pragma once

#include "core/compare/compare.h"

#include <string>

namespace zokran {

/// The text of a `zokran-comparison` file.
std::string comparisonText(const Comparison& comparison);

} // namespace zokran
