// Studies carried from one logbook to another, and what a hostile or broken bundle does: archives written by
// another program (Info-ZIP) and hostile ones put together entry by entry, as well as our own.

#include "logbook/backup.h"
#include "logbook/bundle.h"
#include "logbook/study_file.h"
#include "tests/folder.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cstdlib>
#include <fstream>
#include <thread>
#include <zip.h>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A study that uses everything a study can hold, its pictures kept in `book`.
Study fullStudy(Logbook& book, const std::filesystem::path& folder) {
    put(folder / "reference.jpg", "the reference's bytes");
    put(folder / "sketch.jpg", std::string("sketch\0bytes", 12));
    Study s;
    s.title = "Ångström \"at\" the window";
    s.sitter = "Halcyon";
    s.notes = "line one\nline two \\ end";
    s.diary = {"2B, charcoal", "calm", "evening cast", Measured::Before};
    s.referencePicture = book.keepPicture(folder / "reference.jpg");
    s.reference = sheetOf(adultHeads().mean, viewAt(pose(20, 10, 5)));
    s.reference.ball = BallCircle{{1, 2}, {3}};
    s.framing = Framing{{10, 20}, {400, 500}};
    Sketch a;
    a.picture = book.keepPicture(folder / "sketch.jpg");
    a.marks = static_cast<const MarkSheet&>(s.reference);
    a.marks.marks[Mark::Chin] = PlacedMark{std::nullopt, true};
    a.page.shownWidth = Millimetres{210};
    a.drawn = "2026-10-01T18:30:00.000Z";
    a.selfAssessment = std::vector<Part>{Part::Whole};
    a.took = std::chrono::seconds(612);
    s.sketches = {a, a};
    s.sketches[1].selfAssessment = std::nullopt;
    s.current = 1;
    s.guess = Guess{};
    s.guess->ball = {{100, 120}, {80}};
    s.guess->committed = true;
    s.hold = Hold::Eyes;
    s.tolerances.angle = Degrees{4};
    s.canon = "thirds";
    s.form = "egg";
    s.look.push = 2;
    s.switchedLines = {"jaw_line", "neck"};
    s.measures = {{"ratio",
                   {{Mark::Brow, {0, 0}}, {Mark::NoseBase, {0, 0}}, {std::nullopt, {1.5, 2}}, {Mark::Chin, {0, 0}}},
                   true,
                   "mine",
                   1.25}};
    s.unit = {{Mark::InnerEyeL, {0, 0}}, {std::nullopt, {7, 8.5}}};
    s.pageLayout = PageLayout{{{420}, {297}}, {20}, {180}, PaperPoint(200, 140)};
    s.lighting = Lighting{};
    s.lighting->second = SecondLight{};
    s.step = "check";
    return s;
}

/// An archive of these entries, written by libzip.
void writeZip(const std::filesystem::path& file, const std::vector<std::pair<std::string, std::string>>& entries) {
    int code = 0;
    zip_t* zip = zip_open(file.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &code);
    REQUIRE(zip);
    for (const auto& [name, bytes] : entries)
        REQUIRE(zip_file_add(zip, name.c_str(), zip_source_buffer(zip, bytes.data(), bytes.size(), 0),
                             ZIP_FL_ENC_UTF_8) >= 0);
    REQUIRE(zip_close(zip) == 0);
}

std::string bundleOf(const std::string& studies) {
    return R"({"format":"zokran-bundle","version":1,"studies":[)" + studies + "]}";
}

} // namespace

TEST_CASE("A study comes back from its JSON with everything in it") {
    Folder folder;
    Logbook book(folder.path);
    const Study study = fullStudy(book, folder.path);
    const Study back = parseStudy(studyText(study), "x");
    CHECK(back.measures == study.measures);
    CHECK(back.lighting == study.lighting);
    CHECK(back.sketches == study.sketches);
    CHECK(back == study);
    CHECK(parseStudy(studyText(Study{}), "x") == Study{});
    for (const char* bad : {R"({"format":"zokran-study","version":1})",
                            R"({"format":"zokran-study","version":1,"title":3,"reference":{},"sketches":[]})",
                            R"({"format":"zokran-study","version":1,"title":"a","reference":{},"sketches":[{}]})",
                            R"({"format":"zokran-study","version":1,"title":"a","reference":{"framing":[[1],[2]]},"sketches":[]})",
                            R"({"format":"zokran-study","version":1,"title":"a","reference":{},"sketches":[],"lighting":{"values":99}})",
                            "{}", "", "[[["})
        CHECK_THROWS_AS(parseStudy(bad, "x"), BadInput);
}

TEST_CASE("A bundle carries studies and pictures to another logbook, and doubles nothing") {
    Folder here, there;
    Logbook one(here.path), other(there.path);
    const StudyId id = one.add(fullStudy(one, here.path), "2026-10-01T18:30:00.000Z");
    const StudyId second = one.add(fullStudy(one, here.path));
    one.putAway(second, true);
    const auto file = here.path / "two.zokran";
    REQUIRE(exportBundle(one, {id, second}, file));
    Imported in = importBundle(other, file);
    REQUIRE(in.taken.size() == 2);
    CHECK(in.leftOut.empty());
    const StoredStudy back = other.load(in.taken[0]);
    CHECK(back.uid == one.load(id).uid);
    CHECK(contentOf(other.picturePath(back.study.referencePicture)) == "the reference's bytes");
    CHECK(contentOf(other.picturePath(back.study.sketches[0].picture)) == std::string("sketch\0bytes", 12));
    CHECK(other.isPutAway(in.taken[1]));
    Study same = back.study, there0 = one.load(id).study;
    same.referencePicture = there0.referencePicture;
    for (std::size_t i = 0; i < same.sketches.size(); ++i)
        same.sketches[i].picture = there0.sketches[i].picture;
    CHECK(same == there0);
    // Again: everything is known.
    in = importBundle(other, file);
    CHECK(in.taken.empty());
    CHECK(in.known == 2);
    // Changed here meanwhile: both are kept, and only once.
    Study changed = back.study;
    changed.notes = "written here";
    other.save(other.studyWithUid(back.uid).value(), changed, {}, back.revision);
    in = importBundle(other, file);
    CHECK(in.apart == 1);
    CHECK(in.taken.size() == 1);
    in = importBundle(other, file);
    CHECK(in.taken.empty());
    CHECK(other.load(other.studyWithUid(back.uid).value()).study.notes == "written here");
}

TEST_CASE("A bundle can be read by another program, and one written by another program is taken in") {
    Folder folder, other;
    Logbook book(folder.path);
    const StudyId id = book.add(fullStudy(book, folder.path));
    const auto file = folder.path / "a.zokran";
    REQUIRE(exportBundle(book, {id}, file));
    const std::string into = (folder.path / "unpacked").string();
    const std::string again = (folder.path / "again.zokran").string();
    REQUIRE(std::system(("unzip -tqq '" + file.string() + "' && unzip -qq '" + file.string() + "' -d '" + into +
                         "' && cd '" + into + "' && zip -qrD '" + again + "' .")
                            .c_str()) == 0);
    CHECK(contentOf(into + "/pictures/0000001.jpg") == "the reference's bytes");
    CHECK(contentOf(into + "/studies/0000001.json").find("0001-reference.jpg") != std::string::npos);
    Logbook fresh(other.path);
    CHECK(importBundle(fresh, again).taken.size() == 1);
}

TEST_CASE("A hostile or broken bundle is refused in one sentence, and nothing is written outside or taken in") {
    Folder folder;
    Logbook book(folder.path / "book");
    const auto file = folder.path / "bad.zokran";
    const std::string study = R"({"uid":"u","study":{"format":"zokran-study","version":1,"title":"t",)"
                              R"("reference":{"picture":"0001-a.jpg"},"sketches":[]}})";
    const auto refused = [&](const char* why) {
        CHECK_THROWS_WITH(importBundle(book, file), Catch::Contains("bad.zokran") && Catch::Contains(why));
        CHECK(book.studies().empty());
    };
    put(file, "no zip at all");
    refused("not a bundle");
    put(file, "");
    refused("not a bundle");
    for (const char* name : {"../evil", "pictures/../evil", "pictures/a/b", "/etc/evil", "pictures/", "pictures/..",
                             "pictures/a\\b", "pictures/a\nb", "other.json"}) {
        INFO(name);
        writeZip(file, {{"zokran-bundle.json", bundleOf(study)}, {name, "x"}});
        if (std::string(name) == "pictures/") { // only the folder's own entry
            CHECK(importBundle(book, file).leftOut.size() == 1);
            continue;
        }
        refused("no bundle holds");
    }
    writeZip(file, {{"pictures/a.jpg", "x"}});
    refused("zokran-bundle.json");
    writeZip(file, {{"zokran-bundle.json", "{}"}});
    refused("zokran-bundle");
    writeZip(file, {{"zokran-bundle.json", R"({"format":"zokran-bundle","version":2,"studies":99999999})"}});
    refused("studies");
    writeZip(file, {{"zokran-bundle.json", R"({"format":"zokran-bundle","version":2,"studies":2})"}});
    CHECK(importBundle(book, file).leftOut.size() == 2);
    // A picture that unpacks to much more than any camera's does.
    writeZip(file, {{"zokran-bundle.json", bundleOf(study)}, {"pictures/0001-a.jpg", std::string(40u << 20, 'a')}});
    const Imported bomb = importBundle(book, file);
    REQUIRE(bomb.leftOut.size() == 1);
    CHECK(bomb.leftOut[0].find("packed beyond belief") != std::string::npos);
    // One that is missing, and a name that leads out in the study itself: that study is left out.
    writeZip(file, {{"zokran-bundle.json", bundleOf(study)}});
    CHECK(importBundle(book, file).leftOut.size() == 1);
    std::string leads = study;
    leads.replace(leads.find("0001-a.jpg"), 10, "../../../x");
    writeZip(file, {{"zokran-bundle.json", bundleOf(leads)}});
    CHECK(importBundle(book, file).leftOut.size() == 1);
    // A symlink's entry is bytes like any other, here the name it would point to.
    writeZip(file, {{"zokran-bundle.json", bundleOf(study)}, {"pictures/0001-a.jpg", "/etc/passwd"}});
    {
        int code = 0;
        zip_t* zip = zip_open(file.c_str(), 0, &code);
        zip_file_set_external_attributes(zip, 1, 0, ZIP_OPSYS_UNIX, 0120777u << 16);
        REQUIRE(zip_close(zip) == 0);
    }
    const Imported linked = importBundle(book, file);
    REQUIRE(linked.taken.size() == 1);
    const auto kept = book.picturePath(book.load(linked.taken[0]).study.referencePicture);
    CHECK_FALSE(std::filesystem::is_symlink(kept));
    CHECK(contentOf(kept) == "/etc/passwd");
    CHECK_FALSE(std::filesystem::exists(folder.path / "evil"));
}

TEST_CASE("A bundle cut short or with a byte changed anywhere is refused or taken in whole, and never crashes") {
    Folder folder;
    Logbook book(folder.path / "book");
    const StudyId id = book.add(fullStudy(book, folder.path));
    const auto whole = folder.path / "whole.zokran", cut = folder.path / "cut.zokran";
    REQUIRE(exportBundle(book, {id}, whole));
    const std::string bytes = contentOf(whole);
    Random random(7);
    for (int i = 0; i < 120; ++i) {
        std::string broken = bytes;
        const auto at = static_cast<std::size_t>(random.between(0, static_cast<double>(bytes.size()) - 1));
        if (i % 2)
            broken.resize(at);
        else
            broken[at] = static_cast<char>(broken[at] ^ (1 << (i % 8)));
        put(cut, broken);
        Folder fresh;
        Logbook other(fresh.path);
        try {
            const Imported in = importBundle(other, cut);
            CHECK(in.taken.size() + in.leftOut.size() == 1);
            for (StudyId taken : in.taken)
                CHECK(contentOf(other.picturePath(other.load(taken).study.referencePicture)) ==
                      "the reference's bytes");
        } catch (const BadInput& e) {
            CHECK(std::string(e.what()).find("cut.zokran") != std::string::npos);
            CHECK(other.studies().empty());
        }
    }
}

TEST_CASE("An export that is stopped or cannot be written leaves what was there") {
    Folder folder;
    Logbook book(folder.path);
    const StudyId id = book.add(fullStudy(book, folder.path));
    const auto file = folder.path / "a.zokran";
    put(file, "what was there");
    CHECK_FALSE(exportBundle(book, {id}, file, [](double) { return false; }));
    CHECK(contentOf(file) == "what was there");
    // Wherever it is stopped, at the last while the file is written.
    int stops = 1;
    for (bool isWhole = false; !isWhole; ++stops) {
        REQUIRE(stops < 1000);
        int asked = 0;
        isWhole = exportBundle(book, {id}, file, [&](double) { return ++asked < stops; });
        CHECK((isWhole || asked >= stops)); // asked for the last time, it may be whole already
        CHECK((contentOf(file) == "what was there") != isWhole);
    }
    CHECK(stops > 4);
    CHECK_THROWS_AS(exportBundle(book, {id}, folder.path / "nowhere" / "a.zokran"), StorageError);
    CHECK_THROWS_WITH(exportBundle(book, {id}, "/dev/full"), Catch::Contains("/dev/full"));
}

TEST_CASE("Deleting for good takes the rows and the pictures that nobody else shows") {
    Folder folder;
    Logbook book(folder.path);
    const Study study = fullStudy(book, folder.path);
    const StudyId id = book.add(study);
    Study sharing;
    sharing.title = "shares the reference";
    sharing.referencePicture = study.referencePicture;
    const StudyId other = book.add(sharing);
    book.erase(id);
    CHECK_THROWS_AS(book.load(id), BadInput);
    CHECK(std::filesystem::exists(book.picturePath(study.referencePicture)));
    CHECK_FALSE(std::filesystem::exists(book.picturePath(study.sketches[0].picture)));
    book.erase(other);
    CHECK_FALSE(std::filesystem::exists(book.picturePath(study.referencePicture)));
    CHECK_THROWS_AS(book.erase(other), BadInput);
    CHECK(book.drawnFigures().empty());
}

TEST_CASE("A copy is kept for each of the last seven days, and comes back in the logbook's place") {
    Folder folder;
    StudyId id = 0;
    {
        Logbook book(folder.path);
        Study study;
        study.title = "as it was";
        id = book.add(study);
        CHECK(backUp(folder.path, "2026-11-01"));
        CHECK_FALSE(backUp(folder.path, "2026-11-01"));
        study.title = "as it is";
        CHECK_FALSE(book.save(id, study, {}, book.load(id).revision).keptApart); // written while open
        for (int day = 2; day <= 9; ++day)
            CHECK(backUp(folder.path, "2026-11-0" + std::to_string(day)));
        const auto all = backupsIn(folder.path);
        REQUIRE(all.size() == 7);
        CHECK(all.front().day == "2026-11-09");
        CHECK(all.back().day == "2026-11-03");
        // The clock set back: the copy of that day is made, and is the last.
        CHECK(backUp(folder.path, "2025-01-01"));
        CHECK(backupsIn(folder.path).front().day == "2025-01-01");
        CHECK(backupsIn(folder.path).size() == 7);
    }
    put(folder.path / "logbook.sqlite", "scribbled over");
    const auto aside = restoreBackup(folder.path, backupsIn(folder.path).front().file);
    CHECK(contentOf(aside) == "scribbled over");
    CHECK(Logbook(folder.path).load(id).study.title == "as it is");
    CHECK_THROWS_AS(restoreBackup(folder.path, folder.path / "backups" / "none.sqlite"), StorageError);
    CHECK(Logbook(folder.path).load(id).study.title == "as it is");
}

TEST_CASE("The last backup is the last one made, whatever the clock said, and the one with most studies stays") {
    Folder folder;
    Logbook book(folder.path);
    for (int i = 0; i < 5; ++i)
        book.add(Study{});
    const auto backups = folder.path / "backups";
    CHECK(backUp(folder.path, "2026-11-01"));
    // As an earlier version wrote them: without a number, one by a clock set to 2099 and with less in it.
    std::filesystem::copy_file(backupsIn(folder.path)[0].file, backups / "logbook-2026-10-30.sqlite");
    {
        Folder poor;
        Logbook(poor.path).add(Study{});
        std::filesystem::copy_file(poor.path / "logbook.sqlite", backups / "logbook-2099-01-01.sqlite");
    }
    put(backups / "logbook-0000-2026-10-29.sqlite", "scribble");
    auto all = backupsIn(folder.path);
    REQUIRE(all.size() == 4);
    CHECK(all[0].day == "2026-11-01");
    CHECK(all[0].studies == 5);
    CHECK(all[1].day == "2026-10-30");
    CHECK(all[2].day == "2099-01-01");
    CHECK(all[2].studies == 1);
    CHECK_FALSE(all[3].isReadable);
    // Nearly everything deleted, and a week of copies of that.
    for (StudyId id = 1; id <= 4; ++id)
        book.erase(id);
    for (int day = 2; day <= 9; ++day)
        CHECK(backUp(folder.path, "2026-11-0" + std::to_string(day)));
    all = backupsIn(folder.path);
    CHECK(all.size() == 8);
    CHECK(all[0].day == "2026-11-09");
    CHECK(all.back().studies == 5);
}

TEST_CASE("What any picture is called, its study is carried over") {
    Folder here, there;
    Logbook one(here.path), other(there.path);
    const std::string names[] = {"a\nb.jpg", "back\\slash.jpg", std::string(250, 'x') + ".jpg", std::string(240, 'y'),
                                 "not UTF-8 \xff\xfe.jpg", "\xc3\x9c\x62\x65r.jpg", "..", "-", "pictures.", "a.b.c"};
    std::vector<StudyId> ids;
    for (const std::string& name : names) {
        Study study;
        study.title = "of " + std::to_string(ids.size());
        study.referencePicture = one.keepPictureBytes(name, "bytes of " + std::to_string(ids.size()));
        CHECK(study.referencePicture.size() < 200);
        ids.push_back(one.add(study));
    }
    const auto file = here.path / "all.zokran";
    REQUIRE(exportBundle(one, ids, file));
    const Imported in = importBundle(other, file);
    CHECK(in.leftOut.empty());
    REQUIRE(in.taken.size() == std::size(names));
    for (std::size_t i = 0; i < std::size(names); ++i)
        CHECK(contentOf(other.picturePath(other.load(in.taken[i]).study.referencePicture)) == "bytes of " + std::to_string(i));
    // As an earlier version kept it: the name as it was.
    const std::string raw = "0001-line\nfeed back\\slash.jpg";
    put(one.picturePath(raw), "raw");
    Study study;
    study.referencePicture = raw;
    REQUIRE(exportBundle(one, {one.add(study)}, file));
    const Imported more = importBundle(other, file);
    REQUIRE(more.taken.size() == 1);
    CHECK(contentOf(other.picturePath(other.load(more.taken[0]).study.referencePicture)) == "raw");
}

TEST_CASE("Equal pictures are carried once, and a lost one is told") {
    Folder here, there;
    Logbook one(here.path), other(there.path);
    const std::string photo(200000, 'p');
    std::vector<StudyId> ids;
    for (int i = 0; i < 30; ++i) {
        Study study;
        study.title = "study " + std::to_string(i);
        study.referencePicture = one.keepPictureBytes("head.jpg", photo);
        ids.push_back(one.add(study));
    }
    // Of the same size, and another.
    Study apart;
    std::string otherPhoto = photo;
    otherPhoto.back() = 'q';
    apart.referencePicture = one.keepPictureBytes("head.jpg", otherPhoto);
    ids.push_back(one.add(apart));
    Study poor;
    poor.title = "the poor one";
    poor.referencePicture = "0099-gone.jpg";
    ids.push_back(one.add(poor));
    const auto file = here.path / "all.zokran";
    std::vector<std::string> lost;
    REQUIRE(exportBundle(one, ids, file, {}, &lost));
    REQUIRE(lost.size() == 1);
    CHECK(lost[0].find("the poor one") == 0);
    CHECK(std::filesystem::file_size(file) < 3 * photo.size());
    const Imported in = importBundle(other, file);
    CHECK(in.taken.size() == 31);
    REQUIRE(in.leftOut.size() == 1);
    CHECK(in.leftOut[0].find("the poor one") == 0);
    std::uintmax_t bytes = 0;
    for (const auto& entry : std::filesystem::directory_iterator(there.path / "pictures"))
        bytes += entry.file_size();
    CHECK(bytes == 2 * photo.size());
    CHECK(contentOf(other.picturePath(other.load(in.taken[30]).study.referencePicture)) == otherPhoto);
}

TEST_CASE("Two imports at once whose pictures have one name both arrive whole") {
    Folder here, there;
    { Logbook begun(there.path); }
    std::vector<std::filesystem::path> files;
    for (int k = 0; k < 2; ++k) {
        Folder folder;
        Logbook one(folder.path);
        std::vector<StudyId> ids;
        for (int i = 0; i < 40; ++i) {
            Study study;
            study.title = std::to_string(k) + " " + std::to_string(i);
            study.referencePicture = one.keepPictureBytes("head.jpg", study.title);
            ids.push_back(one.add(study));
        }
        files.push_back(here.path / (std::to_string(k) + ".zokran"));
        REQUIRE(exportBundle(one, ids, files.back()));
    }
    std::vector<std::thread> both;
    std::atomic<int> taken{0};
    for (const auto& file : files)
        both.emplace_back([&] {
            Logbook book(there.path);
            taken += static_cast<int>(importBundle(book, file).taken.size());
        });
    for (std::thread& t : both)
        t.join();
    CHECK(taken == 80);
    Logbook book(there.path);
    CHECK(book.studies().size() == 80);
    for (const StudySummary& s : book.studies())
        CHECK(contentOf(book.picturePath(s.referencePicture)) == s.title);
}

TEST_CASE("Thousands of studies go out and come in equal, and a bundle of the first version is read") {
    Folder here, there;
    Logbook one(here.path), other(there.path);
    const Study full = fullStudy(one, here.path);
    std::vector<StudyId> ids;
    {
        auto all = one.transaction();
        // As many as wanted: ZOKRAN_STUDIES=20000 test_logbook "Thousands*".
        const char* wanted = std::getenv("ZOKRAN_STUDIES");
        for (int i = 0, count = wanted ? std::atoi(wanted) : 2000; i < count; ++i) {
            StoredStudy stored;
            stored.study = full;
            stored.study.title = "study " + std::to_string(i);
            stored.made = "2026-10-01T18:30:00.000Z";
            stored.changed = "2026-10-02T18:30:00.000Z";
            stored.lookedAt = "2026-10-03T18:30:00.000Z";
            stored.putAway = i % 7 == 0;
            ids.push_back(one.addStored(stored));
        }
        all.commit();
    }
    const auto file = here.path / "all.zokran";
    REQUIRE(exportBundle(one, ids, file));
    const Imported in = importBundle(other, file);
    CHECK(in.leftOut.empty());
    REQUIRE(in.taken.size() == ids.size());
    for (std::size_t i = 0; i < ids.size(); ++i) {
        StoredStudy a = one.load(ids[i]), b = other.load(in.taken[i]);
        for (StoredStudy* s : {&a, &b}) {
            s->study.referencePicture.clear();
            for (Sketch& attempt : s->study.sketches)
                attempt.picture.clear();
        }
        CHECK(a.study == b.study);
        CHECK(std::tie(a.uid, a.made, a.changed, a.lookedAt, a.putAway) ==
              std::tie(b.uid, b.made, b.changed, b.lookedAt, b.putAway));
    }
    // The list that the first version wrote.
    const std::string study = R"({"uid":"u","made":"2025-01-01T00:00:00.000Z","put_away":true,"study":{"format":"zokran-study",)"
                              R"("version":1,"title":"of old","reference":{"picture":"0001-a.jpg"},"sketches":[]}})";
    writeZip(file, {{"zokran-bundle.json", bundleOf(study)}, {"pictures/0001-a.jpg", "old bytes"}});
    const Imported old = importBundle(other, file);
    REQUIRE(old.taken.size() == 1);
    const StoredStudy taken = other.load(old.taken[0]);
    CHECK(taken.study.title == "of old");
    CHECK(taken.made == "2025-01-01T00:00:00.000Z");
    CHECK(taken.putAway);
    CHECK(contentOf(other.picturePath(taken.study.referencePicture)) == "old bytes");
}

TEST_CASE("A logbook of the sixth version opens with everything in it, each study with a name of its own") {
    Folder folder;
    std::filesystem::copy_file(ZOKRAN_TEST_DATA "/logbooks/version-6.sqlite", folder.path / "logbook.sqlite");
    Logbook book(folder.path);
    const auto all = book.studies();
    REQUIRE(all.size() == 43);
    std::set<std::string> uids;
    for (const StudySummary& s : all) {
        const StoredStudy stored = book.load(s.id);
        CHECK(stored.uid.size() == 32);
        uids.insert(stored.uid);
        CHECK_FALSE(stored.study.framing);
    }
    CHECK(uids.size() == 43);
    const Study first = book.load(1).study;
    CHECK(first.diary.materials == "charcoal on newsprint");
    CHECK(first.pageLayout->paper.width == Millimetres{420});
    CHECK(first.lighting->values == 5);
    CHECK(first.sketches.at(0).took == std::chrono::seconds(600));
    CHECK(book.drillAnswers().size() == 1);
}
