#pragma once

#include "logbook/logbook.h"

#include <functional>

namespace zokran {

/// Studies in one file to carry away or to keep safe (.zokran): a zip archive of `zokran-bundle.json`
/// ({"format":"zokran-bundle","version":2,"studies":<count>}), of `studies/0000001.json` and so on
/// ({"uid","made","changed","looked_at","put_away","study":{a zokran-study},"picture_names":{entry: name}}), and of the
/// pictures under pictures/, byte for byte as they came, equal ones once. In the first version the studies
/// were a list in `zokran-bundle.json`; it is read as well.

/// Told the share done, 0 to 1; returns false to stop.
using GoesOn = std::function<bool(double)>;

/// Writes studies to a bundle, in place of a file of that name only once it is whole. Stopped, it leaves
/// nothing behind and returns false. A picture that the logbook has lost is left out and told in `lost`, after its
/// study's title. Throws StorageError naming the file and the cause.
bool exportBundle(const Logbook& logbook, const std::vector<StudyId>& studies, const std::filesystem::path& file,
                  const GoesOn& goesOn = {}, std::vector<std::string>* lost = nullptr);

/// What became of the studies of a bundle.
struct Imported {
    std::vector<StudyId> taken; ///< new on the shelf
    int known = 0;              ///< there already, just so
    int apart = 0;              ///< of those taken: there already but changed here; both are kept
    std::vector<std::string> leftOut; ///< and why, in words
};

/// Takes the studies of a bundle in; one that is there already is not doubled. What is in stays in when it is
/// stopped. Throws StorageError where there is not room enough for its pictures, and BadInput naming the file and the cause where it is no bundle, is encrypted, or holds what no
/// bundle holds: names that lead out of it, entries larger than pictures are, or packed beyond belief.
Imported importBundle(Logbook& logbook, const std::filesystem::path& file, const GoesOn& goesOn = {});

/// The bytes of the first study's newest sketch, or of its reference; empty where there is none. Throws BadInput
/// as above.
std::string firstPictureIn(const std::filesystem::path& file);

} // namespace zokran
