#pragma once

#include "logbook/database.h"

#include <filesystem>
#include <string>
#include <vector>

namespace zokran {

/// Copies of a logbook's file, one a day, the last seven kept, in backups/ beside it. Pictures are not copied:
/// once kept they are never changed, and go only with a study that is deleted for good.

/// Makes the copy of this day (YYYY-MM-DD) unless it is there; true when it was made. Safe while the logbook is
/// written to, and off the UI thread. Throws StorageError naming the file and the cause.
bool backUp(const std::filesystem::path& folder, const std::string& day);

/// The copies there are, the latest first.
std::vector<std::filesystem::path> backupsIn(const std::filesystem::path& folder);

/// Puts a copy in the logbook's place; what stood there is kept beside it under another name, which comes back.
/// Nothing may have the logbook open. Throws StorageError, and then the logbook stands as it did.
std::filesystem::path restoreBackup(const std::filesystem::path& folder, const std::filesystem::path& backup);

} // namespace zokran
