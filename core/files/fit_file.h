#pragma once

#include "core/fit/fit.h"

#include <filesystem>
#include <string>

namespace zokran {

/// The text of a `zokran-fit` file.
std::string fitText(const Fit& fit);

/// Reads `zokran-fit`: the view, the pose and the sitter's marks, which is what guides need. Throws
/// BadInput naming the file and the cause.
Fit readFit(const std::filesystem::path& file);

} // namespace zokran
