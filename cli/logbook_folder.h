#pragma once

#include "logbook/logbook.h"

#include <memory>

namespace zokran::cli {

/// The folder of a logbook named by its folder or by the file in it. Throws BadInput where there is none: a
/// misspelt name must not make one.
std::filesystem::path logbookFolder(const std::string& named);

/// A logbook read without a change: beside a window that may be writing to it, or on a disk that may only be
/// read as it lies there.
std::unique_ptr<Logbook> openToRead(const std::string& named);

} // namespace zokran::cli
