#include "core/fit/fit.h"
#include "logbook/backup.h"
#include "logbook/logbook.h"
#include "logbook/recovery.h"
#include "logbook/schema.h"
#include "tests/folder.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <csignal>
#include <fmt/format.h>
#include <fstream>
#include <sqlite3.h>
#include <sstream>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace zokran;
using namespace zokran::test;

namespace {

Study exampleStudy() {
    Study s;
    s.title = "Vorübung – Ångström's cast";
    s.sitter = "Halcyon";
    s.notes = "line one\nline two; DROP TABLE study; 'quoted'";
    s.referencePicture = "0001-a.jpg";
    s.reference = sheetOf(adultHeads().mean, viewAt(pose(20, 10, 5)));
    s.reference.ball = BallCircle{{1, 2}, {3}};
    Sketch first;
    first.picture = "0002-b.jpg";
    first.marks = static_cast<const MarkSheet&>(s.reference);
    first.marks.marks[Mark::Chin] = PlacedMark{std::nullopt, true};
    first.page.shownWidth = Millimetres{210};
    first.drawn = "2026-10-01T18:30:00.000Z";
    Sketch second = first;
    second.picture = "0003-c.jpg";
    second.page = {};
    second.page.flat = PageRectification{{SketchPoint(10.25, 20), {900, 30}, {910, 1300}, {-5, 1290}},
                                {{210}, {297}}, 1000, 1400, true};
    second.selfAssessment = {Part::Mouth, Part::Turn};
    second.took = std::chrono::seconds(1234);
    s.sketches = {first, second};
    s.current = 1;
    s.nextPage.shownWidth = Millimetres{297};
    s.hold = Hold::Eyes;
    s.tolerances = {2.5, 4, {7.25}};
    s.measures = {{"angle", {{Mark::Brow, {0, 0}}, {std::nullopt, {12.5, 30}}}, true},
                  {"plumb", {{Mark::Chin, {0, 0}}}, false}};
    s.measures[0].name = "eye axis";
    s.measures[0].guessed = 12.5;
    s.pageLayout = PageLayout{{{420}, {297}}, {20}, {145.5}, PaperPoint(200.25, 140)};
    s.lighting = Lighting{{{-0.5}, {0.75}}, SecondLight{{{1.25}, {-0.1}}, 0.3}, 3};
    s.diary = {"2B, grey paper", "calm", "evening harbour", Measured::After};
    s.unit = {{Mark::Brow, {0, 0}}, {Mark::Chin, {0, 0}}};
    s.canon = "thirds";
    s.switchedLines = {"neck", "jaw_line"};
    s.look.detail = Detail::Head;
    s.look.hair = BallRadii{0.3};
    s.look.over = "halves";
    s.step = "check";
    s.form = "ball";
    return s;
}

Study titled(const std::string& title, const std::string& notes = {}) {
    Study s;
    s.title = title;
    s.notes = notes;
    return s;
}

} // namespace

TEST_CASE("A study comes back as it was saved, also after reopening") {
    Folder folder;
    StudyId id = 0;
    {
        Logbook book(folder.path);
        id = book.add(exampleStudy());
        Study changed = exampleStudy();
        changed.notes += "!";
        book.save(id, changed, {"{fit}", "{comparison}"}, book.load(id).revision);
        book.save(id, exampleStudy(), {"{fit}", "{comparison}"}, book.load(id).revision);
        CHECK(book.load(id).study == exampleStudy());
    }
    Logbook book(folder.path);
    CHECK(book.load(id).study == exampleStudy());
    CHECK(book.computed(id).fit == "{fit}");
    CHECK(book.computed(id).comparison == "{comparison}");
    REQUIRE(book.studies().size() == 1);
    CHECK(book.studies()[0].sitter == "Halcyon");
    CHECK(book.studies()[0].changed.size() == 24);
    CHECK_THROWS_WITH(book.load(77), Catch::Contains("77"));
}

TEST_CASE("The last changed study comes first, and one put away can be put back") {
    Folder folder;
    Logbook book(folder.path);
    const StudyId a = book.add(titled("a")), b = book.add(titled("b"));
    ::usleep(3000);
    book.save(a, titled("a, changed"), {}, book.load(a).revision);
    REQUIRE(book.studies().size() == 2);
    CHECK(book.studies()[0].id == a);
    book.putAway(a, true);
    REQUIRE(book.studies().size() == 1);
    CHECK(book.studies()[0].id == b);
    book.putAway(a, false);
    CHECK(book.studies().size() == 2);
}

TEST_CASE("The shelf knows which head of a photograph a study is about") {
    Folder folder;
    Logbook book(folder.path);
    Study study = exampleStudy();
    study.framing.reset();
    book.add(study);
    study.framing = Framing{{0.25 * study.reference.width, 0.5 * study.reference.height},
                            {0.75 * study.reference.width, 1.0 * study.reference.height}};
    const StudyId framed = book.add(study);
    for (const StudySummary& one : book.studies()) {
        if (one.id != framed) {
            CHECK_FALSE(one.frame);
            continue;
        }
        REQUIRE(one.frame);
        CHECK((one.frame->low - PhotoPoint(0.25, 0.5)).norm() < 1e-9);
        CHECK((one.frame->high - PhotoPoint(0.75, 1)).norm() < 1e-9);
    }
}

TEST_CASE("A study that is erased takes its photographs with it, small copies too") {
    Folder folder;
    Logbook book(folder.path);
    const auto keep = [&](const std::string& name) {
        std::ofstream(folder.path / (name + ".jpg")) << name;
        return book.keepPicture(folder.path / (name + ".jpg"));
    };
    Study one = exampleStudy(), other;
    one.sketches.clear();
    one.referencePicture = keep("one");
    other.referencePicture = keep("other");
    const StudyId gone = book.add(one);
    book.add(other);
    std::filesystem::create_directories(folder.path / "thumbnails");
    const auto copy = [&](const std::string& picture, const char* end) { return folder.path / "thumbnails" / (picture + end); };
    for (const auto& file : {copy(one.referencePicture, ".jpg"), copy(one.referencePicture, ".0-0-500-500.jpg"),
                             copy(other.referencePicture, ".jpg")})
        std::ofstream(file) << "small";
    book.erase(gone);
    CHECK_FALSE(std::filesystem::exists(book.picturePath(one.referencePicture)));
    CHECK_FALSE(std::filesystem::exists(copy(one.referencePicture, ".jpg")));
    CHECK_FALSE(std::filesystem::exists(copy(one.referencePicture, ".0-0-500-500.jpg")));
    CHECK(std::filesystem::exists(copy(other.referencePicture, ".jpg")));
}

TEST_CASE("Pictures are kept byte for byte under names that do not clash") {
    Folder folder;
    Logbook book(folder.path / "book");
    const auto source = folder.path / "head.jpg";
    const std::string bytes("\xff\xd8\x00\x01picture\n", 12);
    std::ofstream(source, std::ios::binary) << bytes;
    const std::string first = book.keepPicture(source), second = book.keepPicture(source);
    CHECK(first != second);
    std::ifstream in(book.picturePath(second), std::ios::binary);
    std::ostringstream back;
    back << in.rdbuf();
    CHECK(back.str() == bytes);
    CHECK_THROWS_WITH(book.keepPicture("/nowhere/x.jpg"), Catch::Contains("/nowhere/x.jpg"));
}

TEST_CASE("What is remembered is the last that was said") {
    Folder folder;
    Logbook book(folder.path);
    CHECK(book.remembered("open_study").empty());
    book.remember("open_study", "3");
    book.remember("open_study", "5");
    CHECK(book.remembered("open_study") == "5");
}

TEST_CASE("A program killed in the middle leaves the last save whole") {
    Folder folder;
    const StudyId id = Logbook(folder.path).add(titled("before"));
    const pid_t child = ::fork();
    if (child == 0) {
        Logbook book(folder.path);
        for (int i = 0;; ++i)
            book.save(id, titled("save " + std::to_string(i), std::string(9000, 'x')), {},
                      book.load(id).revision);
    }
    ::usleep(150000);
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    Logbook book(folder.path);
    const Study study = book.load(id).study;
    CHECK_THAT(study.title, Catch::StartsWith("save "));
    CHECK(study.notes.size() == 9000);
}

TEST_CASE("A folder that cannot hold a logbook is refused by name") {
    Folder folder;
    std::ofstream(folder.path / "file") << "not a folder";
    CHECK_THROWS_WITH(Logbook(folder.path / "file" / "book"), Catch::Contains("file"));
    std::filesystem::create_directories(folder.path / "bad");
    std::ofstream(folder.path / "bad" / "logbook.sqlite") << "this is not a database at all, no";
    CHECK_THROWS_AS(Logbook(folder.path / "bad"), DamagedLogbook);
    CHECK_THROWS_WITH(Logbook(folder.path / "bad"), Catch::Contains("logbook.sqlite"));
    CHECK_THROWS_AS(recover(folder.path / "bad"), StorageError);
    CHECK_THROWS_WITH(recover(folder.path / "bad"), Catch::StartsWith((folder.path / "bad" / "logbook.sqlite").string() + ":"));
    CHECK(std::filesystem::exists(folder.path / "bad" / "logbook.sqlite"));
}

TEST_CASE("A logbook from a newer program is not touched") {
    Folder folder;
    { Logbook book(folder.path); }
    sqlite3* db = nullptr;
    sqlite3_open((folder.path / "logbook.sqlite").c_str(), &db);
    sqlite3_exec(db, "PRAGMA user_version = 99", nullptr, nullptr, nullptr);
    sqlite3_close(db);
    CHECK_THROWS_WITH(Logbook(folder.path), Catch::Contains("newer"));
}

TEST_CASE("A logbook whose version no program wrote is damaged, and is recovered whole") {
    Folder folder;
    {
        Logbook book(folder.path);
        book.add(titled("kept"));
    }
    sqlite3* db = nullptr;
    sqlite3_open((folder.path / "logbook.sqlite").c_str(), &db);
    sqlite3_exec(db, "PRAGMA user_version = -559038737", nullptr, nullptr, nullptr);
    sqlite3_close(db);
    CHECK_THROWS_AS(Logbook(folder.path), DamagedLogbook);
    CHECK_THROWS_WITH(Logbook(folder.path), Catch::Contains("logbook.sqlite"));
    CHECK(recover(folder.path).read == 1);
    CHECK(Logbook(folder.path).studies().front().title == "kept");
}

// ------------------------------------------------------------------- earlier versions of the file

namespace {

/// A logbook folder holding the file a program of then wrote.
void putFixture(const Folder& folder, int version) {
    std::filesystem::copy_file(ZOKRAN_TEST_DATA "/logbooks/version-" + std::to_string(version) +
                                   ".sqlite",
                               folder.path / "logbook.sqlite");
}

void poke(const std::filesystem::path& file, const char* sql) {
    sqlite3* db = nullptr;
    sqlite3_open(file.c_str(), &db);
    CHECK(sqlite3_exec(db, sql, nullptr, nullptr, nullptr) == SQLITE_OK);
    sqlite3_close(db);
}

} // namespace

TEST_CASE("A logbook of the first version opens with everything in it") {
    Folder folder;
    putFixture(folder, 1);
    Logbook book(folder.path);
    REQUIRE(book.studies().size() == 2); // a third is put away
    const Study study = book.load(1).study;
    CHECK(study.title == "Evening one, Halcyon");
    CHECK(study.notes == "the far eye was too wide");
    CHECK(study.hold == Hold::Eyes);
    CHECK(study.canon == "thirds");
    CHECK(study.form == "ball");
    CHECK(study.switchedLines == std::set<std::string>{"jaw_line", "neck"});
    CHECK(study.step == "check");
    REQUIRE(study.sketches.size() == 1);
    CHECK(study.sketches[0].picture == "0002-b.jpg");
    CHECK(study.sketches[0].page.shownWidth == Millimetres{210});
    CHECK(study.sketches[0].marks.seen(Mark::Brow));
    CHECK(study.reference.seen(Mark::Brow));
    CHECK(book.computed(1).comparison == "{\"comparison\":1}");
    CHECK(book.load(2).study.sketches.empty());
    CHECK(book.load(2).study.step == "block-in");
    CHECK(book.isPutAway(3));
    CHECK(book.remembered("open_study") == "1");
}

TEST_CASE("A logbook of the third version opens with its lines as the learner left them") {
    Folder folder;
    putFixture(folder, 3);
    Logbook book(folder.path);
    const Study study = book.load(1).study;
    CHECK(study.form == "egg");
    CHECK(study.canon == "halves");
    // The jaw stays off; the plumb, which no longer comes by itself, needs no mention.
    CHECK(study.switchedLines == std::set<std::string>{"jaw_line"});
    CHECK(study.look == FormLook());
    CHECK(book.studies().size() == 43);
}

TEST_CASE("A logbook of the seventh version opens with its diary, and nobody has said when they measured") {
    Folder folder;
    putFixture(folder, 7);
    Logbook book(folder.path);
    REQUIRE(book.studies().size() == 43);
    Study study = book.load(5).study;
    CHECK(study.diary == Diary{"charcoal", "tired", "harbour evening"});
    REQUIRE(study.framing);
    CHECK(study.framing->high == PhotoPoint(300, 380));
    CHECK(book.drillAnswers().back().kind == "own:angle");
    for (const Measured each : {Measured::Before, Measured::After, Measured::Never, Measured::Unsaid}) {
        study.diary.measured = each;
        book.save(5, study, {}, book.load(5).revision);
        CHECK(book.load(5).study.diary.measured == each);
    }
}

TEST_CASE("A logbook of the eighth version, its studies in columns, becomes one of documents and loses nothing") {
    Folder folder;
    putFixture(folder, 8);
    std::vector<Study> before;
    std::vector<std::int64_t> ids;
    {
        // Read in the old way.
        Folder old;
        putFixture(old, 8);
        const Logbook columns(old.path, Logbook::Access::Salvage);
        ids = columns.allReadable();
        for (StudyId id : ids)
            before.push_back(columns.load(id).study);
    }
    Logbook book(folder.path);
    REQUIRE(ids.size() == 43);
    CHECK(book.allReadable() == ids);
    for (std::size_t i = 0; i < ids.size(); ++i)
        CHECK(book.load(ids[i]).study == before[i]);
    const Study full = book.load(5).study;
    CHECK(full.diary.measured == Measured::After);
    CHECK(full.tolerances == Tolerances{2.5, 4, {7.25}});
    REQUIRE(full.pageLayout);
    CHECK(full.pageLayout->at == PaperPoint(200, 140));
    REQUIRE(full.lighting);
    CHECK(full.lighting->second->strength == 0.5);
    // Of one whose marks could not be read the rest is there.
    const Study spoilt = book.load(7).study;
    CHECK_FALSE(spoilt.title.empty());
    CHECK(spoilt.reference.seenMarks().empty());
    REQUIRE(spoilt.sketch());
    CHECK_FALSE(spoilt.sketch()->marks.seenMarks().empty());
    // What was computed is still there.
    int known = 0;
    for (const auto& row : book.drawnFigures())
        known += !row.figures.empty();
    CHECK(known > 0);
    // No row of a sketch without its study.
    Database db(folder.path / "logbook.sqlite", Database::Access::Write);
    db.run("PRAGMA foreign_keys = ON");
    CHECK_THROWS_AS(db.run("INSERT INTO attempt (study, place, picture) VALUES (999, 0, 'x')"), StorageError);
}

TEST_CASE("A study that could not be read back is refused when it is saved") {
    Folder folder;
    Logbook book(folder.path);
    const StudyId id = book.add(exampleStudy());
    const StoredStudy stored = book.load(id);
    Study absurd = stored.study;
    absurd.tolerances.place = 1e9;
    CHECK_THROWS_AS(book.save(id, absurd, {}, stored.revision), BadInput);
    CHECK(book.load(id).study == stored.study);
    CHECK(book.load(id).revision == stored.revision);
}

TEST_CASE("A logbook of the fourth version asks nobody what they saw in old sketches") {
    Folder folder;
    putFixture(folder, 4);
    Logbook book(folder.path);
    REQUIRE(book.studies().size() == 43);
    for (const StudySummary& s : book.studies()) {
        const Study study = book.load(s.id).study;
        REQUIRE(study.sketch());
        CHECK(study.sketch()->selfAssessment == std::vector<Part>{});
        CHECK_FALSE(study.sketch()->page.flat);
        CHECK(study.sketch()->page.shownWidth);
    }
}

TEST_CASE("A logbook of the second version, the demo's 43 studies, opens and is read as before") {
    Folder folder;
    putFixture(folder, 2);
    Logbook book(folder.path);
    REQUIRE(book.studies().size() == 43);
    int compared = 0;
    for (const StudySummary& s : book.studies()) {
        const Study study = book.load(s.id).study;
        REQUIRE(study.sketch());
        CHECK(study.sketch()->page.shownWidth);
        CHECK(study.step == "check");
        const Comparison c =
            compareSketch(study.reference, fitHead(study.reference), study.sketch()->marks);
        compared += !c.findings.empty();
    }
    CHECK(compared == 43);
    { Logbook again(folder.path); } // up to date now
    CHECK(Logbook(folder.path).studies().size() == 43);
}

TEST_CASE("Bringing a logbook up to date is done whole or not at all") {
    Folder folder;
    putFixture(folder, 2);
    // A table in the way makes the step fail in its middle.
    poke(folder.path / "logbook.sqlite", "CREATE TABLE attempt (other)");
    CHECK_THROWS_AS(Logbook(folder.path), StorageError);
    poke(folder.path / "logbook.sqlite", "DROP TABLE attempt");
    CHECK(Logbook(folder.path).studies().size() == 43);
}

// ------------------------------------------------------------------------ dates and other windows

TEST_CASE("Looking is not changing, and a save that changes nothing writes nothing") {
    Folder folder;
    Logbook book(folder.path);
    const StudyId id = book.add(exampleStudy(), "2026-10-01T18:30:00.000Z");
    const StudySummary before = book.studies().front();
    CHECK(before.drawn == "2026-10-01T18:30:00.000Z");
    book.lookAt(id);
    const StoredStudy stored = book.load(id);
    Study elsewhere = stored.study;
    elsewhere.step = "keep"; // where the learner was is no change either
    elsewhere.current = 0;
    const Saved saved = book.save(id, elsewhere, {}, stored.revision);
    const StudySummary after = book.studies().front();
    CHECK(after.changed == before.changed);
    CHECK(after.lookedAt != before.lookedAt);
    CHECK(saved.revision == stored.revision);
    CHECK(book.load(id).study.step == "keep");
    elsewhere.notes += "more";
    CHECK(book.save(id, elsewhere, {}, saved.revision).revision == saved.revision + 1);
    CHECK(book.studies().front().changed != before.changed);
}

TEST_CASE("Two windows on one logbook lose no work") {
    Folder folder;
    Logbook one(folder.path), other(folder.path);
    const StudyId id = one.add(titled("head"));
    const StoredStudy here = one.load(id), there = other.load(id);
    Study first = here.study, second = there.study;
    first.notes = "written in the first window";
    second.notes = "written in the second";
    CHECK_FALSE(one.save(id, first, {}, here.revision).keptApart);
    const Saved apart = other.save(id, second, {}, there.revision);
    CHECK(apart.keptApart);
    CHECK(apart.id != id);
    CHECK(one.load(id).study.notes == "written in the first window");
    CHECK(one.load(apart.id).study.notes == "written in the second");
    // An idle window that closes later with what it once read writes nothing over it.
    CHECK_FALSE(other.save(id, first, {}, there.revision).keptApart);
    CHECK(one.load(id).study.notes == "written in the first window");
}

TEST_CASE("A sketch taken out takes its row with it") {
    Folder folder;
    Logbook book(folder.path);
    const StudyId id = book.add(exampleStudy());
    Study fewer = exampleStudy();
    fewer.sketches.pop_back();
    fewer.current = 0;
    book.save(id, fewer, {}, book.load(id).revision);
    CHECK(book.load(id).study == fewer);
}

// --------------------------------------------------------------------------------- damaged files

TEST_CASE("A logbook with damaged pages gives up what can be read, and the file is kept") {
    Folder folder;
    {
        Logbook book(folder.path);
        for (int i = 0; i < 60; ++i)
            book.add(titled("study " + std::to_string(i), std::string(3000, 'n')));
    }
    const auto file = folder.path / "logbook.sqlite";
    const auto size = std::filesystem::file_size(file);
    {
        // One page in the middle of the studies is overwritten.
        std::fstream raw(file, std::ios::in | std::ios::out | std::ios::binary);
        raw.seekp(static_cast<std::streamoff>(size / 2 / 4096 * 4096));
        raw << std::string(4096, '\xa5');
    }
    CHECK_THROWS_AS(Logbook(folder.path), DamagedLogbook);
    const Recovery recovered = recover(folder.path);
    CHECK(recovered.read >= 50);
    CHECK(recovered.read < 60);
    CHECK(std::filesystem::file_size(recovered.damagedFile) == size);
    Logbook book(folder.path);
    CHECK(static_cast<int>(book.studies().size()) == recovered.read);
    CHECK(book.load(book.studies().front().id).study.notes.size() == 3000);
}

TEST_CASE("A rescue brings back dates, numbers, drills, what is remembered, and what lies in a journal in use") {
    Folder folder;
    std::vector<StoredStudy> before;
    // Held open, so that the last rows lie in the journal when the file is damaged.
    auto other = std::make_unique<Logbook>(folder.path);
    for (int i = 0; i < 60; ++i) {
        StoredStudy stored;
        stored.study = titled("study " + std::to_string(i), std::string(3000, 'n'));
        stored.made = fmt::format("2026-01-{:02}T10:00:00.000Z", 1 + i % 28);
        stored.changed = fmt::format("2026-02-{:02}T10:00:00.000Z", 1 + i % 28);
        stored.lookedAt = fmt::format("2026-03-{:02}T10:00:00.000Z", 1 + i % 28);
        stored.putAway = i % 5 == 0;
        other->addStored(stored);
    }
    for (int i = 0; i < 7; ++i)
        other->keepAnswer({fmt::format("2026-04-01T10:00:0{}.000Z", i), "angle", i, 2, 1.5, true});
    other->remember("open_study", "12");
    const auto file = folder.path / "logbook.sqlite";
    Database(file, Database::Access::Write).foldJournalIn();
    other->erase(60);
    const StudyId last = other->add(titled("only in the journal"));
    for (StudyId id : other->allReadable())
        before.push_back(other->load(id));
    {
        std::fstream raw(file, std::ios::in | std::ios::out | std::ios::binary);
        raw.seekp(static_cast<std::streamoff>(std::filesystem::file_size(file) / 2 / 4096 * 4096));
        raw << std::string(4096, '\xa5');
    }
    const Recovery recovered = recover(folder.path);
    other.reset();
    CHECK(recovered.read >= 55);
    Logbook book(folder.path);
    CHECK(book.load(last).study.title == "only in the journal");
    int same = 0;
    for (StudyId id : book.allReadable()) {
        const StoredStudy now = book.load(id);
        for (const StoredStudy& then : before)
            if (then.uid == now.uid)
                same += then.study == now.study && then.made == now.made && then.changed == now.changed &&
                        then.lookedAt == now.lookedAt && then.putAway == now.putAway;
    }
    CHECK(same == recovered.read);
    CHECK(book.drillAnswers().size() == 7);
    CHECK(book.remembered("open_study") == "12");
}

TEST_CASE("An empty place beside pictures or backups is no new learner's") {
    Folder folder;
    {
        Logbook book(folder.path);
        book.add(titled("a year's work"));
        backUp(folder.path, "2026-11-28");
    }
    const auto file = folder.path / "logbook.sqlite";
    std::filesystem::remove(file);
    CHECK_THROWS_AS(Logbook(folder.path), MissingLogbook);
    CHECK_FALSE(std::filesystem::exists(file));
    // Cut to nothing is as gone as gone.
    std::ofstream(file).close();
    CHECK_THROWS_AS(Logbook(folder.path), MissingLogbook);
    restoreBackup(folder.path, backupsIn(folder.path).at(0).file);
    CHECK(Logbook(folder.path).load(1).study.title == "a year's work");
    // Begun anew only where the learner says so.
    std::filesystem::remove(file);
    Logbook::beginAnew(folder.path);
    CHECK(Logbook(folder.path).studies().empty());
    // A picture alone tells, too, and so does a damaged file kept aside.
    for (const char* trace : {"pictures/0001-a.jpg", "logbook-damaged-1.sqlite"}) {
        Folder other;
        { Logbook begun(other.path); }
        std::filesystem::remove(other.path / "logbook.sqlite");
        CHECK_NOTHROW(Logbook(other.path)); // nothing was in it
        std::filesystem::remove(other.path / "logbook.sqlite");
        std::ofstream(other.path / trace) << "x";
        CHECK_THROWS_AS(Logbook(other.path), MissingLogbook);
    }
}

TEST_CASE("Only looking writes nothing and needs no right to write") {
    Folder folder;
    StudyId id = 0;
    { id = Logbook(folder.path).add(exampleStudy()); }
    const auto file = folder.path / "logbook.sqlite";
    const auto time = std::filesystem::last_write_time(file);
    {
        Logbook book(folder.path, Logbook::Access::ReadOnly);
        CHECK(book.isReadOnly());
        CHECK(book.load(id).study == exampleStudy());
        CHECK_THROWS_AS(book.putAway(id, true), StorageError);
        CHECK_THROWS_AS(book.add(exampleStudy()), StorageError);
    }
    CHECK(std::filesystem::last_write_time(file) == time);
    CHECK_FALSE(std::filesystem::exists(file.string() + "-wal"));
}

TEST_CASE("A logbook of an earlier version, and one with a journal, can be looked at without a byte being written") {
    Folder old;
    putFixture(old, 2);
    const auto time = std::filesystem::last_write_time(old.path / "logbook.sqlite");
    CHECK(Logbook(old.path, Logbook::Access::ReadOnly).studies().size() == 43);
    CHECK(std::filesystem::last_write_time(old.path / "logbook.sqlite") == time);
    CHECK(std::distance(std::filesystem::directory_iterator(old.path), std::filesystem::directory_iterator()) == 1);
}

TEST_CASE("Storage that fails is no bad input, and input that is bad no storage trouble") {
    Folder folder;
    Logbook book(folder.path);
    CHECK_THROWS_AS(book.load(77), BadInput);
    CHECK_THROWS_AS(book.keepPicture("/nowhere/x.jpg"), BadInput);
    std::filesystem::remove_all(folder.path / "pictures");
    std::ofstream(folder.path / "pictures") << "no folder any more";
    std::ofstream(folder.path / "x.jpg") << "bytes";
    CHECK_THROWS_AS(book.keepPicture(folder.path / "x.jpg"), StorageError);
}

TEST_CASE("A logbook of the fifth version keeps what was said and measured, and nothing new is made up") {
    Folder folder;
    putFixture(folder, 5);
    Logbook book(folder.path);
    REQUIRE(book.studies().size() == 43);
    const Study study = book.load(1).study;
    REQUIRE(study.sketches.size() == 1);
    CHECK(study.sketches[0].selfAssessment == std::vector{Part::Mouth, Part::Turn});
    CHECK(study.sketches[0].took == std::chrono::seconds(0));
    CHECK(study.tolerances == Tolerances{2.5, 4, {7.25}});
    REQUIRE(study.measures.size() == 1);
    CHECK(study.measures[0].kind == "plumb");
    CHECK_FALSE(study.pageLayout);
    CHECK_FALSE(study.lighting);
    CHECK(study.diary == Diary());
}

TEST_CASE("What makes no sense in the columns of the eighth version is passed over, and pictures of any name are found") {
    Folder folder;
    putFixture(folder, 8);
    for (const char* sql : {"UPDATE study SET placing = '210 297 200 130' WHERE id = 1", // the border eats the sheet
                            "UPDATE study SET placing = '210 297 15' WHERE id = 2",      // half of it
                            "UPDATE study SET placing = 'x', lighting = '40' WHERE id = 3",
                            "UPDATE study SET reference_picture = CAST(x'302dff2e6a7067' AS TEXT) WHERE id = 4",
                            "UPDATE attempt SET picture = CAST(x'302dff2e6a7067' AS TEXT) WHERE place = 0",
                            "UPDATE study SET framing = '10 20 110.5 220' WHERE id = 1",
                            "UPDATE study SET framing = '110 20 10 220' WHERE id = 2"})
        poke(folder.path / "logbook.sqlite", sql);
    std::filesystem::create_directories(folder.path / "pictures");
    std::ofstream(folder.path / "pictures" / "0-\xff.jpg") << "bytes";
    Logbook book(folder.path);
    for (StudyId id : {1, 2, 3})
        CHECK_FALSE(book.load(id).study.pageLayout);
    CHECK_FALSE(book.load(3).study.lighting);
    std::ifstream picture(book.picturePath(book.load(4).study.referencePicture));
    std::string bytes;
    picture >> bytes;
    CHECK(bytes == "bytes");
    int sketches = 0;
    for (const StudySummary& study : book.studies())
        if (const auto drawn = book.load(study.id).study.sketches; !drawn.empty()) {
            CHECK(contentOf(book.picturePath(drawn[0].picture)) == "bytes");
            ++sketches;
        }
    CHECK(sketches > 0);
    CHECK(book.load(1).study.framing == Framing{{10, 20}, {110.5, 220}});
    CHECK_FALSE(book.load(2).study.framing);
}

TEST_CASE("A logbook is copied whole into an empty folder, and over none") {
    Folder folder, other;
    Logbook book(folder.path);
    const StudyId id = book.add(exampleStudy());
    put(folder.path / "pictures" / "0001-a.jpg", "bytes");
    book.copyTo(other.path);
    {
        Logbook copy(other.path);
        CHECK(copy.load(id).study == exampleStudy());
        CHECK(contentOf(copy.picturePath("0001-a.jpg")) == "bytes");
    }
    CHECK_THROWS_WITH(book.copyTo(other.path), Catch::Contains("there is a logbook already"));
    CHECK(Logbook(other.path).studies().size() == 1);
}

namespace {

/// While it lives no file may grow beyond so many bytes: the system's way of a full disk.
class FullDisk {
public:
    explicit FullDisk(rlim_t bytes) {
        std::signal(SIGXFSZ, SIG_IGN); // as an error of the write, not the end of the program
        getrlimit(RLIMIT_FSIZE, &before_);
        const rlimit full{bytes, before_.rlim_max};
        setrlimit(RLIMIT_FSIZE, &full);
    }
    ~FullDisk() { setrlimit(RLIMIT_FSIZE, &before_); }

private:
    rlimit before_{};
};

} // namespace

TEST_CASE("On a full disk a save is refused in one line, nothing stored is lost, and the next one succeeds") {
    const Folder folder;
    Logbook book(folder.path);
    const StudyId id = book.add(exampleStudy());
    const Study before = book.load(id).study;
    const std::int64_t revision = book.load(id).revision;
    Study longer = before;
    longer.notes.assign(2'000'000, 'n');
    const auto picture = folder.path / "large.jpg";
    std::ofstream(picture, std::ios::binary) << std::string(1'500'000, 'p');
    const auto pictures = [&] {
        std::size_t count = 0;
        for (const auto& entry : std::filesystem::recursive_directory_iterator(folder.path / "pictures"))
            count += entry.is_regular_file();
        return count;
    };
    const std::size_t kept = std::filesystem::exists(folder.path / "pictures") ? pictures() : 0;
    {
        const FullDisk full(600'000);
        std::string said;
        try {
            book.save(id, longer, {}, revision);
        } catch (const StorageError& e) {
            said = e.what();
        }
        CHECK_THAT(said, Catch::Contains("logbook.sqlite"));
        CHECK(std::count(said.begin(), said.end(), '\n') == 0);
        CHECK_THROWS_AS(book.keepPicture(picture), StorageError);
        CHECK(book.load(id).study == before);
    }
    // Nothing half written is left of the picture, and the logbook goes on.
    CHECK((std::filesystem::exists(folder.path / "pictures") ? pictures() : 0) == kept);
    CHECK(book.load(id).study == before);
    CHECK(book.save(id, longer, {}, revision).revision == revision + 1);
    CHECK(Logbook(folder.path).load(id).study.notes.size() == longer.notes.size());
    CHECK_FALSE(book.keepPicture(picture).empty());
}

TEST_CASE("When was measured is told of the studies that say so") {
    const Folder folder;
    Logbook book(folder.path);
    Study study = exampleStudy();
    const auto add = [&](Measured when) {
        study.diary.measured = when;
        return book.add(study);
    };
    const StudyId unsaid = add(Measured::Unsaid), before = add(Measured::Before), never = add(Measured::Never);
    const std::map<StudyId, Measured> told = book.measuredWhen();
    CHECK(told.size() == 2);
    CHECK(told.count(unsaid) == 0);
    CHECK(told.at(before) == Measured::Before);
    CHECK(told.at(never) == Measured::Never);
}
