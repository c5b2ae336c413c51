#pragma once

#include "logbook/database.h"
#include "logbook/study.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <map>
#include <string>
#include <vector>

namespace zokran {

using StudyId = std::int64_t;

/// A study as the shelf shows it. Times are ISO 8601, UTC.
struct StudySummary {
    StudyId id = 0;
    std::string title, sitter, referencePicture, sketchPicture; ///< of the last sketch
    std::string drawn;    ///< when the last sketch came in; empty before there is one
    std::string changed;  ///< when something was last changed
    std::string lookedAt; ///< when it last lay on the bench
    std::string words;    ///< notes and diary, in which it may be found
    std::string figures;  ///< of the last sketch, for progress; empty while not computed
    bool unsaid = false;  ///< a last sketch of which the learner has said nothing yet, nor been told
    bool marked = false;  ///< something is marked in it
    /// The head chosen in the photograph, in shares of its width and height; nothing: all of it.
    std::optional<Framing> frame = {};
};

/// What was computed from a study, kept beside it in the open formats of the command line so that
/// other programs can read the logbook. Empty where there is nothing yet.
struct Computed {
    std::string fit, comparison; ///< the comparison of the attempt on the bench
    std::string figures = {};    ///< of that attempt, for progress
};

/// A study as it lies in the logbook, and how often it has been changed there.
struct StoredStudy {
    Study study;
    std::int64_t revision = 0;
    std::string uid = {};  ///< the same in every logbook it is carried to
    /// When it was made, last changed and last on the bench, ISO 8601, UTC.
    std::string made = {}, changed = {}, lookedAt = {};
    bool putAway = false;
};

/// What became of a save.
struct Saved {
    StudyId id = 0; ///< another than asked for when it was kept apart
    std::int64_t revision = 0;
    bool keptApart = false; ///< somebody else changed the study meanwhile; both are kept
};

/// The learner's logbook: one SQLite file and one folder of pictures. Every save is a transaction;
/// a program killed at any moment leaves the last save whole. Pictures are kept as the files they
/// came as. A failure of the disk or the file throws StorageError naming the file and the cause,
/// and leaves what was stored as it was.
class Logbook {
public:
    using Access = Database::Access;

    /// Opens the logbook in `folder`, making it on first use and bringing an older one up to date.
    /// Throws DamagedLogbook when a page of the file cannot be read; then `recover` may help. Throws MissingLogbook where
    /// the file is gone or empty and what lies beside it tells that there was one. With
    /// `ReadOnlyShared` and `ReadOnly` nothing is checked or written, and every change throws.
    explicit Logbook(const std::filesystem::path& folder, Access access = Access::Write);

    /// Begins an empty logbook where one is missing, because the learner wants it so.
    static void beginAnew(const std::filesystem::path& folder);

    /// Copies everything into another folder, which must hold no logbook; also where the file is gone from its own
    /// folder and is held only by being open. Pictures that are gone are left out. Throws StorageError.
    void copyTo(const std::filesystem::path& folder) const;

    const std::filesystem::path& folder() const { return folder_; }
    bool isReadOnly() const { return access_ != Access::Write; }

    /// The studies on the shelf, or those put away, the last changed first.
    enum class Shelved { OnShelf, PutAway };
    std::vector<StudySummary> studies(Shelved which = Shelved::OnShelf) const;
    /// The studies not put away of this sitter, oldest first; none for a sitter without a name.
    std::vector<StudyId> studiesOf(const std::string& sitter) const;
    /// Every study, put away or not, oldest first, as far as the file can be read.
    std::vector<StudyId> allReadable() const;

    /// `made`: when it was drawn, ISO 8601, UTC; now when empty. `uid`: of a study that comes from another
    /// logbook; a new one when empty.
    StudyId add(const Study& study, const std::string& made = {}, const std::string& uid = {});
    /// Adds a study with the dates it has, as from another logbook; a new uid where it has none. `id`: its number,
    /// which must be free; 0: the next.
    StudyId addStored(const StoredStudy& stored, StudyId id = 0);
    std::optional<StudyId> studyWithUid(const std::string& uid) const;
    /// Saves a study of which `revision` was the last one known. Writes nothing when nothing has
    /// changed; where the learner was in it is no change. When another window has changed it
    /// meanwhile, this one is kept apart as a study of its own. Throws MissingStudy where it has been deleted, and
    /// MissingLogbook where the file is no longer in its folder: what is written then is lost with it.
    Saved save(StudyId id, const Study& study, const Computed& computed, std::int64_t revision);
    /// Throws MissingStudy when there is none of this number.
    StoredStudy load(StudyId id) const;
    /// The reference's marks alone, as stored; empty before there are any.
    std::string referenceMarks(StudyId id) const;
    Computed computed(StudyId id) const;
    /// A sketch as progress reads it; `figures` were computed of it and are empty while they are not known.
    struct DrawnFigures {
        StudyId study = 0;
        int place = 0; ///< which attempt
        std::string sitter, drawn, figures, guess, selfAssessment, picture;
        std::chrono::seconds took{0};
    };
    /// Every sketch of the studies not put away, oldest first.
    std::vector<DrawnFigures> drawnFigures() const;
    /// When was measured, of the studies that say so. Every document is read for it.
    std::map<StudyId, Measured> measuredWhen() const;
    void keepFigures(StudyId study, int place, const std::string& figures);

    /// An answer to a drill.
    struct DrillAnswer {
        /// When, ISO 8601, UTC; and the id of the drill, after "own:" where it asked of the learner's own study.
        std::string answered, kind;
        std::int64_t seed = 0; ///< of an own study's: 100 times its number, and which of its tasks
        int level = 1;
        double off = 0;    ///< how far off, in the drill's own unit
        bool held = false; ///< near enough
    };
    void keepAnswer(const DrillAnswer& answer);
    void takeBack(const DrillAnswer& answer);
    std::vector<DrillAnswer> drillAnswers() const; ///< oldest first
    std::vector<DrillAnswer> readableAnswers() const; ///< as far as the file can be read

    /// Notes that a study was laid on the bench.
    void lookAt(StudyId id);

    /// Takes a study off the shelf, or puts it back. Nothing is erased.
    void putAway(StudyId id, bool away);
    bool isPutAway(StudyId id) const;
    /// Deletes a study for good, with its sketches and those pictures that no other study shows. Throws
    /// BadInput when there is none of this number.
    void erase(StudyId id);

    /// Copies a picture into the logbook, byte for byte, and returns the name it has there: its own, made fit for every
    /// file system, with a number that nobody else claimed. Throws BadInput when the file cannot be read.
    std::string keepPicture(const std::filesystem::path& file);
    /// The same from bytes; `name` as it was called before, here or in another logbook.
    std::string keepPictureBytes(const std::string& name, const std::string& bytes);
    std::filesystem::path picturePath(const std::string& name) const;

    /// Everything done while it lives is on the disk at once, or not at all when `commit` is not reached.
    Database::Transaction transaction() const { return Database::Transaction(db_); }

    /// Small things remembered between sittings, such as the study last open.
    std::string remembered(const std::string& key) const;
    void remember(const std::string& key, const std::string& value);
    std::vector<std::pair<std::string, std::string>> allRemembered() const;

private:
    /// Throws MissingLogbook where another file, or none, is in the place of the one that is open.
    void requireInPlace() const;
    StudyId insert(const std::string& uid, StudyId id = 0);
    /// What was computed of the study and of its sketch at `place`; what is empty stays as it is.
    void keepComputed(StudyId id, std::size_t place, const Computed& computed) const;
    std::int64_t revisionOf(StudyId id) const;

    /// A private copy to look at where the file itself cannot show what lies in its journal; gone with this.
    struct PrivateCopy;
    std::filesystem::path folder_;
    Access access_;
    std::shared_ptr<const PrivateCopy> copy_;
    Database db_;
    bool isInColumns_ = false; ///< of a version whose studies lay in columns, opened to be salvaged
    /// The file that was opened: its device and number there.
    std::pair<std::uint64_t, std::uint64_t> identity_;
};

/// The moment, ISO 8601 with milliseconds, UTC.
std::string now();

} // namespace zokran
