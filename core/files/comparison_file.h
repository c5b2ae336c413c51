#pragma once

#include "core/compare/compare.h"

#include <string>

namespace zokran {

/// The text of a `zokran-comparison` file. `sketch` and `tolerances` are those that were compared; they tell which marks are
/// to be looked over.
std::string comparisonText(const Comparison& comparison, const SketchMarks& sketch, const Tolerances& tolerances);

} // namespace zokran
