// Nothing is done by accident and nothing goes without a word: second clicks, folders and studies that vanish under the
// window, logbooks that cannot be opened, long names, one way back for everything.

#include "app/course/step.h"
#include "app/progress/progress_place.h"
#include "app/library/library.h"
#include "app/window/launch.h"
#include "app/background/background.h"
#include "logbook/backup.h"
#include "tests/app/window_test.h"

#include <QSemaphore>
#include <csignal>
#include <filesystem>
#include <sys/resource.h>

namespace zokran::test {

class SafetyTest : public WindowTest {
    Q_OBJECT

    /// A second click as a hurried hand makes it.
    static void doubleClick(QWidget* widget) {
        QTest::mouseClick(widget, Qt::LeftButton);
        QTest::mouseDClick(widget, Qt::LeftButton);
        QCoreApplication::processEvents();
    }
    void damage(const QString& logbook) {
        QFile broken(logbook);
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write(QByteArray(9000, 'x')) == 9000);
        QFile::remove(logbook + "-wal");
    }
    std::string bookPath() { return file("book").toStdString(); }

private slots:
    void aSecondClickOnTheLargeButtonDoesNothingElse() {
        const auto [seenTruth, drawnTruth] = photographs();
        openReference(file("head.png"));
        // As if found by the program: three marks to be looked over, the others to be asked for.
        session().document.edit("suggest", {}, [&, truth = &seenTruth](Study& s) {
            for (Mark m : {Mark::OuterEyeR, Mark::OuterEyeL, Mark::NoseTip, Mark::Chin})
                s.reference.marks[m] = PlacedMark{*truth->seen(m), false, true, Pixels{2}};
        });
        QCoreApplication::processEvents();
        QVERIFY2(buttonSaying("They are right") == nextButton(), said());
        SettledButton::settlingMs = 300;
        const QPoint where = nextButton()->mapTo(window_.get(), nextButton()->rect().center());
        doubleClick(nextButton());
        const auto hidden = [&](const MarkSheet& sheet) {
            return std::count_if(sheet.marks.begin(), sheet.marks.end(), [](const auto& m) { return m && m->hidden; });
        };
        QCOMPARE(int(hidden(study().reference)), 0);
        QCOMPARE(placedCount(session(), Side::Reference), 4);
        QCOMPARE(stepId(), std::string("block-in"));
        // Nor does the way out stand where "They are right" was.
        QPushButton* cannot = buttonSaying("Cannot see it");
        QVERIFY(cannot);
        QVERIFY(!QRect(cannot->mapTo(window_.get(), QPoint()), cannot->size()).contains(where));
        // A while later a click on it is meant.
        QTest::qWait(320);
        clickOn(cannot);
        QCOMPARE(int(hidden(study().reference)), 1);
    }

    void aSecondClickOnPutAwayTakesOneStudy() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        SettledButton::settlingMs = 300;
        QPushButton* away = buttonSaying("Put away");
        QVERIFY(away);
        QTest::qWait(320);
        doubleClick(away);
        QCOMPARE(int(logbook_->studies(Logbook::Shelved::PutAway).size()), 1);
        QTest::qWait(320);
        QTest::mouseClick(buttonSaying("Put away"), Qt::LeftButton);
        QCOMPARE(int(logbook_->studies(Logbook::Shelved::PutAway).size()), 2);
    }

    void aKeyHeldDownPressesTheButtonOnce() {
        SettledButton button("Go");
        int pressed = 0;
        connect(&button, &QPushButton::clicked, [&] { ++pressed; });
        button.show();
        button.setFocus();
        QTest::keyPress(&button, Qt::Key_Space);
        for (int i = 0; i < 5; ++i) {
            QKeyEvent again(QEvent::KeyPress, Qt::Key_Space, {}, " ", true);
            QApplication::sendEvent(&button, &again);
        }
        QTest::keyRelease(&button, Qt::Key_Space);
        QCOMPARE(pressed, 1);
    }

    void aDeletedFolderIsNoticedAndWhatIsOpenGoesElsewhere() {
        photographs();
        window_.reset();
        logbook_.reset();
        Launch launch(bookPath());
        launch.start();
        QVERIFY(launch.window());
        launch.window()->openFiles({file("head.png")});
        QTRY_VERIFY_WITH_TIMEOUT(launch.window()->session().document.isOpen(), 10000);
        Document& document = launch.window()->session().document;
        document.edit("write", {}, [](Study& s) { s.notes = "a day's words"; });
        QVERIFY(document.saveNow());
        std::filesystem::remove_all(bookPath());
        document.edit("write", {}, [](Study& s) { s.notes = "more words"; });
        QVERIFY(!document.saveNow());
        QVERIFY(says(launch.window(), "It is still here"));
        // Nor does the window close without a word.
        QVERIFY(!launch.window()->close());
        QVERIFY(says(launch.window(), "could not be saved"));
        document.saveNow();
        QPushButton* elsewhere = buttonIn(launch.window(), "Keep it in another folder");
        QVERIFY(elsewhere);
        QDir().mkpath(file("elsewhere"));
        chooseFile(file("elsewhere"), [&] {
            QTest::mouseClick(elsewhere, Qt::LeftButton);
            QTRY_VERIFY_WITH_TIMEOUT(QFileInfo::exists(file("elsewhere/logbook.sqlite")), 10000);
        });
        QTRY_VERIFY_WITH_TIMEOUT(launch.window() && launch.window()->session().document.isOpen(), 10000);
        QCOMPARE(launch.window()->session().study().notes, std::string("more words"));
        QCOMPARE(QString::fromStdString(launch.window()->session().document.logbook().folder().string()), file("elsewhere"));
        // The next start goes there, too, and begins no empty logbook where the first one was.
        Launch again(bookPath());
        again.start();
        QVERIFY(again.window());
        QCOMPARE(QString::fromStdString(again.window()->session().document.logbook().folder().string()), file("elsewhere"));
        QVERIFY(!QFileInfo::exists(file("book/logbook.sqlite")));
    }

    void aStudyDeletedElsewhereIsOfferedAsANewOne() {
        openDemo();
        const StudyId id = *session().document.id();
        { Logbook(bookPath()).erase(id); }
        session().document.edit("write", {}, [](Study& s) { s.notes = "written after"; });
        QVERIFY(!session().document.saveNow());
        QVERIFY2(anyLabelSays("was deleted by another window"), said());
        clickOn(buttonSaying("Keep it as a new study"));
        QCOMPARE(logbook_->load(*session().document.id()).study.notes, std::string("written after"));
        // Or it is let go, and nothing comes back.
        const StudyId kept = *session().document.id();
        { Logbook(bookPath()).erase(kept); }
        session().document.edit("write", {}, [](Study& s) { s.notes = "and again"; });
        QVERIFY(!session().document.saveNow());
        clickOn(buttonSaying("Let it go"));
        QVERIFY(!session().document.isOpen());
        QVERIFY(window_->close());
        QVERIFY_EXCEPTION_THROWN(logbook_->load(kept), MissingStudy);
    }

    void aLogbookGoneFromItsPlaceIsNotTakenForANewOne() {
        window_.reset();
        Study work;
        work.title = "a year's work";
        logbook_->add(work);
        backUp(bookPath(), "2026-11-27");
        work.title = "yesterday's";
        logbook_->add(work);
        backUp(bookPath(), "2026-11-28");
        logbook_.reset();
        for (const char* part : {"", "-wal", "-shm"})
            QFile::remove(file("book/logbook.sqlite") + part);
        Launch launch(bookPath());
        launch.start();
        QVERIFY(!launch.window() && launch.startWindow());
        QVERIFY(says(launch.startWindow(), "gone from its place"));
        QTest::mouseClick(buttonIn(launch.startWindow(), "Try again"), Qt::LeftButton);
        QVERIFY(!launch.window());
        // Both backups are shown with what they hold; the older one is chosen.
        auto* backups = launch.startWindow()->findChild<QComboBox*>();
        QVERIFY(backups && backups->isVisible());
        QCOMPARE(backups->count(), 2);
        QVERIFY2(backups->itemText(0).contains("2 studies"), qPrintable(backups->itemText(0)));
        backups->setFocus();
        QTest::keyClick(backups, Qt::Key_Down);
        QVERIFY(backups->currentText().contains("1 studies"));
        QTest::mouseClick(buttonIn(launch.startWindow(), "Go back to a daily backup"), Qt::LeftButton);
        QVERIFY(launch.window());
        QCOMPARE(int(launch.window()->session().document.logbook().studies().size()), 1);
    }

    void anEmptyLogbookIsBegunOnlyWhenAskedFor() {
        window_.reset();
        Study work;
        work.title = "gone";
        logbook_->add(work);
        logbook_->keepPictureBytes("a.jpg", "bytes");
        logbook_.reset();
        QFile::remove(file("book/logbook.sqlite"));
        Launch launch(bookPath());
        launch.start();
        QVERIFY(!launch.window());
        QTest::mouseClick(buttonIn(launch.startWindow(), "Begin a new, empty logbook"), Qt::LeftButton);
        QVERIFY(launch.window());
        QVERIFY(launch.window()->session().document.logbook().studies().empty());
        // Of a damaged file that is there nobody is offered that.
        QDir().mkpath(file("bad"));
        damage(file("bad/logbook.sqlite"));
        Launch other(file("bad").toStdString());
        other.start();
        QVERIFY(!other.window());
        QVERIFY(!buttonIn(other.startWindow(), "Begin a new"));
    }

    void workOnACopyIsFoundAgainAtTheNextStart() {
        window_.reset();
        logbook_.reset();
        QDir().mkpath(file("bad"));
        damage(file("bad/logbook.sqlite"));
        QDir().mkpath(file("home"));
        const QByteArray home = qgetenv("HOME");
        qputenv("HOME", file("home").toLocal8Bit());
        std::filesystem::path first;
        {
            // The file cannot be read, so the copy is as bad; another folder serves.
            Launch launch(file("bad").toStdString());
            launch.start();
            chooseFile(file("home"), [&] {
                QTest::mouseClick(buttonIn(launch.startWindow(), "Keep it in another folder"), Qt::LeftButton);
            });
            QTRY_VERIFY_WITH_TIMEOUT(launch.window(), 10000);
            first = launch.window()->session().document.logbook().folder();
            Study study;
            study.title = "a day's work";
            launch.window()->session().document.logbook().add(study);
        }
        for (int start = 0; start < 2; ++start) {
            Launch launch(file("bad").toStdString());
            launch.start();
            QVERIFY(launch.window());
            QCOMPARE(launch.window()->session().document.logbook().folder(), first);
            QVERIFY(says(launch.window(), "You go on in"));
            QCOMPARE(launch.window()->session().document.logbook().studies().at(0).title, std::string("a day's work"));
        }
        qputenv("HOME", home);
    }

    void onAFullDiskTheLogbookCanBeLookedAt() {
        window_.reset();
        Study study;
        study.title = "to be looked at";
        logbook_->add(study);
        logbook_.reset();
        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        ::getrlimit(RLIMIT_FSIZE, &before);
        const rlimit full{0, before.rlim_max};
        ::setrlimit(RLIMIT_FSIZE, &full);
        {
            Launch launch(bookPath());
            launch.start();
            const bool isRefused = !launch.window() && launch.startWindow() && launch.startWindow()->isVisible();
            if (isRefused)
                QTest::mouseClick(buttonIn(launch.startWindow(), "Only look"), Qt::LeftButton);
            const bool isShown = launch.window() != nullptr;
            const auto studies = isShown ? launch.window()->session().document.logbook().studies().size() : 0;
            ::setrlimit(RLIMIT_FSIZE, &before);
            QVERIFY(isRefused);
            QVERIFY(isShown);
            QCOMPARE(int(studies), 1);
            QVERIFY(says(launch.window(), "You are only looking"));
        }
    }

    void whatLiesInTheJournalIsSeenWhenOnlyLooking() {
        window_.reset();
        Study study;
        study.title = "in the journal";
        logbook_->add(study);
        // As after a crash: the file and its journal, copied while both are in use.
        QDir().mkpath(file("crashed/pictures"));
        for (const char* part : {"", "-wal"})
            QVERIFY(QFile::copy(file("book/logbook.sqlite") + part, file("crashed/logbook.sqlite") + part));
        const auto before = QFileInfo(file("crashed/logbook.sqlite-wal")).size();
        QVERIFY(before > 0);
        const Logbook look(file("crashed").toStdString(), Logbook::Access::ReadOnly);
        QCOMPARE(int(look.studies().size()), 1);
        QCOMPARE(QFileInfo(file("crashed/logbook.sqlite-wal")).size(), before);
    }

    void aSketchChosenForOneStudyStaysItsOwn() {
        photographs();
        openReference(file("head.png"));
        const StudyId first = *session().document.id();
        QFile::copy(file("head.png"), file("other.png"));
        // While the dialog is open, a second start hands over a photograph.
        chooseFile(file("sketch.png"), [&] {
            QTimer::singleShot(0, window_.get(), [&] { window_->openFiles({file("other.png")}); });
            press(Qt::Key_O, Qt::ControlModifier | Qt::ShiftModifier);
        });
        waitForPictures();
        QTRY_COMPARE_WITH_TIMEOUT(int(logbook_->studies().size()), 2, 10000);
        QTRY_COMPARE_WITH_TIMEOUT(
            int(session().document.id() == first ? study().sketches.size() : logbook_->load(first).study.sketches.size()), 1,
            10000);
    }

    void aLongNameLeavesTheWindowAsWideAsItWas() {
        const int width = window_->minimumSizeHint().width();
        const QString name = QString(240, 'W');
        window_->openFiles({file(qPrintable(name))});
        QTRY_VERIFY_WITH_TIMEOUT(anyLabelSays("WWWWWWWWWW"), 5000);
        QVERIFY2(window_->minimumSizeHint().width() <= std::max(width, 1024), said());
        QVERIFY(buttonSaying("All right"));
        QVERIFY(window_->rect().contains(buttonSaying("All right")->mapTo(window_.get(), QPoint(5, 5))));
    }

    void theWindowFitsASmallScreen() {
        // As large as a screen of 1920 by 1080 px is where everything is drawn twice as large.
        constexpr int width = 960, height = 540;
        openDemo();
        for (int place = 0; place < 5; ++place) {
            press(static_cast<Qt::Key>(Qt::Key_1 + place), Qt::ControlModifier);
            QCoreApplication::processEvents();
            QVERIFY2(window_->minimumSizeHint().width() <= width,
                     qPrintable(QString("place %1: %2").arg(place).arg(window_->minimumSizeHint().width())));
            QVERIFY2(window_->minimumSizeHint().height() <= height,
                     qPrintable(QString("place %1: %2 high").arg(place).arg(window_->minimumSizeHint().height())));
            window_->resize(width, height);
            QCoreApplication::processEvents();
            for (QPushButton* b : window_->findChildren<QPushButton*>()) {
                // What lies in a scrolled panel is reached by scrolling.
                bool isScrolled = false;
                for (QWidget* in = b->parentWidget(); in; in = in->parentWidget())
                    isScrolled = isScrolled || qobject_cast<QAbstractScrollArea*>(in);
                QVERIFY2(!b->isVisible() || isScrolled ||
                             window_->rect().contains(QRect(b->mapTo(window_.get(), QPoint()), b->size())),
                         qPrintable(b->text()));
            }
        }
    }

    void undoInAFieldIsTheOneWayBack() {
        openDemo();
        goToStep("keep");
        auto* notes = visibleNamed<QPlainTextEdit>("Notes");
        QVERIFY(notes);
        notes->setFocus();
        notes->moveCursor(QTextCursor::End);
        const std::string before = study().notes;
        QTest::keyClicks(notes, "seen");
        QVERIFY(study().notes != before);
        const int count = session().document.undoStack().count();
        QTest::keyClick(notes, Qt::Key_Z, Qt::ControlModifier);
        QCoreApplication::processEvents();
        QCOMPARE(study().notes, before);
        QCOMPARE(notes->toPlainText().toStdString(), before);
        QCOMPARE(session().document.undoStack().count(), count);
        // What was done elsewhere since is undone first, though the field has the keyboard.
        QTest::keyClicks(notes, "seen");
        session().document.edit("elsewhere", {}, [](Study& s) { s.title = "another"; });
        QTest::keyClick(notes, Qt::Key_Z, Qt::ControlModifier);
        QCoreApplication::processEvents();
        QVERIFY(study().title != "another");
        QVERIFY(study().notes != before);
    }

    void anOldRefusalGoesWhenTheNextPictureIsTaken() {
        photographs();
        openReference(file("head.png"));
        QFile none(file("none.png"));
        QVERIFY(none.open(QIODevice::WriteOnly) && none.write("no picture") > 0);
        none.close();
        openSketch(file("none.png"));
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("none.png"), said().constData(), 5000);
        openSketch(file("sketch.png"));
        QTRY_VERIFY2_WITH_TIMEOUT(!anyLabelSays("none.png"), said().constData(), 5000);
        QCOMPARE(int(study().sketches.size()), 1);
    }

    void anEmptyFolderAndAnEmptySheetAreSaidSo() {
        QDir().mkpath(file("nothing"));
        window_->openFiles({file("nothing")});
        QVERIFY2(anyLabelSays("there are no photographs in this folder"), said());
        press(Qt::Key_1, Qt::ControlModifier);
        QAction* save = nullptr;
        for (QAction* action : window_->findChildren<QAction*>())
            if (action->text().remove('&').startsWith("Save the left sheet"))
                save = action;
        QVERIFY(save);
        save->trigger();
        QVERIFY2(anyLabelSays("There is nothing on this sheet yet."), said());
    }

    void workThatThrowsIsToldAndNewerWorkWins() {
        Background work(Background::Newer::Replaces);
        QString told;
        int done = 0;
        work.run([](const Background::Stop&) -> int { throw std::runtime_error("no room"); }, [&](int) { ++done; },
                 [&](const QString& why) { told = why; });
        QTRY_COMPARE(told, QString("no room"));
        QVERIFY(!work.isRunning());
        work.run([](const Background::Stop&) -> int { throw 7; }, [&](int) { ++done; },
                 [&](const QString& why) { told = why; });
        QTRY_VERIFY(told != "no room");
        QCOMPARE(done, 0);
        // The older request is told to stop, and only the newer one's result arrives.
        QSemaphore begun;
        int result = 0;
        work.run(
            [&](const Background::Stop& stop) {
                begun.release();
                while (!stop)
                    QThread::msleep(1);
                return 1;
            },
            [&](int r) { result = r; });
        begun.acquire();
        work.run([](const Background::Stop&) { return 2; }, [&](int r) { result = r; });
        QTRY_COMPARE(result, 2);
        work.wait();
        QTest::qWait(20);
        QCOMPARE(result, 2);
        // An owner that goes waits for its work, and hears nothing of it.
        bool isOver = false;
        {
            Background owned(Background::Newer::Joins);
            QSemaphore started;
            owned.run(
                [&](const Background::Stop& stop) {
                    started.release();
                    while (!stop)
                        QThread::msleep(1);
                    isOver = true;
                    return 0;
                },
                [&](int) { result = 99; });
            started.acquire();
        }
        QVERIFY(isOver);
        QTest::qWait(20);
        QCOMPARE(result, 2);
    }

    void theFirstVisitToProgressSaysThatItWorks() {
        openDemo();
        press(Qt::Key_5, Qt::ControlModifier);
        // Before the drawings are compared nothing can be pressed that says nothing.
        for (QPushButton* b : window_->progress()->findChildren<QPushButton*>())
            QVERIFY2(!b->isVisible() || !b->isEnabled() || !b->text().isEmpty(), "an empty button");
        QTRY_VERIFY_WITH_TIMEOUT(!window_->progress()->isWorking(), 30000);
        QVERIFY(buttonSaying("Practise it"));
    }
};

std::unique_ptr<QObject> makeSafetyTest() {
    return std::make_unique<SafetyTest>();
}

} // namespace zokran::test

#include "test_safety.moc"
