#pragma once

#include "core/practice/progress.h"

#include <string>

namespace zokran {

/// The text of a `zokran-progress` file.
std::string progressText(const Progress& progress);

/// The drawings themselves as comma-separated values (RFC 4180), one a line: when, the poses in degrees, each
/// mark's two numbers.
std::string progressTable(const std::vector<Drawing>& drawings);

} // namespace zokran
