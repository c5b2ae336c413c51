#include "logbook/logbook.h"

#include "core/files/guess_file.h"
#include "core/files/json_file.h"
#include "core/files/marks_file.h"

#include <fmt/format.h>
#include <fmt/ranges.h>
#include <fstream>
#include <sqlite3.h>
#include <sstream>

namespace zokran {

namespace {

/// Each entry brings a logbook one version further; the version is SQLite's user_version.
constexpr const char* migrations[] = {
    R"(CREATE TABLE study (
        id INTEGER PRIMARY KEY,
        title TEXT NOT NULL,
        sitter TEXT NOT NULL DEFAULT '',
        notes TEXT NOT NULL DEFAULT '',
        reference_picture TEXT NOT NULL DEFAULT '',
        reference_marks TEXT NOT NULL DEFAULT '',
        sketch_picture TEXT NOT NULL DEFAULT '',
        sketch_marks TEXT NOT NULL DEFAULT '',
        paper_width_mm REAL NOT NULL DEFAULT 0,
        hold TEXT NOT NULL DEFAULT 'all',
        canon TEXT NOT NULL DEFAULT 'sitter',
        hidden_lines TEXT NOT NULL DEFAULT '',
        step INTEGER NOT NULL DEFAULT 0,
        fit TEXT NOT NULL DEFAULT '',
        comparison TEXT NOT NULL DEFAULT '',
        put_away INTEGER NOT NULL DEFAULT 0,
        made TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
        changed TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')));
       CREATE TABLE remembered (key TEXT PRIMARY KEY, value TEXT NOT NULL);)",
    R"(ALTER TABLE study ADD COLUMN guess TEXT NOT NULL DEFAULT '';)",
};

std::string joined(const std::set<std::string>& items) {
    return fmt::format("{}", fmt::join(items, " "));
}

std::set<std::string> split(const std::string& text) {
    std::istringstream in(text);
    std::set<std::string> items;
    for (std::string item; in >> item;)
        items.insert(item);
    return items;
}

/// Marks of a sheet whose picture has not come yet are not written.
std::string storedMarks(const MarkSheet& sheet) {
    return sheet.width ? marksText(sheet) : "";
}

MarkSheet loadedMarks(const std::string& text) {
    return text.empty() ? MarkSheet{} : parseMarks(text, "the logbook");
}

std::string_view holdWord(Hold hold) {
    for (std::string_view word : {"all", "ball", "eyes", "page"})
        if (holdNamed(word) == hold)
            return word;
    return "all";
}

} // namespace

void Logbook::Close::operator()(sqlite3* db) const {
    sqlite3_close(db);
}

/// A prepared statement; text goes in and comes out as std::string.
class Logbook::Statement {
public:
    Statement(const Logbook& book, const char* sql) : book_(book) {
        check(sqlite3_prepare_v2(book.db_.get(), sql, -1, &statement_, nullptr));
    }
    ~Statement() { sqlite3_finalize(statement_); }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;

    Statement& bind(std::string_view text) {
        check(sqlite3_bind_text(statement_, ++bound_, text.data(), static_cast<int>(text.size()),
                                SQLITE_TRANSIENT));
        return *this;
    }
    Statement& bind(std::int64_t number) {
        check(sqlite3_bind_int64(statement_, ++bound_, number));
        return *this;
    }
    Statement& bind(double number) {
        check(sqlite3_bind_double(statement_, ++bound_, number));
        return *this;
    }
    /// Moves to the next row; false when there is none.
    bool next() {
        const int result = sqlite3_step(statement_);
        if (result != SQLITE_ROW && result != SQLITE_DONE)
            check(result);
        return result == SQLITE_ROW;
    }
    std::string text(int column) const {
        const auto* t = reinterpret_cast<const char*>(sqlite3_column_text(statement_, column));
        return t ? t : "";
    }
    std::int64_t integer(int column) const { return sqlite3_column_int64(statement_, column); }
    double real(int column) const { return sqlite3_column_double(statement_, column); }

private:
    void check(int result) const {
        if (result != SQLITE_OK)
            throw BadInput(fmt::format("{}: {}", (book_.folder_ / "logbook.sqlite").string(),
                                       sqlite3_errmsg(book_.db_.get())));
    }
    const Logbook& book_;
    sqlite3_stmt* statement_ = nullptr;
    int bound_ = 0;
};

void Logbook::run(const char* sql) const {
    if (sqlite3_exec(db_.get(), sql, nullptr, nullptr, nullptr) != SQLITE_OK)
        throw BadInput(fmt::format("{}: {}", (folder_ / "logbook.sqlite").string(),
                                   sqlite3_errmsg(db_.get())));
}

Logbook::Logbook(const std::filesystem::path& folder) : folder_(folder) {
    std::error_code error;
    std::filesystem::create_directories(folder / "pictures", error);
    if (error)
        throw BadInput(fmt::format("{}: {}", folder.string(), error.message()));
    const std::string file = (folder / "logbook.sqlite").string();
    sqlite3* db = nullptr;
    const int result = sqlite3_open(file.c_str(), &db);
    db_.reset(db);
    if (result != SQLITE_OK)
        throw BadInput(fmt::format("{}: {}", file, sqlite3_errmsg(db)));
    sqlite3_busy_timeout(db, 2000);
    run("PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL;");
    migrate();
}

Logbook::~Logbook() = default;

void Logbook::migrate() {
    Statement version(*this, "PRAGMA user_version");
    version.next();
    const auto have = static_cast<std::size_t>(version.integer(0));
    if (have > std::size(migrations))
        throw BadInput(fmt::format("{}: this logbook was written by a newer Zokran",
                                   (folder_ / "logbook.sqlite").string()));
    for (std::size_t i = have; i < std::size(migrations); ++i)
        run(fmt::format("BEGIN; {} PRAGMA user_version = {}; COMMIT;", migrations[i], i + 1)
                .c_str());
}

std::vector<StudySummary> Logbook::studies() const {
    Statement s(*this, "SELECT id, title, sitter, reference_picture, sketch_picture, changed "
                       "FROM study WHERE NOT put_away ORDER BY changed DESC, id DESC");
    std::vector<StudySummary> all;
    while (s.next())
        all.push_back({s.integer(0), s.text(1), s.text(2), s.text(3), s.text(4), s.text(5)});
    return all;
}

std::vector<StudyId> Logbook::studiesOf(const std::string& sitter) const {
    Statement s(*this, "SELECT id FROM study WHERE NOT put_away AND sitter = ? AND sitter <> '' "
                       "ORDER BY id");
    s.bind(sitter);
    std::vector<StudyId> all;
    while (s.next())
        all.push_back(s.integer(0));
    return all;
}

StudyId Logbook::add(const Study& study, const std::string& made) {
    Statement s(*this, "INSERT INTO study (title) VALUES (?) RETURNING id");
    s.bind(study.title);
    s.next();
    const StudyId id = s.integer(0);
    s.next();
    save(id, study, {});
    if (!made.empty()) {
        Statement dated(*this, "UPDATE study SET made = ?1, changed = ?1 WHERE id = ?2");
        dated.bind(made).bind(id);
        dated.next();
    }
    return id;
}

void Logbook::save(StudyId id, const Study& study, const Computed& computed) {
    Statement s(*this,
                "UPDATE study SET title = ?, sitter = ?, notes = ?, reference_picture = ?, "
                "reference_marks = ?, sketch_picture = ?, sketch_marks = ?, paper_width_mm = ?, "
                "hold = ?, canon = ?, hidden_lines = ?, step = ?, guess = ?, fit = ?, "
                "comparison = ?, "
                "changed = strftime('%Y-%m-%dT%H:%M:%fZ', 'now') WHERE id = ?");
    s.bind(study.title).bind(study.sitter).bind(study.notes).bind(study.referencePicture);
    s.bind(storedMarks(study.reference)).bind(study.sketchPicture).bind(storedMarks(study.sketch));
    s.bind(study.paperWidthMm).bind(holdWord(study.hold)).bind(study.canon);
    s.bind(joined(study.hiddenLines)).bind(static_cast<std::int64_t>(study.step));
    s.bind(study.guess ? guessText(*study.guess) : std::string());
    s.bind(computed.fit).bind(computed.comparison).bind(id);
    s.next();
}

Study Logbook::load(StudyId id) const {
    Statement s(*this, "SELECT title, sitter, notes, reference_picture, reference_marks, "
                       "sketch_picture, sketch_marks, paper_width_mm, hold, canon, hidden_lines, "
                       "step, guess FROM study WHERE id = ?");
    s.bind(id);
    if (!s.next())
        throw BadInput(fmt::format("{}: there is no study {}", folder_.string(), id));
    Study study;
    study.title = s.text(0);
    study.sitter = s.text(1);
    study.notes = s.text(2);
    study.referencePicture = s.text(3);
    study.reference = loadedMarks(s.text(4));
    study.sketchPicture = s.text(5);
    study.sketch = loadedMarks(s.text(6));
    study.paperWidthMm = s.real(7);
    study.hold = holdNamed(s.text(8)).value_or(Hold::All);
    study.canon = s.text(9);
    study.hiddenLines = split(s.text(10));
    study.step = static_cast<int>(s.integer(11));
    if (const std::string guess = s.text(12); !guess.empty())
        study.guess = parseGuess(guess, "the logbook");
    return study;
}

Computed Logbook::computed(StudyId id) const {
    Statement s(*this, "SELECT fit, comparison FROM study WHERE id = ?");
    s.bind(id);
    if (!s.next())
        return {};
    return {s.text(0), s.text(1)};
}

void Logbook::putAway(StudyId id, bool away) {
    Statement s(*this, "UPDATE study SET put_away = ? WHERE id = ?");
    s.bind(static_cast<std::int64_t>(away)).bind(id);
    s.next();
}

std::string Logbook::keepPicture(const std::filesystem::path& file) {
    std::ifstream in(file, std::ios::binary);
    std::ostringstream bytes;
    bytes << in.rdbuf();
    if (!in)
        throw BadInput(fmt::format("{}: the file cannot be read", file.string()));
    for (int number = 1;; ++number) {
        const std::string name = fmt::format("{:04}-{}", number, file.filename().string());
        if (std::filesystem::exists(picturePath(name)))
            continue;
        writeAtomically(picturePath(name), bytes.str());
        return name;
    }
}

std::filesystem::path Logbook::picturePath(const std::string& name) const {
    return folder_ / "pictures" / name;
}

std::string Logbook::remembered(const std::string& key) const {
    Statement s(*this, "SELECT value FROM remembered WHERE key = ?");
    s.bind(key);
    return s.next() ? s.text(0) : "";
}

void Logbook::remember(const std::string& key, const std::string& value) {
    Statement s(*this, "INSERT INTO remembered VALUES (?, ?) "
                       "ON CONFLICT (key) DO UPDATE SET value = excluded.value");
    s.bind(key).bind(value);
    s.next();
}

} // namespace zokran
