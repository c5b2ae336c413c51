#include "logbook/logbook.h"

#include "core/base/atomic_file.h"
#include "core/files/guess_file.h"
#include "core/files/look_file.h"
#include "logbook/schema.h"
#include "logbook/stored.h"

#include <chrono>
#include <fmt/chrono.h>
#include <fmt/format.h>
#include <fstream>
#include <sstream>
#include <sys/stat.h>

namespace zokran {

namespace {

using Statement = Database::Statement;
constexpr const char* inMessages = "the logbook";

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
                for (const char* part : {"", "-wal"})
                    copyAtomically(file.string() + part, (folder / file.filename()).string() + part);
                Database(folder / file.filename(), Database::Access::Write).foldJournalIn();
                return;
            } catch (const StorageError&) {
                remove();
            }
        }
        throw StorageError(fmt::format("{}: there is no room to read its journal", file.string()));
    }
    ~PrivateCopy() { remove(); }
    PrivateCopy(const PrivateCopy&) = delete;
    PrivateCopy& operator=(const PrivateCopy&) = delete;

    /// Null where the file shows everything by itself.
    static std::shared_ptr<const PrivateCopy> where(const std::filesystem::path& file, Access access) {
        std::error_code error;
        const auto journal = std::filesystem::file_size(file.string() + "-wal", error);
        return access == Access::LookOnly && !error && journal > 0 ? std::make_shared<const PrivateCopy>(file) : nullptr;
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
        Statement version(db_, "PRAGMA user_version");
        version.next();
        if (version.integer(0) != schemaVersion())
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

std::vector<StudySummary> Logbook::studies(Shelved which) const {
    Statement s(db_, "SELECT study.id, title, sitter, reference_picture, changed, looked_at, "
                     "attempt.picture, attempt.drawn, "
                     "notes || ' ' || materials || ' ' || mood || ' ' || tags, attempt.figures, "
                     "attempt.said = '', instr(attempt.marks, '\"x\"') > 0 FROM study "
                     "LEFT JOIN attempt ON attempt.study = study.id AND attempt.place = "
                     "(SELECT max(place) FROM attempt WHERE study = study.id) "
                     "WHERE put_away = ? ORDER BY changed DESC, study.id DESC");
    s.bind(static_cast<std::int64_t>(which == Shelved::PutAway));
    std::vector<StudySummary> all;
    while (s.next())
        all.push_back({s.integer(0), s.text(1), s.text(2), s.text(3), s.text(6), s.text(7),
                       s.text(4), s.text(5), s.text(8), s.text(9), s.integer(10) != 0,
                       s.integer(11) != 0});
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
    write(id, stored.study, {});
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
    asStored.current = stored.study.current;
    if (asStored == stored.study) {
        if (!(study == stored.study)) {
            Statement s(db_, "UPDATE study SET at_step = ?, current = ? WHERE id = ?");
            s.bind(study.step).bind(static_cast<std::int64_t>(study.current)).bind(id);
            s.next();
        }
        if (this->computed(id).fit != computed.fit && !computed.fit.empty()) {
            Statement s(db_, "UPDATE study SET fit = ? WHERE id = ?");
            s.bind(computed.fit).bind(id);
            s.next();
        }
        whole.commit();
        return {id, stored.revision};
    }
    if (stored.revision != revision) {
        const StudyId apart = insert({});
        write(apart, study, computed);
        const std::int64_t first = revisionOf(apart);
        whole.commit();
        return {apart, first, true};
    }
    // What other sketches were compared with has changed.
    if (!(stored.study.reference == study.reference)) {
        Statement s(db_, "UPDATE attempt SET figures = '' WHERE study = ?");
        s.bind(id);
        s.next();
    }
    write(id, study, computed);
    const std::int64_t next = revisionOf(id);
    whole.commit();
    return {id, next};
}

void Logbook::write(StudyId id, const Study& study, const Computed& computed) const {
    Statement s(db_, "UPDATE study SET title = ?, sitter = ?, notes = ?, reference_picture = ?, "
                     "reference_marks = ?, next_page = ?, hold = ?, canon = ?, form = ?, "
                     "hidden_lines = ?, look = ?, tolerances = ?, measures = ?, placing = ?, "
                     "lighting = ?, framing = ?, materials = ?, mood = ?, tags = ?, measured = ?, at_step = ?, current = ?, "
                     "guess = ?, fit = ?, revision = revision + 1, "
                     "changed = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?");
    s.bind(study.title).bind(study.sitter).bind(study.notes).bind(study.referencePicture);
    s.bind(storedMarks(study.reference)).bind(storedPage(study.nextPage));
    s.bind(wordOf(study.hold)).bind(study.canon).bind(study.form).bind(joined(study.switchedLines));
    s.bind(study.look == FormLook() ? std::string() : lookText(study.look));
    s.bind(storedTolerances(study.tolerances)).bind(storedMeasures(study));
    s.bind(storedPlacing(study.placing)).bind(storedLighting(study.lighting));
    s.bind(storedFraming(study.framing));
    s.bind(study.diary.materials).bind(study.diary.mood).bind(study.diary.tags);
    s.bind(storedMeasured(study.diary.measured));
    s.bind(study.step).bind(static_cast<std::int64_t>(study.current));
    s.bind(study.guess ? guessText(*study.guess) : std::string());
    s.bind(computed.fit).bind(id);
    s.next();
    for (std::size_t i = 0; i < study.attempts.size(); ++i) {
        const Attempt& a = study.attempts[i];
        Statement put(db_, "INSERT INTO attempt (study, place, picture, marks, page, drawn, "
                           "comparison, said, took, figures) VALUES (?1, ?2, ?3, ?4, ?5, ?6, ?7, ?8, "
                           "?9, ?10) "
                           "ON CONFLICT (study, place) DO UPDATE SET picture = ?3, marks = ?4, "
                           "page = ?5, drawn = ?6, said = ?8, took = ?9, "
                           "comparison = CASE WHEN ?7 <> '' OR marks <> ?4 "
                           "THEN ?7 ELSE comparison END, figures = CASE WHEN ?10 <> '' OR marks <> ?4 "
                           "THEN ?10 ELSE figures END");
        put.bind(id).bind(static_cast<std::int64_t>(i)).bind(a.picture).bind(storedMarks(a.marks));
        put.bind(storedPage(a.page)).bind(a.drawn);
        put.bind(i == study.current ? computed.comparison : std::string());
        put.bind(storedSaid(a.said)).bind(static_cast<std::int64_t>(a.took.count()));
        put.bind(i == study.current ? computed.figures : std::string());
        put.next();
    }
    Statement rest(db_, "DELETE FROM attempt WHERE study = ? AND place >= ?");
    rest.bind(id).bind(static_cast<std::int64_t>(study.attempts.size()));
    rest.next();
}

StoredStudy Logbook::load(StudyId id) const {
    Statement s(db_, "SELECT title, sitter, notes, reference_picture, reference_marks, next_page, "
                     "hold, canon, form, hidden_lines, at_step, current, guess, revision, look, "
                     "tolerances, measures, placing, lighting, materials, mood, tags, framing, "
                     "uid, made, measured, changed, looked_at, put_away FROM study "
                     "WHERE id = ?");
    s.bind(id);
    if (!s.next())
        throw MissingStudy(fmt::format("{}: there is no study {}", folder_.string(), id));
    StoredStudy stored;
    Study& study = stored.study;
    study.title = s.text(0);
    study.sitter = s.text(1);
    study.notes = s.text(2);
    study.referencePicture = s.text(3);
    study.reference = loadedMarks(s.text(4));
    study.nextPage = loadedPage(s.text(5));
    study.hold = holdNamed(s.text(6)).value_or(Hold::All);
    study.canon = s.text(7);
    study.form = s.text(8);
    study.switchedLines = split(s.text(9));
    study.step = s.text(10);
    study.current = static_cast<std::size_t>(std::max<std::int64_t>(0, s.integer(11)));
    if (const std::string guess = s.text(12); !guess.empty())
        study.guess = parseGuess(guess, inMessages);
    stored.revision = s.integer(13);
    if (const std::string look = s.text(14); !look.empty())
        study.look = parseLook(look, inMessages);
    study.tolerances = loadedTolerances(s.text(15));
    loadMeasures(s.text(16), study);
    study.placing = loadedPlacing(s.text(17));
    study.lighting = loadedLighting(s.text(18));
    study.diary = {s.text(19), s.text(20), s.text(21), loadedMeasured(s.text(25))};
    study.framing = loadedFraming(s.text(22));
    stored.uid = s.text(23);
    stored.made = s.text(24);
    stored.changed = s.text(26);
    stored.lookedAt = s.text(27);
    stored.putAway = s.integer(28) != 0;
    Statement a(db_, "SELECT picture, marks, page, drawn, said, took FROM attempt WHERE study = ? "
                     "ORDER BY place");
    a.bind(id);
    while (a.next())
        study.attempts.push_back(
            {a.text(0), loadedMarks(a.text(1)), loadedPage(a.text(2)), a.text(3),
             loadedSaid(a.text(4)), std::chrono::seconds(std::max<std::int64_t>(0, a.integer(5)))});
    return stored;
}

std::string Logbook::referenceMarks(StudyId id) const {
    Statement s(db_, "SELECT reference_marks FROM study WHERE id = ?");
    s.bind(id);
    return s.next() ? s.text(0) : "";
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
    Statement s(db_, "SELECT study.id, attempt.place, sitter, drawn, figures, "
                     "CASE WHEN figures = '' THEN reference_marks ELSE '' END, "
                     "CASE WHEN figures = '' THEN marks ELSE '' END, guess, said, took, "
                     "attempt.picture FROM attempt JOIN study ON study.id = attempt.study "
                     "WHERE NOT put_away AND marks <> '' ORDER BY drawn, study.id, attempt.place");
    std::vector<DrawnFigures> all;
    while (s.next())
        all.push_back({s.integer(0), static_cast<int>(s.integer(1)), s.text(2), s.text(3), s.text(4),
                       s.text(5), s.text(6), s.text(7), s.text(8), s.text(10),
                       std::chrono::seconds(s.integer(9))});
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
        for (const Attempt& a : study.attempts)
            pictures.push_back(a.picture);
        for (const char* sql : {"DELETE FROM attempt WHERE study = ?", "DELETE FROM study WHERE id = ?"}) {
            Statement s(db_, sql);
            s.bind(id);
            s.next();
        }
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
