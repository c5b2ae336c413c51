#include "logbook/logbook.h"

#include "core/base/atomic_file.h"
#include "core/files/marks_file.h"
#include "logbook/schema.h"
#include "logbook/study_columns.h"
#include "logbook/study_rows.h"
#include "logbook/study_words.h"

#include <chrono>
#include <cmath>
#include <fmt/chrono.h>
#include <fmt/format.h>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sstream>
#include <sys/stat.h>

namespace zokran {

namespace {

using Statement = Database::Statement;

constexpr const char *fileName = "logbook.sqlite", *picturesName = "pictures";

/// Whether something beside the logbook's place says that it was used: a backup, a file kept aside, a picture.
bool wasUsed(const std::filesystem::path& folder) {
    std::error_code ignored;
    for (const char* kept : {"backups", picturesName})
        if (std::filesystem::directory_iterator(folder / kept, ignored) != std::filesystem::directory_iterator())
            return true;
    for (const auto& entry : std::filesystem::directory_iterator(folder, ignored))
        if (const std::string name = entry.path().filename().string();
            name.starts_with("logbook-") && name.ends_with(".sqlite"))
            return true;
    return false;
}

/// The folder a logbook lies in, made where that is wanted.
std::filesystem::path prepared(const std::filesystem::path& folder, Database::Access access) {
    std::error_code error;
    if (access != Database::Access::Write)
        return folder;
    const auto file = folder / fileName;
    const bool isThere = std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0;
    if (!isThere && wasUsed(folder))
        throw MissingLogbook(fmt::format("{}: the logbook is gone from its place", file.string()));
    error.clear();
    std::filesystem::create_directories(folder / picturesName, error);
    if (error)
        throw StorageError(fmt::format("{}: {}", folder.string(), error.message()));
    return folder;
}

/// Device and number of a file; zeros where there is none.
std::pair<std::uint64_t, std::uint64_t> identityOf(const std::filesystem::path& file) {
    struct stat status {};
    if (::stat(file.c_str(), &status) != 0)
        return {};
    return {static_cast<std::uint64_t>(status.st_dev), static_cast<std::uint64_t>(status.st_ino)};
}

} // namespace

std::string now() {
    const auto time = std::chrono::system_clock::now();
    const auto ms =
        std::chrono::duration_cast<std::chrono::milliseconds>(time.time_since_epoch()).count() %
        1000;
    return fmt::format("{:%Y-%m-%dT%H:%M:%S}.{:03}Z",
                       fmt::gmtime(std::chrono::system_clock::to_time_t(time)), ms);
}

struct Logbook::PrivateCopy {
    std::filesystem::path folder;

    /// Throws StorageError.
    explicit PrivateCopy(const std::filesystem::path& file) {
        // In memory first: a disk that is full or may only be read is why it is only looked at.
        for (const std::filesystem::path& place : {std::filesystem::path("/dev/shm"), std::filesystem::temp_directory_path()}) {
            std::string name = (place / "zokran-look-XXXXXX").string();
            if (!::mkdtemp(name.data()))
                continue;
            folder = name;
            try {
                std::error_code error;
                for (const char* part : {"", "-wal"})
                    if (std::filesystem::exists(file.string() + part, error))
                        copyAtomically(file.string() + part, (folder / file.filename()).string() + part);
                const Database copy(folder / file.filename(), Database::Access::Write);
                copy.foldJournalIn();
                bringUpToDate(copy);
                return;
            } catch (const StorageError&) {
                remove();
            }
        }
        throw StorageError(fmt::format("{}: there is no room for the copy that looking at it takes", file.string()));
    }
    ~PrivateCopy() { remove(); }
    PrivateCopy(const PrivateCopy&) = delete;
    PrivateCopy& operator=(const PrivateCopy&) = delete;

    /// Null where the file shows everything by itself: it has no journal and is of this version.
    static std::shared_ptr<const PrivateCopy> where(const std::filesystem::path& file, Access access) {
        std::error_code error;
        if (access != Access::ReadOnly || !std::filesystem::exists(file, error))
            return nullptr;
        const auto journal = std::filesystem::file_size(file.string() + "-wal", error);
        const bool hasJournal = !error && journal > 0;
        const Database database(file, access);
        return hasJournal || versionOf(database) < schemaVersion() ? std::make_shared<const PrivateCopy>(file) : nullptr;
    }

private:
    void remove() const {
        std::error_code ignored;
        std::filesystem::remove_all(folder, ignored);
    }
};

Logbook::Logbook(const std::filesystem::path& folder, Access access)
    : folder_(prepared(folder, access)), access_(access), copy_(PrivateCopy::where(folder / fileName, access)),
      db_((copy_ ? copy_->folder : folder) / fileName, access) {
    if (access != Access::Write) {
        const int version = versionOf(db_);
        isInColumns_ = access == Access::Salvage && version == lastVersionInColumns();
        if (version != schemaVersion() && !isInColumns_)
            throw StorageError(fmt::format("{}: this logbook is of another version and would have "
                                           "to be brought up to date before it can be read",
                                           db_.file().string()));
        return;
    }
    db_.run("PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; ");
    {
        Statement check(db_, "PRAGMA quick_check(1)");
        check.next();
        if (check.text(0) != "ok")
            throw DamagedLogbook(fmt::format("{}: {}", db_.file().string(), check.text(0)));
    }
    bringUpToDate(db_);
    db_.run("PRAGMA foreign_keys = ON");
    identity_ = identityOf(db_.file());
}

void Logbook::requireInPlace() const {
    if (identityOf(db_.file()) != identity_)
        throw MissingLogbook(fmt::format("{}: the logbook is gone from its place", db_.file().string()));
}

void Logbook::copyTo(const std::filesystem::path& folder) const {
    std::error_code error;
    if (std::filesystem::exists(folder / fileName, error))
        throw StorageError(fmt::format("{}: there is a logbook already", folder.string()));
    std::filesystem::create_directories(folder / picturesName, error);
    if (error)
        throw StorageError(fmt::format("{}: {}", folder.string(), error.message()));
    for (const auto& entry : std::filesystem::directory_iterator(folder_ / picturesName, error))
        if (entry.is_regular_file(error))
            copyAtomically(entry.path(), folder / picturesName / entry.path().filename());
    Statement into(db_, "VACUUM INTO ?");
    into.bind((folder / fileName).string());
    into.next();
}

void Logbook::beginAnew(const std::filesystem::path& folder) {
    const Database empty(folder / fileName, Access::Write);
    bringUpToDate(empty);
}

namespace {

/// From the four corner coordinates of a framing and the picture's two sides, a JSON array of px; nothing where one is
/// missing or they make no frame.
std::optional<Framing> frameFrom(const std::string& numbers) {
    const auto json = nlohmann::json::parse(numbers, nullptr, false);
    if (!json.is_array() || json.size() != 6)
        return std::nullopt;
    for (const auto& number : json)
        if (!number.is_number() || !std::isfinite(number.get<double>()))
            return std::nullopt;
    const PicturePoint size(json[4].get<double>(), json[5].get<double>());
    if (size.minCoeff() < 1)
        return std::nullopt;
    const Framing px = within(
        {PhotoPoint(json[0].get<double>(), json[1].get<double>()), PhotoPoint(json[2].get<double>(), json[3].get<double>())},
        size.x(), size.y());
    return Framing{PhotoPoint(px.low.cwiseQuotient(size)), PhotoPoint(px.high.cwiseQuotient(size))};
}

} // namespace

std::vector<StudySummary> Logbook::studies(Shelved which) const {
    Statement s(db_, "SELECT study.id, title, sitter, reference_picture, changed, looked_at, attempt.picture, attempt.drawn, "
                     "words, attempt.figures, attempt.said = '', attempt.is_marked, "
                     // Most studies have no framing; their documents need not be read for the shelf.
                     "CASE WHEN instr(document, '\"framing\"') AND json_valid(document) THEN json_extract(document, "
                     "'$.reference.framing[0][0]', '$.reference.framing[0][1]', '$.reference.framing[1][0]', "
                     "'$.reference.framing[1][1]', '$.reference.marks.image.width', '$.reference.marks.image.height') END "
                     "FROM study "
                     "LEFT JOIN attempt ON attempt.study = study.id AND attempt.place = "
                     "(SELECT max(place) FROM attempt WHERE study = study.id) "
                     "WHERE put_away = ? ORDER BY changed DESC, study.id DESC");
    s.bind(static_cast<std::int64_t>(which == Shelved::PutAway));
    std::vector<StudySummary> all;
    while (s.next())
        all.push_back({s.integer(0), s.text(1), s.text(2), s.text(3), s.text(6), s.text(7), s.text(4), s.text(5), s.text(8),
                       s.text(9), s.integer(10) != 0, s.integer(11) != 0, frameFrom(s.text(12))});
    return all;
}

std::vector<StudyId> Logbook::studiesOf(const std::string& sitter) const {
    Statement s(db_, "SELECT id FROM study WHERE NOT put_away AND sitter = ? AND sitter <> '' "
                     "ORDER BY id");
    s.bind(sitter);
    std::vector<StudyId> all;
    while (s.next())
        all.push_back(s.integer(0));
    return all;
}

std::vector<StudyId> Logbook::allReadable() const {
    // From both ends, so that one bad page in the middle costs no more than itself.
    std::set<StudyId> ids;
    for (const char* order : {"ASC", "DESC"})
        try {
            Statement s(db_, fmt::format("SELECT id FROM study ORDER BY id {}", order));
            while (s.next())
                ids.insert(s.integer(0));
        } catch (const StorageError&) {
            // What lies beyond is reached from the other end.
        }
    return {ids.begin(), ids.end()};
}

std::optional<StudyId> Logbook::studyWithUid(const std::string& uid) const {
    Statement s(db_, "SELECT id FROM study WHERE uid = ?");
    s.bind(uid);
    return s.next() ? std::optional<StudyId>(s.integer(0)) : std::nullopt;
}

StudyId Logbook::insert(const std::string& uid, StudyId id) {
    Statement s(db_, "INSERT INTO study (id, title, uid) VALUES (nullif(?2, 0), '', CASE WHEN ?1 = '' THEN "
                     "lower(hex(randomblob(16))) ELSE ?1 END) RETURNING id");
    s.bind(uid).bind(id);
    s.next();
    const StudyId given = s.integer(0);
    s.next();
    return given;
}

StudyId Logbook::add(const Study& study, const std::string& made, const std::string& uid) {
    StoredStudy stored;
    stored.study = study;
    stored.uid = uid;
    stored.made = stored.changed = stored.lookedAt = made;
    return addStored(stored);
}

StudyId Logbook::addStored(const StoredStudy& stored, StudyId wanted) {
    Database::Transaction whole(db_);
    const StudyId id = insert(stored.uid, wanted);
    putStudy(db_, id, stored.study);
    const auto set = [&](const char* column, const std::string& value) {
        if (value.empty())
            return;
        Statement s(db_, fmt::format("UPDATE study SET {} = ? WHERE id = ?", column));
        s.bind(value).bind(id);
        s.next();
    };
    set("made", stored.made);
    set("changed", stored.changed);
    set("looked_at", stored.lookedAt);
    if (stored.putAway)
        putAway(id, true);
    whole.commit();
    return id;
}

std::int64_t Logbook::revisionOf(StudyId id) const {
    Statement s(db_, "SELECT revision FROM study WHERE id = ?");
    s.bind(id);
    return s.next() ? s.integer(0) : 0;
}

Saved Logbook::save(StudyId id, const Study& study, const Computed& computed,
                    std::int64_t revision) {
    requireInPlace();
    Database::Transaction whole(db_);
    const StoredStudy stored = load(id);
    Study asStored = study;
    asStored.step = stored.study.step;
    asStored.openedSteps = stored.study.openedSteps;
    asStored.current = stored.study.current;
    if (asStored == stored.study) {
        // Where the learner was is no change.
        if (!(study == stored.study))
            putStudy(db_, id, study);
        keepComputed(id, study.current, {computed.fit, {}, {}});
        whole.commit();
        return {id, stored.revision};
    }
    if (stored.revision != revision) {
        StoredStudy apart;
        apart.study = study;
        const StudyId other = addStored(apart);
        keepComputed(other, study.current, computed);
        const std::int64_t first = revisionOf(other);
        whole.commit();
        return {other, first, true};
    }
    putStudy(db_, id, study);
    keepComputed(id, study.current, computed);
    Statement s(db_, "UPDATE study SET revision = revision + 1, changed = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?");
    s.bind(id);
    s.next();
    const std::int64_t next = revisionOf(id);
    whole.commit();
    return {id, next};
}

void Logbook::keepComputed(StudyId id, std::size_t place, const Computed& computed) const {
    const auto keep = [&](const char* sql, const std::string& text) {
        if (text.empty())
            return;
        Statement s(db_, sql);
        s.bind(text).bind(id).bind(static_cast<std::int64_t>(place));
        s.next();
    };
    keep("UPDATE study SET fit = ?1 WHERE id = ?2 AND ?3 >= 0", computed.fit);
    keep("UPDATE attempt SET comparison = ?1 WHERE study = ?2 AND place = ?3", computed.comparison);
    keep("UPDATE attempt SET figures = ?1 WHERE study = ?2 AND place = ?3", computed.figures);
}

StoredStudy Logbook::load(StudyId id) const {
    Statement s(db_, "SELECT revision, uid, made, changed, looked_at, put_away FROM study WHERE id = ?");
    s.bind(id);
    if (!s.next())
        throw MissingStudy(fmt::format("{}: there is no study {}", folder_.string(), id));
    StoredStudy stored;
    stored.revision = s.integer(0);
    stored.uid = s.text(1);
    stored.made = s.text(2);
    stored.changed = s.text(3);
    stored.lookedAt = s.text(4);
    stored.putAway = s.integer(5) != 0;
    stored.study = isInColumns_ ? studyFromColumns(db_, id) : takeStudy(db_, id);
    return stored;
}

std::string Logbook::referenceMarks(StudyId id) const {
    const MarkSheet sheet = takeStudy(db_, id).reference;
    return sheet.width ? marksText(sheet) : std::string();
}

Computed Logbook::computed(StudyId id) const {
    Statement s(db_, "SELECT fit, comparison FROM study LEFT JOIN attempt "
                     "ON attempt.study = study.id AND attempt.place = study.current WHERE id = ?");
    s.bind(id);
    if (!s.next())
        return {};
    return {s.text(0), s.text(1)};
}

std::vector<Logbook::DrawnFigures> Logbook::drawnFigures() const {
    Statement s(db_, "SELECT study.id, attempt.place, sitter, drawn, figures, guess, said, took, attempt.picture "
                     "FROM attempt JOIN study ON study.id = attempt.study "
                     "WHERE NOT put_away ORDER BY drawn, study.id, attempt.place");
    std::vector<DrawnFigures> all;
    while (s.next())
        all.push_back({s.integer(0), static_cast<int>(s.integer(1)), s.text(2), s.text(3), s.text(4), s.text(5), s.text(6),
                       s.text(8), std::chrono::seconds(s.integer(7))});
    return all;
}

std::map<StudyId, Measured> Logbook::measuredWhen() const {
    // A document that cannot be read says nothing.
    Statement s(db_, "SELECT id, json_extract(CASE WHEN json_valid(document) THEN document ELSE '{}' END, '$.diary.measured') AS said "
                     "FROM study WHERE said IS NOT NULL");
    std::map<StudyId, Measured> all;
    while (s.next())
        all[s.integer(0)] = measuredFrom(s.text(1));
    return all;
}

void Logbook::keepFigures(StudyId study, int place, const std::string& figures) {
    Statement s(db_, "UPDATE attempt SET figures = ? WHERE study = ? AND place = ?");
    s.bind(figures).bind(study).bind(static_cast<std::int64_t>(place));
    s.next();
}

void Logbook::lookAt(StudyId id) {
    Statement s(db_, "UPDATE study SET looked_at = ? WHERE id = ?");
    s.bind(now()).bind(id);
    s.next();
}

void Logbook::putAway(StudyId id, bool away) {
    Statement s(db_, "UPDATE study SET put_away = ? WHERE id = ?");
    s.bind(static_cast<std::int64_t>(away)).bind(id);
    s.next();
}

void Logbook::erase(StudyId id) {
    std::vector<std::string> pictures;
    {
        Database::Transaction whole(db_);
        const Study study = load(id).study;
        pictures.push_back(study.referencePicture);
        for (const Sketch& a : study.sketches)
            pictures.push_back(a.picture);
        Statement gone(db_, "DELETE FROM study WHERE id = ?"); // and its sketches with it
        gone.bind(id);
        gone.next();
        // A picture that another study shows stays.
        std::erase_if(pictures, [&](const std::string& name) {
            Statement s(db_, "SELECT (SELECT count(*) FROM study WHERE reference_picture = ?1) + "
                             "(SELECT count(*) FROM attempt WHERE picture = ?1)");
            s.bind(name);
            s.next();
            return name.empty() || s.integer(0) > 0;
        });
        whole.commit();
    }
    // Only once nothing speaks of them: a picture too many is better than one too few.
    for (const std::string& name : pictures) {
        std::error_code ignored;
        std::filesystem::remove(picturePath(name), ignored);
        // The small copies the window keeps show the same person.
        if (name.empty())
            continue;
        std::vector<std::filesystem::path> copies;
        for (const auto& entry : std::filesystem::directory_iterator(folder_ / "thumbnails", ignored))
            if (entry.path().filename().string().starts_with(name + "."))
                copies.push_back(entry.path());
        for (const auto& copy : copies)
            std::filesystem::remove(copy, ignored);
    }
}

bool Logbook::isPutAway(StudyId id) const {
    Statement s(db_, "SELECT put_away FROM study WHERE id = ?");
    s.bind(id);
    return s.next() && s.integer(0);
}

std::string Logbook::keepPicture(const std::filesystem::path& file) {
    std::ifstream in(file, std::ios::binary);
    std::ostringstream bytes;
    bytes << in.rdbuf();
    if (!in)
        throw BadInput(fmt::format("{}: the file cannot be read", file.string()));
    return keepPictureBytes(file.filename().string(), bytes.str());
}

std::string Logbook::keepPictureBytes(const std::string& name, const std::string& bytes) {
    // The number it had before is not piled on.
    const std::size_t dash = name.find('-');
    const bool numbered = dash != std::string::npos && dash >= 4 &&
                          std::all_of(name.begin(), name.begin() + static_cast<std::ptrdiff_t>(dash),
                                      [](unsigned char c) { return c >= '0' && c <= '9'; });
    const std::string bare = plainFileName(numbered ? name.substr(dash + 1) : name);
    return writeUnderFreeName(
        folder_ / picturesName, [&](int number) { return fmt::format("{:04}-{}", number, bare); }, bytes);
}

std::filesystem::path Logbook::picturePath(const std::string& name) const {
    return folder_ / picturesName / name;
}

std::string Logbook::remembered(const std::string& key) const {
    Statement s(db_, "SELECT value FROM remembered WHERE key = ?");
    s.bind(key);
    return s.next() ? s.text(0) : "";
}

std::vector<std::pair<std::string, std::string>> Logbook::allRemembered() const {
    Statement s(db_, "SELECT key, value FROM remembered ORDER BY key");
    std::vector<std::pair<std::string, std::string>> all;
    while (s.next())
        all.emplace_back(s.text(0), s.text(1));
    return all;
}

void Logbook::remember(const std::string& key, const std::string& value) {
    Statement s(db_, "INSERT INTO remembered VALUES (?, ?) "
                     "ON CONFLICT (key) DO UPDATE SET value = excluded.value");
    s.bind(key).bind(value);
    s.next();
}

} // namespace zokran
