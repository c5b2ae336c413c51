#pragma once

#include "logbook/logbook.h"

#include <functional>

namespace zokran {

/// Studies in one file to carry away or to keep safe (.zokran): a zip archive of `zokran-bundle.json`
/// ({"format":"zokran-bundle","version":1,"studies":[{"uid","made","put_away","study":{a zokran-study}},...]}) and
/// the pictures they speak of under pictures/, byte for byte as they came.

/// Told the share done, 0 to 1; returns false to stop.
using GoesOn = std::function<bool(double)>;

/// Writes studies to a bundle, in place of a file of that name only once it is whole. Stopped, it leaves
/// nothing behind and returns false. Throws StorageError naming the file and the cause.
bool exportBundle(const Logbook& logbook, const std::vector<StudyId>& studies,
                  const std::filesystem::path& file, const GoesOn& goesOn = {});

/// What became of the studies of a bundle.
struct Imported {
    std::vector<StudyId> taken; ///< new on the shelf
    int known = 0;              ///< there already, just so
    int apart = 0;              ///< of those taken: there already but changed here; both are kept
    std::vector<std::string> leftOut; ///< and why, in words
};

/// Takes the studies of a bundle in; one that is there already is not doubled. What is in stays in when it is
/// stopped. Throws BadInput naming the file and the cause where it is no bundle, is encrypted, or holds what no
/// bundle holds: names that lead out of it, entries larger than pictures are, or packed beyond belief.
Imported importBundle(Logbook& logbook, const std::filesystem::path& file, const GoesOn& goesOn = {});

/// The bytes of the first study's newest sketch, or of its reference; empty where there is none. Throws BadInput
/// as above.
std::string firstPictureIn(const std::filesystem::path& file);

} // namespace zokran
