// Nothing is lost: bundles through the real window, the daily copy and the way back to it, one window to a logbook, and
// the first start.

#include "app/library/library.h"
#include "app/window/launch.h"
#include "app/window/walk.h"
#include "logbook/backup.h"
#include "logbook/bundle.h"
#include "tests/app/window_test.h"

#include <QProcess>

namespace zokran::test {

class TrustTest : public WindowTest {
    Q_OBJECT

    QListWidget* list() { return visibleNamed<QListWidget>("Your studies"); }

private slots:
    void chosenStudiesGoIntoABundleAndOutOfItAgain() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        list()->setFocus();
        list()->setCurrentRow(0);
        QTest::keyClick(list(), Qt::Key_Right, Qt::ShiftModifier);
        chooseFile(file("two"), [this] { clickOn(buttonSaying("Save as a bundle")); });
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Saved: two.zokran"), said().constData(), 20000);
        // In another logbook, by the menu.
        closeWindow();
        logbook_ = std::make_unique<Logbook>(file("other").toStdString());
        openWindow();
        QAction* take = nullptr;
        for (QAction* action : window_->findChildren<QAction*>())
            if (action->text().remove('&') == "Take in a bundle of studies…")
                take = action;
        QVERIFY(take);
        chooseFile(file("two.zokran"), [&] { take->trigger(); });
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("2 studies taken in; 0 were here already."), said().constData(), 20000);
        QCOMPARE(list()->count(), 2);
        // Once more, dropped on the window: nothing is doubled.
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(file("two.zokran"))});
        QDragEnterEvent enter(QPoint(400, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &enter);
        QDropEvent drop(QPointF(400, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &drop);
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("0 studies taken in; 2 were here already."), said().constData(), 20000);
        QCOMPARE(list()->count(), 2);
        // What is no bundle is told, naming the file.
        QFile none(file("none.zokran"));
        QVERIFY(none.open(QIODevice::WriteOnly) && none.write("nothing") > 0);
        none.close();
        window_->openFiles({file("none.zokran")});
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("none.zokran: this is not a bundle"), said().constData(), 20000);
    }

    void theWholeLogbookIsBackedUpAndComesBackWhole() {
        openDemo();
        logbook_->putAway(5, true);
        QAction* back = nullptr;
        for (QAction* action : window_->findChildren<QAction*>())
            if (action->text().remove('&') == "Back up the whole logbook…")
                back = action;
        QVERIFY(back);
        chooseFile(file("all.zokran"), [&] { back->trigger(); });
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Saved: all.zokran"), said().constData(), 30000);
        Logbook fresh(file("fresh").toStdString());
        const Imported in = importBundle(fresh, file("all.zokran").toStdString());
        QCOMPARE(int(in.taken.size()), 43);
        QVERIFY(in.leftOut.empty());
        QCOMPARE(int(fresh.studies().size()), 42);
        QCOMPARE(int(fresh.studies(Logbook::Shelved::PutAway).size()), 1);
    }

    void aCopyIsMadeAtTheStartAndOneButtonGoesBackToIt() {
        window_.reset();
        Study study;
        study.title = "kept safe";
        logbook_->add(study);
        logbook_.reset();
        {
            Launch launch(file("book").toStdString());
            launch.start();
            QTRY_COMPARE_WITH_TIMEOUT(int(backupsIn(file("book").toStdString()).size()), 1, 10000);
        }
        // Nothing of the file can be read any more.
        QFile broken(file("book/logbook.sqlite"));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write(QByteArray(9000, 'x')) == 9000);
        broken.close();
        QFile::remove(file("book/logbook.sqlite-wal"));
        Launch launch(file("book").toStdString());
        launch.start();
        QVERIFY(!launch.window() && launch.startWindow());
        QPushButton* back = buttonIn(launch.startWindow(), "Go back to a daily backup");
        QVERIFY(back);
        QTest::mouseClick(back, Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(launch.window(), 5000);
        QVERIFY(says(launch.window(), "is in place"));
        QCOMPARE(launch.window()->session().document.logbook().studies().at(0).title, std::string("kept safe"));
        QVERIFY(QFileInfo::exists(file("book/logbook-before-1.sqlite"))); // what stood there is kept
    }

    void withoutACopyNobodyIsOfferedOne() {
        window_.reset();
        logbook_.reset();
        QDir().mkpath(file("bad"));
        QFile broken(file("bad/logbook.sqlite"));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write(QByteArray(9000, 'x')) == 9000);
        broken.close();
        Launch launch(file("bad").toStdString());
        launch.start();
        QVERIFY(launch.startWindow());
        QVERIFY(!buttonIn(launch.startWindow(), "Go back to a daily backup"));
        QVERIFY(buttonIn(launch.startWindow(), "Try again"));
    }

    void aSecondStartHandsItsFilesToTheFirst() {
        photographs();
        window_.reset();
        logbook_.reset();
        const QString data = file("shared");
        QProcess first;
        first.start(ZOKRAN_PROGRAM, {"--data", data});
        QVERIFY(first.waitForStarted());
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo::exists(data + "/logbook.sqlite"), 15000);
        QTest::qWait(1500); // until its window listens
        QProcess second;
        second.start(ZOKRAN_PROGRAM, {"--data", data, file("head.png")});
        QVERIFY(second.waitForFinished(10000));
        QCOMPARE(second.exitCode(), 0);
        QCOMPARE(first.state(), QProcess::Running);
        const auto arrived = [&] {
            try {
                return Logbook(data.toStdString(), Logbook::Access::ReadOnlyShared).studies().size() == 1;
            } catch (const StorageError&) {
                return false; // being written just now
            }
        };
        QTRY_VERIFY_WITH_TIMEOUT(arrived(), 10000);
        first.kill();
        QVERIFY(first.waitForFinished(5000));
        // What a killed one left in the way hinders nobody.
        QProcess third;
        third.start(ZOKRAN_PROGRAM, {"--data", data});
        QVERIFY(third.waitForStarted());
        QTest::qWait(2000);
        QCOMPARE(third.state(), QProcess::Running);
        third.kill();
        third.waitForFinished(5000);
    }

    void theFirstStartOffersAWalkThroughTheDemoAndComesBack() {
        window_.reset();
        logbook_.reset();
        Launch launch(file("first").toStdString());
        launch.start();
        QVERIFY(launch.window());
        QVERIFY(says(launch.window(), "Welcome."));
        QTest::mouseClick(buttonIn(launch.window(), "Take the walk"), Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(launch.window() && launch.window()->walk()->isOn(), 10000);
        QCOMPARE(int(launch.window()->session().document.logbook().studies().size()), 43);
        for (int i = 0; i + 1 < Walk::stops(); ++i)
            QTest::mouseClick(buttonIn(launch.window()->walk(), "Go on"), Qt::LeftButton);
        QTest::mouseClick(buttonIn(launch.window()->walk(), "Done"), Qt::LeftButton);
        // Back in the learner's own, which is as empty as before.
        QTRY_VERIFY_WITH_TIMEOUT(launch.window() && launch.window()->session().document.logbook().studies().empty(), 10000);
        QVERIFY(!says(launch.window(), "Welcome."));
        // And it is offered once.
        Launch again(file("second").toStdString());
        again.start();
        QVERIFY(!says(again.window(), "Welcome."));
    }
};

std::unique_ptr<QObject> makeTrustTest() {
    return std::make_unique<TrustTest>();
}

} // namespace zokran::test

#include "test_trust.moc"
