#pragma once

#include "core/fit/fit.h"

namespace zokran {

/// Throws BadMarks when the marks cannot be fitted: too few, on one line, far off, or not finite.
void requireFit(const MarkSheet& sheet);

} // namespace zokran
