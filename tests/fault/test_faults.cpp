// Every system call that keeping something makes fails once, in turn, and then so that the disk stays full: whatever
// comes of it, the learner has the old state or the new one, and is told when it is the old one.

#include "core/base/atomic_file.h"
#include "logbook/backup.h"
#include "logbook/bundle.h"
#include "logbook/recovery.h"
#include "tests/fault/injection.h"
#include "tests/folder.h"

#include <catch2/catch.hpp>
#include <fstream>

using namespace zokran;
using namespace zokran::test;

namespace {

Study titled(const std::string& title) {
    Study study;
    study.title = title;
    study.notes = std::string(9000, 'n');
    return study;
}

/// What a folder holds, in words that can be compared.
using State = std::string;

/// The titles in a folder's logbook, opened as the program opens it.
State titlesIn(const std::filesystem::path& folder) {
    Logbook book(folder);
    State titles;
    for (StudyId id : book.allReadable())
        titles += book.load(id).study.title + ";";
    return titles;
}

struct Action {
    const char* name;
    std::function<void(const std::filesystem::path&)> prepare, act;
    std::function<State(const std::filesystem::path&)> look;
    State before, after;
};

void overwriteMiddle(const std::filesystem::path& file) {
    const auto size = std::filesystem::file_size(file);
    std::fstream raw(file, std::ios::in | std::ios::out | std::ios::binary);
    raw.seekp(static_cast<std::streamoff>(size / 2 / 4096 * 4096));
    raw << std::string(4096, '\xa5');
}

const std::vector<Action>& actions() {
    using Path = std::filesystem::path;
    static const std::vector<Action> all{
        {"write a file", [](const Path& f) { put(f / "a.json", "old"); },
         [](const Path& f) { writeAtomically(f / "a.json", "new"); }, [](const Path& f) { return contentOf(f / "a.json"); },
         "old", "new"},
        {"save a study", [](const Path& f) { Logbook(f).add(titled("old")); },
         [](const Path& f) {
             Logbook book(f);
             book.save(1, titled("new"), {}, book.load(1).revision);
         },
         titlesIn, "old;", "new;"},
        {"begin a logbook", [](const Path&) {}, [](const Path& f) { Logbook book(f); }, titlesIn, "", ""},
        {"keep a picture with a study",
         [](const Path& f) {
             Logbook(f).add(titled("old"));
             put(f / "a.jpg", std::string(300000, 'p'));
         },
         [](const Path& f) {
             Logbook book(f);
             Study study = titled("new");
             study.referencePicture = book.keepPicture(f / "a.jpg");
             book.add(study);
         },
         [](const Path& f) {
             const State titles = titlesIn(f);
             if (titles != "old;")
                 CHECK(contentOf(Logbook(f).picturePath(Logbook(f).load(2).study.referencePicture)).size() == 300000);
             return titles;
         },
         "old;", "old;new;"},
        {"back up", [](const Path& f) { Logbook(f).add(titled("kept")); }, [](const Path& f) { backUp(f, "2026-11-29"); },
         [](const Path& f) {
             CHECK(titlesIn(f) == "kept;");
             const auto backups = backupsIn(f);
             // One that is there is whole.
             return backups.empty() ? State() : fmt::format("{} {}", backups.size(), backups[0].studies);
         },
         "", "1 1"},
        {"go back to a backup",
         [](const Path& f) {
             Logbook book(f);
             book.add(titled("then"));
             backUp(f, "2026-11-28");
             book.add(titled("now"));
         },
         [](const Path& f) { restoreBackup(f, backupsIn(f).at(0).file); }, titlesIn, "then;now;", "then;"},
        {"recover",
         [](const Path& f) {
             Logbook book(f);
             for (int i = 0; i < 20; ++i)
                 book.add(titled("s"));
         },
         [](const Path& f) { recover(f); },
         [](const Path& f) {
             try {
                 return titlesIn(f).size() > 20 ? State("recovered") : State("too few");
             } catch (const DamagedLogbook&) {
                 return State("damaged");
             }
         },
         "damaged", "recovered"},
        {"export",
         [](const Path& f) {
             Logbook book(f / "book");
             put(f / "a.jpg", std::string(100000, 'p'));
             Study study = titled("s");
             study.referencePicture = book.keepPicture(f / "a.jpg");
             book.add(study);
             put(f / "a.zokran", "old");
         },
         [](const Path& f) { exportBundle(Logbook(f / "book", Logbook::Access::ReadOnlyShared), {1}, f / "a.zokran"); },
         [](const Path& f) {
             if (contentOf(f / "a.zokran") == "old")
                 return State("old");
             Folder other;
             Logbook fresh(other.path);
             return State(importBundle(fresh, f / "a.zokran").taken.size() == 1 ? "new" : "broken");
         },
         "old", "new"},
        {"import",
         [](const Path& f) {
             Logbook(f / "book").add(titled("old"));
             Folder there;
             Logbook other(there.path);
             put(there.path / "a.jpg", std::string(100000, 'p'));
             Study study = titled("new");
             study.referencePicture = other.keepPicture(there.path / "a.jpg");
             exportBundle(other, {other.add(study)}, f / "a.zokran");
         },
         [](const Path& f) {
             Logbook book(f / "book");
             importBundle(book, f / "a.zokran");
         },
         [](const Path& f) {
             const State titles = titlesIn(f / "book");
             if (titles == "old;new;") {
                 Logbook book(f / "book");
                 CHECK(contentOf(book.picturePath(book.load(2).study.referencePicture)).size() == 100000);
             }
             return titles;
         },
         "old;", "old;new;"},
    };
    return all;
}

} // namespace

TEST_CASE("Whatever fails while something is kept, the old state is there or the new, and the old one is told") {
    for (const Action& action : actions())
        for (bool staysFull : {false, true}) {
            // A disk that stays full is tried at every third call.
            const int step = staysFull ? 3 : 1;
            int number = 1;
            for (bool isReached = true; isReached; number += step) {
                Folder folder;
                action.prepare(folder.path);
                if (std::string(action.name) == "recover")
                    overwriteMiddle(folder.path / "logbook.sqlite");
                bool isTold = false;
                {
                    FaultInjection fault(folder.path);
                    fault.failAt(number, staysFull);
                    try {
                        action.act(folder.path);
                    } catch (const StorageError&) {
                        isTold = true;
                    }
                    isReached = fault.counted() >= number;
                }
                INFO(action.name << ", call " << number << (staysFull ? " and all after" : ""));
                const State found = action.look(folder.path);
                const bool isOld = found == action.before, isNew = found == action.after;
                CHECK((isOld || isNew));
                CHECK((isTold || isNew));
                REQUIRE(number < 2000);
            }
            CHECK(number > 3); // some call was counted at all
        }
}
