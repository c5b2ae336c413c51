// Kills the program at random moments while a learner works, and counts what is lost.
//
//   kill-test ROUNDS [SEED]
//
// Each round starts a child: the real window on a logbook that grows from round to round, driven with clicks and
// keys (marks placed, notes typed, pictures taken in, studies put away, undone). The child tells through a pipe
// what it has just done; at a random moment it gets SIGKILL. Then the logbook is opened: it must be whole, every
// study ever told of must be there, and of its work at most the last second may be missing: the second before the
// child's last word, since a busy machine may stall the child for longer than that before it is killed.

#include "app/document/marking.h"
#include "app/widgets/theme.h"
#include "app/window/launch.h"
#include "app/window/main_window.h"
#include "app/window/workspace.h"
#include "cast/bust.h"
#include "cast/picture_encoding.h"
#include "cast/stand_in_camera.h"
#include "core/base/errors.h"

#include <QApplication>
#include <QSettings>
#include <QtTest>
#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <fcntl.h>
#include <fstream>
#include <map>
#include <random>
#include <sqlite3.h>
#include <sys/wait.h>
#include <unistd.h>

namespace {

using namespace zokran;
using Clock = std::chrono::steady_clock;

double seconds() {
    return std::chrono::duration<double>(Clock::now().time_since_epoch()).count();
}

/// What the child knows of a study it has just worked at.
void tell(const Document& document) {
    const Study& s = document.study();
    std::printf("%.6f %lld %d %zu %zu\n", seconds(), static_cast<long long>(*document.id()),
                static_cast<int>(s.reference.seenMarks().size()), s.notes.size(), s.sketches.size());
    std::fflush(stdout);
}

int busy(const std::string& folder, const std::string& picture, unsigned seed) {
    int argc = 1;
    char name[] = "kill-test";
    char* argv[] = {name, nullptr};
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    QApplication app(argc, argv);
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, QString::fromStdString(folder + "/settings"));
    Theme::apply(app, "light");
    Launch launch(folder + "/book");
    launch.start();
    MainWindow* window = launch.window();
    if (!window)
        return 3;
    std::mt19937 random(seed);
    const auto below = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    StudySession& session = window->session();
    SheetView* seen = window->workspace()->sheet(Side::Reference);
    // As it was opened, too: that is what stands until the first edit is saved.
    QObject::connect(&session.document, &Document::opened, window, [&] { tell(session.document); });
    const auto settle = [&] {
        for (int i = 0; i < 3; ++i)
            QCoreApplication::processEvents();
    };
    const auto takePicture = [&] {
        session.takePicture(QString::fromStdString(picture), Side::Reference, "Halcyon");
        const double begun = seconds();
        while (session.pictures.decoding() && seconds() < begun + 10)
            QTest::qWait(2);
        settle();
    };
    std::printf("ready\n");
    std::fflush(stdout);
    if (session.document.id())
        tell(session.document); // the study that lay on the bench before
    for (;;) {
        if (!session.document.isOpen())
            takePicture();
        const int what = below(20);
        if (what < 12) {
            session.document.goTo("block-in");
            settle();
            QTest::mouseClick(seen, Qt::LeftButton, {}, QPoint(60 + below(seen->width() - 120), 60 + below(seen->height() - 120)));
        } else if (what < 15) {
            session.document.edit("Notes", {}, [&](Study& s) { s.notes += 'x'; });
        } else if (what < 16) {
            takePicture();
        } else if (what < 17) {
            session.takePicture(QString::fromStdString(picture), Side::Sketch);
        } else if (what < 18) {
            const auto all = session.document.logbook().studies();
            if (all.size() > 1 && below(3) == 0)
                session.document.open(all[static_cast<std::size_t>(below(static_cast<int>(all.size())))].id);
        } else if (what < 19) {
            const auto all = session.document.logbook().studies();
            if (all.size() > 1)
                session.document.logbook().putAway(all.back().id, true);
        } else {
            QTest::keyClick(window, Qt::Key_Z, Qt::ControlModifier);
        }
        settle();
        if (session.document.id())
            tell(session.document);
        QTest::qWait(below(25));
    }
}

struct Told {
    double at = 0;
    int marks = 0;
    std::size_t notes = 0, sketches = 0;
};

struct Child {
    pid_t pid = 0;
    int pipe = -1;
};

Child startBusy(const std::string& program, const std::string& folder, const std::string& picture, unsigned seed) {
    int ends[2];
    if (::pipe(ends) != 0)
        return {};
    const pid_t pid = ::fork();
    if (pid == 0) {
        ::dup2(ends[1], 1);
        const int nowhere = ::open("/dev/null", O_WRONLY);
        ::dup2(nowhere, 2);
        ::close(ends[0]);
        ::close(ends[1]);
        ::execl(program.c_str(), program.c_str(), "--busy", folder.c_str(), picture.c_str(),
                std::to_string(seed).c_str(), nullptr);
        ::_exit(127);
    }
    ::close(ends[1]);
    return {pid, ends[0]};
}

/// What the child told, read to the end.
std::map<StudyId, std::vector<Told>> readTold(FILE* in) {
    std::map<StudyId, std::vector<Told>> told;
    char line[256];
    while (std::fgets(line, sizeof line, in)) {
        Told t;
        long long id = 0;
        if (std::sscanf(line, "%lf %lld %d %zu %zu", &t.at, &id, &t.marks, &t.notes, &t.sketches) == 5)
            told[id].push_back(t);
    }
    return told;
}

bool isWhole(const std::string& file) {
    sqlite3* db = nullptr;
    bool whole = false;
    if (sqlite3_open_v2(file.c_str(), &db, SQLITE_OPEN_READWRITE, nullptr) == SQLITE_OK)
        sqlite3_exec(
            db, "PRAGMA integrity_check",
            [](void* to, int, char** values, char**) {
                *static_cast<bool*>(to) = std::string(values[0]) == "ok";
                return 0;
            },
            &whole, nullptr);
    sqlite3_close(db);
    return whole;
}

int run(const std::string& program, int rounds, unsigned seed) {
    char pattern[] = "/tmp/zokran-kill-XXXXXX";
    const std::string folder = ::mkdtemp(pattern);
    const std::string picture = folder + "/head.png";
    {
        Shot shot;
        shot.size = 200;
        std::ofstream(picture, std::ios::binary) << encoded(photograph(Bust(sitterNamed("halcyon")), shot), ".png");
    }
    std::mt19937 random(seed);
    std::map<StudyId, Study> known; // as they were after the last round
    int lost = 0, broken = 0, tooLate = 0, killedBusy = 0;
    for (int round = 0; round < rounds; ++round) {
        const Child child = startBusy(program, folder, picture, static_cast<unsigned>(random()));
        FILE* in = ::fdopen(child.pipe, "r");
        char line[64];
        const bool ready = std::fgets(line, sizeof line, in) != nullptr;
        ::usleep(static_cast<useconds_t>(20'000 + random() % 2'600'000));
        ::kill(child.pid, SIGKILL);
        int status = 0;
        ::waitpid(child.pid, &status, 0);
        const auto told = readTold(in);
        std::fclose(in);
        double lastWord = 0;
        for (const auto& [id, steps] : told)
            lastWord = std::max(lastWord, steps.back().at);
        const bool atWork = ready && WIFSIGNALED(status) && WTERMSIG(status) == SIGKILL;
        killedBusy += atWork;
        if (!atWork)
            std::printf("round %d: the program ended by itself, status %d\n", round, status);
        if (!isWhole(folder + "/book/logbook.sqlite")) {
            ++broken;
            std::printf("round %d: the logbook is not whole\n", round);
        }
        const Logbook book(folder + "/book");
        std::map<StudyId, Study> now;
        for (StudyId id : book.allReadable())
            now[id] = book.load(id).study;
        for (const auto& [id, study] : known)
            if (!now.count(id)) {
                ++lost;
                std::printf("round %d: study %lld is lost\n", round, static_cast<long long>(id));
            }
        for (const auto& [id, steps] : told) {
            if (!now.count(id)) {
                ++lost;
                std::printf("round %d: study %lld is lost\n", round, static_cast<long long>(id));
                continue;
            }
            // It stands as at one of the moments of its last second, or later ones not told any more.
            std::size_t from = 0;
            for (std::size_t i = 0; i < steps.size(); ++i)
                if (steps[i].at <= lastWord - 1)
                    from = i;
            const Study& s = now.at(id);
            const int marks = static_cast<int>(s.reference.seenMarks().size());
            const auto apart = [](auto a, auto b) { return a > b ? a - b : b - a; };
            // A sketch that was being decoded may have come in after the last word.
            const auto is = [&](const Told& t, int by) {
                return apart(t.marks, marks) <= by && apart(t.notes, s.notes.size()) <= static_cast<std::size_t>(by) &&
                       t.sketches <= s.sketches.size() + static_cast<std::size_t>(by);
            };
            bool fits = is(steps.back(), 1); // one edit was made and not reported any more
            for (std::size_t i = from; i < steps.size(); ++i)
                fits = fits || is(steps[i], 0);
            if (!fits) {
                ++tooLate;
                std::printf("round %d: study %lld misses more than its last second\n", round,
                            static_cast<long long>(id));
            }
            for (const std::string& name : {s.referencePicture, s.sketches.empty() ? s.referencePicture : s.sketches.back().picture}) {
                std::error_code error;
                if (std::filesystem::file_size(book.picturePath(name), error) != std::filesystem::file_size(picture)) {
                    ++lost;
                    std::printf("round %d: picture %s is lost\n", round, name.c_str());
                }
            }
        }
        known = std::move(now);
        // Grown long enough, it begins anew; opening it must not become most of a round.
        if (known.size() > 60) {
            std::filesystem::remove_all(folder + "/book");
            known.clear();
        }
    }
    std::printf("%d rounds, %d killed at work: %d lost, %d logbooks not whole, %d missing more than a second\n", rounds,
                killedBusy, lost, broken, tooLate);
    std::filesystem::remove_all(folder);
    return lost || broken || tooLate || killedBusy < rounds;
}

} // namespace

int main(int argc, char** argv) {
    try {
        if (argc == 5 && std::string(argv[1]) == "--busy")
            return busy(argv[2], argv[3], static_cast<unsigned>(std::stoul(argv[4])));
        if (argc < 2) {
            std::fprintf(stderr, "kill-test ROUNDS [SEED]\n");
            return 2;
        }
        return run(argv[0], std::stoi(argv[1]), argc > 2 ? static_cast<unsigned>(std::stoul(argv[2])) : 1);
    } catch (const std::exception& e) {
        std::fprintf(stderr, "kill-test: %s\n", e.what());
        return 2;
    }
}
