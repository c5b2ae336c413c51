#include "logbook/schema.h"

#include "core/base/atomic_file.h"
#include "logbook/study_columns.h"
#include "logbook/study_rows.h"

#include <fmt/format.h>
#include <vector>

namespace zokran {

namespace {

/// Each entry brings a logbook one version further; the version is SQLite's user_version. What has
/// been shipped is never changed.
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
    // Several sketches of one head, each with its page and its date; steps by name; the time of
    // looking apart from the time of changing; a count of changes, so that two windows notice one
    // another.
    R"(CREATE TABLE attempt (
        study INTEGER NOT NULL REFERENCES study (id),
        place INTEGER NOT NULL,
        picture TEXT NOT NULL,
        marks TEXT NOT NULL DEFAULT '',
        page TEXT NOT NULL DEFAULT '',
        drawn TEXT NOT NULL DEFAULT '',
        comparison TEXT NOT NULL DEFAULT '',
        PRIMARY KEY (study, place));
       INSERT INTO attempt (study, place, picture, marks, page, drawn, comparison)
        SELECT id, 0, sketch_picture, sketch_marks,
               CASE WHEN paper_width_mm > 0 THEN
                '{"format":"zokran-page","version":1,"shown_width_mm":' || paper_width_mm || '}'
                ELSE '' END,
               changed, comparison FROM study WHERE sketch_picture <> '';
       ALTER TABLE study ADD COLUMN current INTEGER NOT NULL DEFAULT 0;
       ALTER TABLE study ADD COLUMN form TEXT NOT NULL DEFAULT 'ball';
       ALTER TABLE study ADD COLUMN next_page TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN at_step TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN looked_at TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;
       UPDATE study SET looked_at = changed,
        next_page = CASE WHEN paper_width_mm > 0 THEN
         '{"format":"zokran-page","version":1,"shown_width_mm":' || paper_width_mm || '}'
         ELSE '' END,
        at_step = CASE step WHEN 0 THEN 'set-up' WHEN 1 THEN 'block-in' WHEN 2 THEN 'guides'
         WHEN 3 THEN 'draw' WHEN 4 THEN 'check' ELSE 'keep' END;
       ALTER TABLE study DROP COLUMN sketch_picture;
       ALTER TABLE study DROP COLUMN sketch_marks;
       ALTER TABLE study DROP COLUMN paper_width_mm;
       ALTER TABLE study DROP COLUMN step;
       ALTER TABLE study DROP COLUMN comparison;)",
    // How the construction is wanted: depth, hair, straights, push, a second canon. The list of lines
    // now holds those switched the other way than they come; the two plumbs, which used to come
    // switched on, leave it.
    R"(ALTER TABLE study ADD COLUMN look TEXT NOT NULL DEFAULT '';
       UPDATE study SET hidden_lines = trim(replace(replace(replace(' ' || hidden_lines || ' ',
        ' wing_plumb ', ' '), ' corner_plumb ', ' '), '  ', ' '));)",
    // Pages laid flat (in the page's text, which an older program would pass over), and what the learner
    // said of a sketch before the check: parts by name, "-" for nothing said, '' while not asked. Three
    // numbers for what is worth mending, '' for the usual ones; measurements, the unit
    // last among them.
    R"(ALTER TABLE attempt ADD COLUMN said TEXT NOT NULL DEFAULT '';
       UPDATE attempt SET said = '-';
       ALTER TABLE study ADD COLUMN tolerances TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN measures TEXT NOT NULL DEFAULT '';)",
    // Where the head is to stand on the paper, the light, the diary, the time a drawing took; the
    // answers of drills. Numbers with a space between them where one column holds several.
    R"(ALTER TABLE study ADD COLUMN placing TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN lighting TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN materials TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN mood TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN tags TEXT NOT NULL DEFAULT '';
       ALTER TABLE attempt ADD COLUMN took INTEGER NOT NULL DEFAULT 0;
       ALTER TABLE attempt ADD COLUMN figures TEXT NOT NULL DEFAULT '';
       CREATE TABLE drill (
        answered TEXT NOT NULL,
        kind TEXT NOT NULL,
        seed INTEGER NOT NULL,
        level INTEGER NOT NULL,
        off REAL NOT NULL,
        held INTEGER NOT NULL);)",
    // The part of the reference that is looked at, four numbers; what a study is called in every
    // logbook it is carried to.
    R"(ALTER TABLE study ADD COLUMN framing TEXT NOT NULL DEFAULT '';
       ALTER TABLE study ADD COLUMN uid TEXT NOT NULL DEFAULT '';
       UPDATE study SET uid = lower(hex(randomblob(16)));
       CREATE INDEX study_uid ON study (uid);)",
    // Whether it was measured before or after it was drawn, in a word.
    R"(ALTER TABLE study ADD COLUMN measured TEXT NOT NULL DEFAULT '';)",
    // A study as one document, a zokran-study, beside the few columns that are searched or listed; a sketch's row holds
    // what is listed of it and what was computed. `writeDocuments` moves the studies over.
    R"(DROP INDEX study_uid;
       ALTER TABLE study RENAME TO study_8;
       ALTER TABLE attempt RENAME TO attempt_8;
       CREATE TABLE study (
        id INTEGER PRIMARY KEY,
        uid TEXT NOT NULL DEFAULT '',
        document TEXT NOT NULL DEFAULT '',
        title TEXT NOT NULL DEFAULT '',
        sitter TEXT NOT NULL DEFAULT '',
        words TEXT NOT NULL DEFAULT '',
        reference_picture TEXT NOT NULL DEFAULT '',
        guess TEXT NOT NULL DEFAULT '',
        current INTEGER NOT NULL DEFAULT 0,
        fit TEXT NOT NULL DEFAULT '',
        put_away INTEGER NOT NULL DEFAULT 0,
        revision INTEGER NOT NULL DEFAULT 1,
        made TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
        changed TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
        looked_at TEXT NOT NULL DEFAULT '');
       CREATE INDEX study_uid ON study (uid);
       CREATE INDEX study_sitter ON study (sitter);
       CREATE TABLE attempt (
        study INTEGER NOT NULL REFERENCES study (id) ON DELETE CASCADE,
        place INTEGER NOT NULL,
        picture TEXT NOT NULL,
        drawn TEXT NOT NULL DEFAULT '',
        said TEXT NOT NULL DEFAULT '',
        took INTEGER NOT NULL DEFAULT 0,
        is_marked INTEGER NOT NULL DEFAULT 0,
        marks_key TEXT NOT NULL DEFAULT '',
        comparison TEXT NOT NULL DEFAULT '',
        figures TEXT NOT NULL DEFAULT '',
        PRIMARY KEY (study, place));
       CREATE INDEX attempt_picture ON attempt (picture);)",
};
/// The version whose studies lay in columns.
constexpr int lastInColumns = 8;

/// A picture whose name no document can hold (bytes that are no UTF-8) is kept under another as well.
void namePicturesPlainly(Study& study, const std::filesystem::path& pictures) {
    const auto name = [&](std::string& picture) {
        const std::string plain = plainFileName(picture, picture.size());
        std::error_code error;
        if (picture.empty() || plain == picture || !std::filesystem::exists(pictures / picture, error))
            return;
        if (!std::filesystem::exists(pictures / plain, error))
            copyAtomically(pictures / picture, pictures / plain);
        picture = plain;
    };
    name(study.referencePicture);
    for (Sketch& attempt : study.sketches)
        name(attempt.picture);
}

/// Moves every study from the columns into a document of its own.
void writeDocuments(const Database& database) {
    std::vector<std::int64_t> ids;
    {
        Database::Statement all(database, "SELECT id FROM study_8 ORDER BY id");
        while (all.next())
            ids.push_back(all.integer(0));
    }
    for (const std::int64_t id : ids) {
        Database::Statement insert(database, "INSERT INTO study (id, uid, fit, put_away, revision, made, changed, looked_at) "
                                             "SELECT id, uid, fit, put_away, revision, made, changed, looked_at "
                                             "FROM study_8 WHERE id = ?");
        insert.bind(id);
        insert.next();
        Study study = studyFromColumns(database, id, "_8");
        namePicturesPlainly(study, database.file().parent_path() / "pictures");
        putStudy(database, id, study);
        Database::Statement computed(
            database, "UPDATE attempt SET (comparison, figures) = (SELECT comparison, figures FROM attempt_8 AS old "
                      "WHERE old.study = attempt.study AND old.place = attempt.place) WHERE study = ?");
        computed.bind(id);
        computed.next();
    }
    database.run("DROP TABLE attempt_8; DROP TABLE study_8");
}

} // namespace

int lastVersionInColumns() {
    return lastInColumns;
}

int schemaVersion() {
    return static_cast<int>(std::size(migrations));
}

int versionOf(const Database& database) {
    Database::Statement version(database, "PRAGMA user_version");
    version.next();
    return static_cast<int>(version.integer(0));
}

void bringUpToDate(const Database& database) {
    const auto have = [&] { return versionOf(database); };
    // No program writes a version below zero: the file's header is damaged.
    if (have() < 0)
        throw DamagedLogbook(fmt::format("{}: its version is {}, which no logbook has", database.file().string(), have()));
    if (have() > schemaVersion())
        throw StorageError(fmt::format("{}: this logbook was written by a newer Zokran",
                                       database.file().string()));
    while (have() < schemaVersion()) {
        Database::Transaction step(database);
        // Another window may have been quicker.
        if (const int from = have(); from < schemaVersion()) {
            database.run(migrations[from]);
            if (from == lastInColumns)
                writeDocuments(database);
            database.run(fmt::format("PRAGMA user_version = {}", from + 1));
        }
        step.commit();
    }
}

} // namespace zokran
