#include "logbook/logbook.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <sqlite3.h>
#include <sstream>
#include <sys/wait.h>
#include <unistd.h>

using namespace zokran;
using namespace zokran::test;

namespace {

struct Folder {
    std::filesystem::path path;
    Folder() {
        std::string name = (std::filesystem::temp_directory_path() / "zokran-log-XXXXXX").string();
        path = ::mkdtemp(name.data());
    }
    ~Folder() { std::filesystem::remove_all(path); }
};

Study exampleStudy() {
    Study s;
    s.title = "Vorübung – Ångström's cast";
    s.sitter = "Halcyon";
    s.notes = "line one\nline two; DROP TABLE study; 'quoted'";
    s.referencePicture = "0001-a.jpg";
    s.reference = sheetOf(adultHeads().mean, viewAt(pose(20, 10, 5)));
    s.reference.ball = BallCircle{{1, 2}, {3}};
    s.sketchPicture = "0002-b.jpg";
    s.sketch = s.reference;
    s.sketch.marks[Mark::Chin] = PlacedMark{std::nullopt, true};
    s.paperWidthMm = 210;
    s.hold = Hold::Eyes;
    s.canon = "thirds";
    s.hiddenLines = {"neck", "jaw_line"};
    s.step = 4;
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
        book.save(id, exampleStudy(), {"{fit}", "{comparison}"});
        CHECK(book.load(id) == exampleStudy());
    }
    Logbook book(folder.path);
    CHECK(book.load(id) == exampleStudy());
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
    book.save(a, titled("a, changed"), {});
    REQUIRE(book.studies().size() == 2);
    CHECK(book.studies()[0].id == a);
    book.putAway(a, true);
    REQUIRE(book.studies().size() == 1);
    CHECK(book.studies()[0].id == b);
    book.putAway(a, false);
    CHECK(book.studies().size() == 2);
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
            book.save(id, titled("save " + std::to_string(i), std::string(9000, 'x')), {});
    }
    ::usleep(150000);
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    Logbook book(folder.path);
    const Study study = book.load(id);
    CHECK_THAT(study.title, Catch::StartsWith("save "));
    CHECK(study.notes.size() == 9000);
}

TEST_CASE("A folder that cannot hold a logbook is refused by name") {
    Folder folder;
    std::ofstream(folder.path / "file") << "not a folder";
    CHECK_THROWS_WITH(Logbook(folder.path / "file" / "book"), Catch::Contains("file"));
    std::filesystem::create_directories(folder.path / "bad");
    std::ofstream(folder.path / "bad" / "logbook.sqlite") << "this is not a database at all, no";
    CHECK_THROWS_WITH(Logbook(folder.path / "bad"), Catch::Contains("logbook.sqlite"));
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
