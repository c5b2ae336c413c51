#pragma once

#include "logbook/study.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <optional>
#include <string>
#include <vector>

struct sqlite3;

namespace zokran {

using StudyId = std::int64_t;

/// A study as the shelf shows it.
struct StudySummary {
    StudyId id = 0;
    std::string title, sitter, referencePicture, sketchPicture;
    std::string changed; ///< ISO 8601, UTC
};

/// What was computed from a study, kept beside it in the open formats of the command line so that
/// other programs can read the logbook. Empty where there is nothing yet.
struct Computed {
    std::string fit, comparison;
};

/// The learner's logbook: one SQLite file and one folder of pictures. Every save is a transaction;
/// a program killed at any moment leaves the last save whole. Pictures are kept as the files they
/// came as. Every failure throws BadInput naming the file and the cause, and leaves what was stored
/// as it was.
class Logbook {
public:
    /// Opens the logbook in `folder`, making it on first use and bringing an older one up to date.
    explicit Logbook(const std::filesystem::path& folder);
    ~Logbook();

    /// The studies not put away, the last changed first.
    std::vector<StudySummary> studies() const;
    /// The studies not put away of this sitter, oldest first; none for a sitter without a name.
    std::vector<StudyId> studiesOf(const std::string& sitter) const;
    /// `made`: when it was drawn, ISO 8601, UTC; now when empty.
    StudyId add(const Study& study, const std::string& made = {});
    void save(StudyId id, const Study& study, const Computed& computed);
    Study load(StudyId id) const;
    Computed computed(StudyId id) const;

    /// Takes a study off the shelf, or puts it back. Nothing is erased.
    void putAway(StudyId id, bool away);

    /// Copies a picture into the logbook, byte for byte, and returns the name it has there.
    std::string keepPicture(const std::filesystem::path& file);
    std::filesystem::path picturePath(const std::string& name) const;

    /// Small things remembered between sittings, such as the study last open.
    std::string remembered(const std::string& key) const;
    void remember(const std::string& key, const std::string& value);

private:
    class Statement;
    void run(const char* sql) const;
    void migrate();

    struct Close {
        void operator()(sqlite3* db) const;
    };
    std::filesystem::path folder_;
    std::unique_ptr<sqlite3, Close> db_;
};

} // namespace zokran
