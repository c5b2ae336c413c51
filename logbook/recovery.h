#pragma once

#include "logbook/logbook.h"

#include <filesystem>

namespace zokran {

/// What became of a damaged logbook.
struct Recovery {
    int read = 0;                      ///< studies that could be read and are in the new file
    int lost = 0;                      ///< studies known of that could not
    std::filesystem::path damagedFile; ///< where the damaged file is kept, whole
};

/// Reads what can be read of the damaged logbook in `folder` into a new file that takes its place;
/// the damaged one is kept beside it under another name. Throws StorageError, changing nothing,
/// when nothing at all can be read or the new file cannot be written.
Recovery recover(const std::filesystem::path& folder);

} // namespace zokran
