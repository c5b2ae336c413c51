#include "app/window/launch.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QProcess>
#include <map>
#include <random>
#include <sqlite3.h>
#include <unistd.h>

namespace zokran::test {

class KeepingTest : public WindowTest {
    Q_OBJECT

    static void poke(const std::filesystem::path& database, const char* sql) {
        sqlite3* db = nullptr;
        sqlite3_open(database.c_str(), &db);
        const int result = sqlite3_exec(db, sql, nullptr, nullptr, nullptr);
        sqlite3_close(db);
        QCOMPARE(result, SQLITE_OK);
    }
    /// Another program spoils the logbook under the open window, and mends it again.
    void breakLogbook() {
        poke(file("book/logbook.sqlite").toStdString(), "ALTER TABLE study RENAME TO gone");
    }
    void mendLogbook() {
        poke(file("book/logbook.sqlite").toStdString(), "ALTER TABLE gone RENAME TO study");
    }

private slots:
    void aStudyPutAwayCanBePutBack() {
        fillWithDemo(*logbook_);
        press(Qt::Key_2, Qt::ControlModifier);
        auto* shelf = visibleNamed<QListWidget>("Your studies");
        clickOn(buttonSaying("Put away"));
        QCOMPARE(shelf->count(), 42);
        clickOn(buttonSaying("Put the last one back"));
        QCOMPARE(shelf->count(), 43);
    }

    void aStudyIsFoundByWhatIsTyped() {
        openDemo();
        goToStep("keep");
        for (const auto& [name, text] : {std::pair{"Materials", "charcoal"}, {"Mood", "patient"},
                                         {"Tags", "lamplight harbour"}}) {
            auto* edit = visibleNamed<QLineEdit>(name);
            QVERIFY(edit);
            edit->setFocus();
            QTest::keyClicks(edit, text);
        }
        QCOMPARE(study().diary.tags, std::string("lamplight harbour"));
        QVERIFY2(anyLabelSays("First form: "), said());
        auto* measured = visibleNamed<QComboBox>("Measured");
        QVERIFY(measured);
        measured->setFocus();
        QTest::keyClick(measured, Qt::Key_Down);
        QTest::keyClick(measured, Qt::Key_Down);
        QVERIFY(study().diary.measured == Measured::After);
        undo();
        QVERIFY(study().diary.measured == Measured::Before);
        press(Qt::Key_2, Qt::ControlModifier);
        auto* list = visibleNamed<QListWidget>("Your studies");
        auto* find = visibleNamed<QLineEdit>("Find a study");
        QCOMPARE(list->count(), 43);
        find->setFocus();
        QTest::keyClicks(find, "LAMP char");
        QCOMPARE(list->count(), 1);
        QVERIFY(anyLabelSays("1 of 43"));
        find->clear();
        QCOMPARE(list->count(), 43);
        QTest::keyClicks(find, "kittiwake");
        QVERIFY(list->count() > 0 && list->count() < 43);
        for (int i = 0; i < list->count(); ++i)
            QVERIFY(list->item(i)->text().contains("kittiwake", Qt::CaseInsensitive));
        QTest::keyClicks(find, " nobody");
        QCOMPARE(list->count(), 0);
        QVERIFY(!buttonSaying("Open on the bench")->isEnabled());
        find->clear();
        clickOn(buttonSaying("Open on the bench"));
        QVERIFY(session().document.isOpen());
    }

    void aSketchStillBeingOpenedGoesToTheStudyItWasOpenedFor() {
        photographs();
        openDemo();
        const StudyId first = *session().document.id();
        const std::size_t before = study().sketches.size();
        const StudyId other = first == 42 ? 41 : 42;
        const std::size_t othersBefore = logbook_->load(other).study.sketches.size();
        session().takePicture(file("sketch.png"), Side::Sketch);
        session().document.open(other); // before the picture has come
        waitForPictures();
        QTRY_COMPARE(logbook_->load(first).study.sketches.size(), before + 1);
        QCOMPARE(logbook_->load(other).study.sketches.size(), othersBefore);
        QCOMPARE(study().sketches.size(), othersBefore);
        QVERIFY(anyLabelSays(qt(logbook_->load(first).study.title)));
    }

    void lookingThroughStudiesReDatesNone() {
        openDemo();
        auto dates = [&] {
            std::map<StudyId, std::string> all;
            for (const StudySummary& s : logbook_->studies())
                all[s.id] = s.changed;
            return all;
        };
        const auto before = dates();
        for (StudyId id : {41, 42, 43}) {
            openStudy(id);
            goToStep("guides");
            goToStep("check");
            QVERIFY(session().document.saveNow());
        }
        closeWindow();
        QVERIFY(dates() == before);
        std::string looked;
        for (const StudySummary& s : logbook_->studies())
            if (s.id == 42)
                looked = s.lookedAt;
        QVERIFY(looked > before.at(42));
    }

    void anIdleSecondWindowOverwritesNothing() {
        openDemo();
        Logbook second(file("book").toStdString());
        MainWindow idle(second);
        idle.reopenLast();
        goToStep("keep");
        auto* notes = visibleNamed<QPlainTextEdit>("Notes");
        QVERIFY(notes);
        QTest::keyClicks(notes, "kept by the first window");
        QVERIFY(session().document.saveNow());
        const std::string changed = logbook_->studies().front().changed;
        QVERIFY(idle.close());
        QCOMPARE(logbook_->load(43).study.notes, study().notes);
        QCOMPARE(logbook_->studies().front().changed, changed);
    }

    void twoWindowsThatBothWriteKeepBoth() {
        openDemo();
        Logbook second(file("book").toStdString());
        MainWindow other(second);
        other.reopenLast();
        other.session().document.edit("note", {}, [](Study& s) { s.notes = "of the other"; });
        QVERIFY(other.session().document.saveNow());
        goToStep("keep");
        auto* notes = visibleNamed<QPlainTextEdit>("Notes");
        QTest::keyClicks(notes, "of this one ");
        QVERIFY(session().document.saveNow());
        QVERIFY(anyLabelSays("kept apart"));
        QCOMPARE(int(logbook_->studies().size()), 44);
        QCOMPARE(logbook_->load(43).study.notes, std::string("of the other"));
        QVERIFY(study().notes.starts_with("of this one"));
    }

    void aDayOfTwoWindowsLosesNothing() {
        // Both at work on the same few studies for a long day: whatever either of them wrote down is there at the end.
        openDemo();
        Logbook second(file("book").toStdString());
        MainWindow other(second);
        other.reopenLast();
        std::mt19937 random(8);
        const auto below = [&](int count) { return static_cast<int>(random() % static_cast<unsigned>(count)); };
        MainWindow* windows[] = {window_.get(), &other};
        std::vector<std::string> written;
        constexpr int acts = 400;
        for (int i = 0; i < acts; ++i) {
            MainWindow& window = *windows[below(2)];
            Document& document = window.session().document;
            if (below(4) == 0)
                document.open(38 + below(6)); // also while the other has it open
            const std::string token = "<" + std::to_string(i) + ">";
            if (below(20) == 0) {
                Study study;
                study.title = study.notes = token;
                document.logbook().add(study);
            } else {
                document.edit("note", {}, [&](Study& s) { s.notes += token; });
                if (below(3) == 0)
                    QVERIFY(document.saveNow());
                if (below(10) == 0)
                    window.goTo(MainWindow::Place::Library);
            }
            written.push_back(token);
            QCoreApplication::processEvents();
        }
        QVERIFY(other.close());
        closeWindow();
        std::string all;
        for (const StudySummary& s : logbook_->studies())
            all += logbook_->load(s.id).study.notes + "\n";
        for (const std::string& token : written)
            QVERIFY2(all.find(token) != std::string::npos, token.c_str());
        openWindow();
    }

    void aFolderThatIsTakenAwayIsToldAndWhatWasDoneIsThereWhenItReturns() {
        photographs();
        openDemo();
        goToStep("keep");
        const std::filesystem::path book = file("book").toStdString(), gone = file("gone").toStdString();
        std::filesystem::rename(book, gone);
        QTest::keyClicks(visibleNamed<QPlainTextEdit>("Notes"), "while it was away ");
        session().document.saveNow();
        const int sketches = int(study().sketches.size());
        openSketch(file("sketch.png"));
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("pictures"), said().constData(), 5000);
        QCOMPARE(int(study().sketches.size()), sketches);
        QVERIFY(study().notes.starts_with("while it was away"));
        std::filesystem::rename(gone, book);
        QVERIFY2(session().document.saveNow(), qPrintable(session().document.saveTrouble()));
        QVERIFY(logbook_->load(43).study.notes.starts_with("while it was away"));
        openSketch(file("sketch.png"));
        QTRY_COMPARE_WITH_TIMEOUT(int(study().sketches.size()), sketches + 1, 5000);
    }

    void aClockSetBackChangesNoStudyAndHidesNone() {
        openDemo();
        // As it was when the clock stood five years ahead.
        poke(file("book/logbook.sqlite").toStdString(),
             "UPDATE study SET changed = '2031-05-01T10:00:00.000Z', looked_at = '2031-05-01T10:00:00.000Z' WHERE id = 40");
        poke(file("book/logbook.sqlite").toStdString(),
             "UPDATE attempt SET drawn = '2031-05-01T10:00:00.000Z' WHERE study = 40");
        openStudy(40);
        goToStep("keep");
        QTest::keyClicks(visibleNamed<QPlainTextEdit>("Notes"), "after it was put right ");
        QVERIFY(session().document.saveNow());
        closeWindow();
        openWindow();
        window_->reopenLast();
        waitForPictures();
        QCOMPARE(*session().document.id(), StudyId(40));
        QVERIFY(study().notes.starts_with("after it was put right"));
        press(Qt::Key_2, Qt::ControlModifier);
        QCOMPARE(visibleNamed<QListWidget>("Your studies")->count(), 43);
        // A plan begun today does not count what is said to be drawn in the future twice, nor fall over it.
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("Begin today"));
        QVERIFY2(anyLabelSays("of 100 are drawn"), said());
        press(Qt::Key_5, Qt::ControlModifier);
        QTRY_VERIFY_WITH_TIMEOUT(!window_->progress()->isWorking(), 20000);
        QVERIFY2(window_->progress()->data().drawings.size() == 43, said());
    }

    void aPictureThatHasGoneIsSaidOnItsSheetAndAboveIt() {
        openDemo();
        const auto picture = logbook_->picturePath(study().referencePicture);
        window_.reset();
        std::filesystem::remove(picture);
        openWindow();
        window_->reopenLast();
        waitForPictures();
        QVERIFY(anyLabelSays("not there any more"));
        QVERIFY(seen()->scene().picture.isNull());
        QVERIFY(seen()->scene().emptyText.contains("cannot be shown"));
        QVERIFY(!seen()->scene().emptyText.contains("you draw from lies here"));
        QVERIFY(session().fit()); // its marks are all there
        QTest::qWait(50);
        QVERIFY(anyLabelSays("not there any more")); // and the message stays
    }

    void aDatabaseThatFailsUnderTheHandIsToldAndTheWindowStays() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        auto* shelf = visibleNamed<QListWidget>("Your studies");
        breakLogbook();
        clickOn(buttonSaying("Put away"));
        press(Qt::Key_1, Qt::ControlModifier);
        QVERIFY(anyLabelSays("study"));
        QVERIFY(anyLabelSays("logbook.sqlite"));
        QVERIFY(shelf && window_->isVisible());
        mendLogbook();
    }

    void quittingWhileTheLastSaveFailedAsks() {
        openDemo();
        goToStep("keep");
        breakLogbook();
        QTest::keyClicks(visibleNamed<QPlainTextEdit>("Notes"), "not to be lost");
        QVERIFY(!window_->close());
        QVERIFY(window_->isVisible());
        QVERIFY(anyLabelSays("could not be saved"));
        QVERIFY(buttonSaying("Quit without it"));
        mendLogbook();
        clickOn(buttonSaying("Try again and quit"));
        QVERIFY(!window_->isVisible());
        QVERIFY(logbook_->load(43).study.notes.find("not to be lost") != std::string::npos);
    }

    void quittingWithoutTheLastChangeIsTheLearnersToSay() {
        openDemo();
        goToStep("keep");
        breakLogbook();
        QTest::keyClicks(visibleNamed<QPlainTextEdit>("Notes"), "given up");
        QVERIFY(!window_->close());
        clickOn(buttonSaying("Quit without it"));
        QVERIFY(!window_->isVisible());
        mendLogbook();
    }

    void aLogbookThatIsNoneGetsAWindowThatSaysSo() {
        window_.reset();
        const std::filesystem::path bad = file("bad").toStdString();
        std::filesystem::create_directories(bad);
        std::ofstream(bad / "logbook.sqlite") << std::string(9000, 'x');
        Launch launch(bad);
        launch.start();
        QVERIFY(!launch.window());
        QWidget* start = launch.startWindow();
        QVERIFY(start && start->isVisible());
        QVERIFY(anyLabelSays("logbook.sqlite", start));
        for (const char* way : {"Try again", "another folder", "copy", "look"})
            QVERIFY2(buttonSaying(way, start), way);
        // Once the folder is in order again, trying again opens it.
        std::filesystem::remove(bad / "logbook.sqlite");
        clickOn(buttonSaying("Try again", start));
        QVERIFY(launch.window() && launch.window()->isVisible());
        QVERIFY(!start->isVisible());
    }

    void aLogbookOfALaterVersionCanBeLookedForElsewhere() {
        window_.reset();
        const std::filesystem::path later = file("later").toStdString();
        { Logbook make(later); }
        poke(later / "logbook.sqlite", "PRAGMA user_version = 99");
        Launch launch(later);
        launch.start();
        QVERIFY(!launch.window());
        QVERIFY(anyLabelSays("newer", launch.startWindow()));
        // Another folder is chosen as a learner does: its name typed into the chooser.
        const QString other = file("other");
        QDir().mkpath(other);
        chooseFile(other, [&] { clickOn(buttonSaying("another folder", launch.startWindow())); });
        QVERIFY(launch.window() && launch.window()->isVisible());
        QVERIFY(std::filesystem::exists(other.toStdString() + "/logbook.sqlite"));
    }

    void aLogbookThatMayOnlyBeReadCanBeWorkedOnAsACopy() {
        openDemo();
        window_.reset();
        logbook_.reset();
        const std::filesystem::path book = file("book").toStdString();
        const std::filesystem::path home = file("home").toStdString();
        std::filesystem::create_directories(home);
        using std::filesystem::perms;
        std::filesystem::permissions(folder_->path().toStdString(), perms(0755));
        std::filesystem::permissions(home, perms(0777));
        for (const auto& entry : std::filesystem::recursive_directory_iterator(book))
            std::filesystem::permissions(entry.path(), entry.is_directory() ? perms(0555) : perms(0444));
        std::filesystem::permissions(book, perms(0555));
        const QByteArray homeBefore = qgetenv("HOME");
        qputenv("HOME", QByteArray::fromStdString(home.string()));
        // The administrator may write everywhere; as anybody else the folder can only be read.
        const bool wasRoot = geteuid() == 0;
        if (wasRoot)
            QCOMPARE(seteuid(65534), 0);
        {
            Launch launch(book);
            launch.start();
            const bool refused = !launch.window();
            if (refused)
                clickOn(buttonSaying("copy", launch.startWindow()));
            const bool works = launch.window() && launch.window()->session().document.logbook().studies().size() == 43 &&
                               launch.window()->session().document.logbook().folder().string().starts_with(home.string());
            if (works)
                launch.window()->session().document.edit("x", {}, [](Study& s) { s.notes = "in the copy"; });
            const bool saved = works && launch.window()->session().document.saveNow();
            if (wasRoot)
                QCOMPARE(seteuid(0), 0);
            QVERIFY(refused);
            QVERIFY(works);
            QVERIFY(saved);
        }
        qputenv("HOME", homeBefore);
        // The folder it was copied from is as it was.
        std::filesystem::permissions(book, perms(0755));
        for (const auto& entry : std::filesystem::recursive_directory_iterator(book))
            std::filesystem::permissions(entry.path(), entry.is_directory() ? perms(0755) : perms(0644));
        logbook_ = std::make_unique<Logbook>(book);
        QVERIFY(logbook_->load(43).study.notes != "in the copy");
    }

    void aLogbookThatMayOnlyBeReadCanBeLookedAt() {
        openDemo();
        window_.reset();
        logbook_.reset();
        Launch launch(file("book").toStdString());
        // As on a read-only disk: a folder stands where the journal would go.
        std::filesystem::create_directories(file("book/logbook.sqlite-wal").toStdString() + "/x");
        launch.start();
        QVERIFY(!launch.window());
        clickOn(buttonSaying("look", launch.startWindow()));
        QVERIFY(launch.window());
        QVERIFY(anyLabelSays("only looking", launch.window()));
        launch.window()->session().document.open(42);
        QTRY_VERIFY(launch.window()->session().comparison());
        launch.window()->session().document.edit("x", {}, [](Study& s) { s.notes = "no"; });
        QVERIFY(launch.window()->close());
        std::filesystem::remove_all(file("book/logbook.sqlite-wal").toStdString());
        Logbook again(file("book").toStdString());
        QVERIFY(again.load(42).study.notes != "no");
        logbook_ = std::make_unique<Logbook>(file("book").toStdString());
    }

    void aDamagedLogbookOpensWithWhatCanBeRead() {
        openDemo();
        window_.reset();
        logbook_.reset();
        const std::filesystem::path database = file("book/logbook.sqlite").toStdString();
        const auto size = std::filesystem::file_size(database);
        {
            std::fstream raw(database, std::ios::in | std::ios::out | std::ios::binary);
            raw.seekp(static_cast<std::streamoff>(size / 2 / 4096 * 4096));
            raw << std::string(4096, '\x3c');
        }
        Launch launch(file("book").toStdString());
        launch.start();
        QVERIFY(launch.window());
        QVERIFY(anyLabelSays("was damaged", launch.window()));
        QVERIFY(std::filesystem::exists(file("book/logbook-damaged-1.sqlite").toStdString()));
        QVERIFY(launch.window()->session().document.logbook().studies().size() > 20);
    }

    void theProgramKilledAtAnyMomentLosesNothingSaved() {
        window_.reset();
        QProcess program;
        QProcessEnvironment where = QProcessEnvironment::systemEnvironment();
        where.insert("QT_QPA_PLATFORM", "offscreen");
        where.insert("XDG_CONFIG_HOME", folder_->path());
        program.setProcessEnvironment(where);
        program.start(ZOKRAN_PROGRAM, {"--demo", "--data", file("killed")});
        QVERIFY(program.waitForStarted());
        const std::filesystem::path database = file("killed/logbook.sqlite").toStdString();
        auto studies = [&]() -> std::size_t {
            try {
                return std::filesystem::exists(database)
                           ? Logbook(file("killed").toStdString()).studies().size()
                           : 0;
            } catch (const StorageError&) {
                return 0; // just being made
            }
        };
        QTRY_VERIFY_WITH_TIMEOUT(studies() > 3, 30000); // in the middle of laying the demo in
        program.kill();                                 // SIGKILL
        QVERIFY(program.waitForFinished());
        const std::size_t left = studies();
        QVERIFY(left > 3);
        Logbook book(file("killed").toStdString());
        for (const StudySummary& s : book.studies()) {
            QVERIFY(book.load(s.id).study.sketch());
            QVERIFY(std::filesystem::exists(book.picturePath(s.referencePicture)));
        }
    }

    void helpAndVersionNeedNoDisplay() {
        for (const char* word : {"--help", "--version"}) {
            QProcess program;
            QProcessEnvironment bare = QProcessEnvironment::systemEnvironment();
            for (const char* display : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"})
                bare.remove(display);
            program.setProcessEnvironment(bare);
            program.start(ZOKRAN_PROGRAM, {word});
            QVERIFY(program.waitForFinished());
            QCOMPARE(program.exitStatus(), QProcess::NormalExit);
            QCOMPARE(program.exitCode(), 0);
            QVERIFY(program.readAllStandardOutput().contains("zokran"));
        }
    }

    void aLogbookOfTheSecondVersionOpensInTheWindow() {
        window_.reset();
        logbook_.reset();
        const std::filesystem::path book = file("old").toStdString();
        std::filesystem::create_directories(book);
        std::filesystem::copy_file(ZOKRAN_TEST_DATA "/logbooks/version-2.sqlite",
                                   book / "logbook.sqlite");
        Launch launch(book);
        launch.start();
        QVERIFY(launch.window());
        StudySession& session = launch.window()->session();
        QTRY_VERIFY(session.comparison());
        QCOMPARE(launch.window()->workspace()->step().id(), std::string("check"));
        QVERIFY(anyLabelSays("less turned", launch.window()));
    }
};

std::unique_ptr<QObject> makeKeepingTest() {
    return std::make_unique<KeepingTest>();
}

} // namespace zokran::test

#include "test_keeping.moc"
