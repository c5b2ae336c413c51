#pragma once

#include "logbook/database.h"

#include <filesystem>
#include <string>
#include <vector>

namespace zokran {

/// Copies of a logbook's file, one a day, the last seven kept and the one with the most studies, in backups/ beside it.
/// Pictures are not copied: once kept they are never changed, and go only with a study that is deleted for good.

struct Backup {
    std::filesystem::path file;
    std::string day;         ///< YYYY-MM-DD by the clock of the day it was made, right or wrong
    int number = 0;          ///< in the order they were made; 0 for one of an earlier version, which has none
    int studies = 0;         ///< in it, put away or not
    std::int64_t saves = 0;  ///< how often a study in it was saved
    std::string changed;     ///< when one was last, ISO 8601, UTC, by the clock of then
    bool isReadable = false; ///< else the three above say nothing
};

/// Makes the copy of this day (YYYY-MM-DD) unless there is one; true when it was made. Safe while the logbook is
/// written to, and off the UI thread. Throws StorageError naming the file and the cause.
bool backUp(const std::filesystem::path& folder, const std::string& day);

/// The copies there are, the last made first, whatever the clock said; those that cannot be read last. Those without a
/// number come after the others, the one with the most saves first.
std::vector<Backup> backupsIn(const std::filesystem::path& folder);

/// Puts a copy in the logbook's place, in one step; what stood there is kept beside it under another name, which comes
/// back; empty where nothing stood there. Nothing may have the logbook open. Throws StorageError, and then the logbook
/// stands as it did.
std::filesystem::path restoreBackup(const std::filesystem::path& folder, const std::filesystem::path& backup);

/// Puts a complete logbook file in the place of the one in `folder`, which is kept as the first free one of
/// `<keptAs>-1.sqlite`, `<keptAs>-2.sqlite`...; `fresh` is gone then. For restoring and rescuing.
std::filesystem::path replaceLogbook(const std::filesystem::path& folder, const std::filesystem::path& fresh,
                                     const std::string& keptAs);

} // namespace zokran
