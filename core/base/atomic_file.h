#pragma once

#include "core/base/errors.h"

#include <filesystem>
#include <functional>
#include <string>
#include <string_view>

namespace zokran {

/// Writes a file so that a reader finds the old content or the new, and never a part, also after a power cut: into a
/// new file beside it, synchronized with the disk and renamed over it. A symbolic link is followed, and what is no
/// regular file (a device, a pipe) is written to as it is. Safe from several threads and programs at once; the last
/// one wins. Throws StorageError naming the file and the cause, and then the old content is still there unless only
/// the folder could not be synchronized.
void writeAtomically(const std::filesystem::path& file, std::string_view content);

/// Writes a new file in `folder` under a name that nobody else has: `nameOf(n)` for some n >= 1, which is claimed
/// before anything is written. Returns the name. Throws StorageError as above.
std::string writeUnderFreeName(const std::filesystem::path& folder, const std::function<std::string(int)>& nameOf,
                               std::string_view content);

/// Copies a file's bytes to a name that must be free or is replaced as a whole, and synchronizes it with the disk.
/// Throws StorageError naming the file at fault.
void copyAtomically(const std::filesystem::path& from, const std::filesystem::path& to);

/// Renames a file over another (or to a free name) and synchronizes the folder. Throws StorageError.
void renameOver(const std::filesystem::path& from, const std::filesystem::path& to);

/// The name as a part of a path that every file system takes: valid UTF-8 without control characters and separators,
/// and shortened to `longest` bytes, its extension kept.
std::string plainFileName(const std::string& name, std::size_t longest = 120);

} // namespace zokran
