// The shelf in the real window: found by typing and by what studies show, several chosen, folders taken in,
// contact sheets, and deleting for good.

#include "tests/app/window_test.h"

#include <QDropEvent>
#include <QMessageBox>
#include <QMimeData>
#include <QProcess>

namespace zokran::test {

class ShelfTest : public WindowTest {
    Q_OBJECT

    QListWidget* list() { return visibleNamed<QListWidget>("Your studies"); }
    void choose(const QString& box, const QString& text) {
        auto* combo = visibleNamed<QComboBox>(box);
        QVERIFY(combo);
        const int at = combo->findText(text);
        QVERIFY2(at >= 0, qPrintable(text));
        combo->setFocus();
        while (combo->currentIndex() != at)
            QTest::keyClick(combo, combo->currentIndex() < at ? Qt::Key_Down : Qt::Key_Up);
    }
    void answerBox(const QString& button, const std::function<void()>& act, QString* words = nullptr) {
        bool answered = false;
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || answered)
                return;
            for (QAbstractButton* b : box->buttons())
                if (b->text() == button) {
                    answered = true;
                    if (words)
                        *words = box->text();
                    QTest::mouseClick(b, Qt::LeftButton);
                    return;
                }
        });
        poll.start(20);
        act();
        QVERIFY(answered);
    }
    void waitForIntake() { QTRY_VERIFY_WITH_TIMEOUT(!session().intake.isRunning(), 20000); }

private slots:
    void studiesAreFoundByWhatTheyShowAndOrdered() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        QCOMPARE(list()->count(), 43);
        choose("Sitter", "Halcyon");
        const int halcyon = list()->count();
        QVERIFY(halcyon > 1 && halcyon < 43);
        for (int i = 0; i < halcyon; ++i)
            QVERIFY(list()->item(i)->toolTip().contains("Halcyon"));
        QVERIFY2(anyLabelSays(QString("%1 of 43").arg(halcyon)), said());
        choose("Sitter", "Any sitter");
        QCOMPARE(list()->count(), 43);
        choose("Order", "By title");
        for (int i = 1; i < 43; ++i)
            QVERIFY(QString::localeAwareCompare(list()->item(i - 1)->text().section('\n', 0, 0),
                                                list()->item(i)->text().section('\n', 0, 0)) <= 0);
        // Poses are known once the drawings were compared, as progress does.
        press(Qt::Key_5, Qt::ControlModifier);
        QTRY_VERIFY_WITH_TIMEOUT(!session().document.logbook().studies().back().figures.empty(), 20000);
        press(Qt::Key_2, Qt::ControlModifier);
        int together = 0;
        for (const char* held : {"From the front", "Three-quarter", "Profile"}) {
            choose("How the head is held", held);
            together += list()->count();
        }
        QCOMPARE(together, 43);
        choose("How the head is held", "Any pose");
        auto* errors = visibleNamed<QComboBox>("What is to be mended");
        errors->setFocus();
        QVERIFY(errors->count() > 2);
        choose("What is to be mended", errors->itemText(1));
        QVERIFY(list()->count() > 0 && list()->count() < 43);
        // The boxes and the words go together.
        const int before = list()->count();
        auto* find = visibleNamed<QLineEdit>("Find a study");
        find->setFocus();
        QTest::keyClicks(find, "no such words");
        QCOMPARE(list()->count(), 0);
        find->clear();
        QCOMPARE(list()->count(), before);
    }

    void severalArePutAwayTakenBackAndDeletedForGoodOnlyAfterAWarning() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        choose("Order", "By title");
        list()->setFocus();
        list()->setCurrentRow(2);
        for (int i = 0; i < 2; ++i)
            QTest::keyClick(list(), Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(int(list()->selectedItems().size()), 3);
        clickOn(buttonSaying("Put 3 away"));
        QCOMPARE(list()->count(), 40);
        clickOn(buttonSaying("Put the last 3 back"));
        QCOMPARE(list()->count(), 43);
        list()->setCurrentRow(5);
        const QString title = list()->item(5)->text();
        clickOn(buttonSaying("Put away"));
        choose("On the shelf, or put away", "Put away");
        QCOMPARE(list()->count(), 1);
        QCOMPARE(list()->item(0)->text(), title);
        QVERIFY(!buttonSaying("Open on the bench"));
        QString words;
        answerBox("Keep them", [this] { clickOn(buttonSaying("Delete for good")); }, &words);
        QVERIFY(words.contains("cannot be undone"));
        QCOMPARE(list()->count(), 1);
        answerBox("Delete for good", [this] { clickOn(buttonSaying("Delete for good")); });
        QCOMPARE(list()->count(), 0);
        choose("On the shelf, or put away", "On the shelf");
        QCOMPARE(list()->count(), 42);
    }

    void whatLiesOnTheBenchIsNotDeleted() {
        openDemo();
        const StudyId id = *session().document.id();
        logbook_->putAway(id, true);
        press(Qt::Key_2, Qt::ControlModifier);
        choose("On the shelf, or put away", "Put away");
        answerBox("Delete for good", [this] { clickOn(buttonSaying("Delete for good")); });
        QVERIFY2(anyLabelSays("lies on the bench"), said());
        QCOMPARE(list()->count(), 1);
        QVERIFY(logbook_->load(id).study == study());
    }

    void aFolderOfPhotographsBecomesStudiesAndWhatIsNoneIsTold() {
        photographs();
        QDir().mkpath(file("photos/inside"));
        for (const char* name : {"photos/a.png", "photos/b.png", "photos/inside/c.png"})
            QVERIFY(QFile::copy(file("head.png"), file(name)));
        QFile broken(file("photos/broken.jpg"));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("no picture") > 0);
        broken.close();
        press(Qt::Key_2, Qt::ControlModifier);
        chooseFile(file("photos"), [this] { clickOn(buttonSaying("A whole folder")); });
        waitForIntake();
        QCOMPARE(list()->count(), 3);
        QVERIFY2(anyLabelSays("One was left out") && anyLabelSays("broken.jpg"), said());
        clickOn(buttonSaying("All right"));
        QVERIFY(!anyLabelSays("broken.jpg"));
        // An empty folder is told, not passed over.
        QDir().mkpath(file("empty"));
        chooseFile(file("empty"), [this] { clickOn(buttonSaying("A whole folder")); });
        QVERIFY2(anyLabelSays("no photographs"), said());
        // Several dropped together come in the same way.
        QMimeData dropped;
        dropped.setUrls({QUrl::fromLocalFile(file("photos/a.png")), QUrl::fromLocalFile(file("photos/b.png"))});
        QDragEnterEvent enter(QPoint(400, 300), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(400, 300), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &drop);
        waitForIntake();
        QCOMPARE(list()->count(), 5);
    }

    void chosenHeadsGoOnAContactSheet() {
        openDemo();
        press(Qt::Key_2, Qt::ControlModifier);
        list()->setFocus();
        list()->selectAll();
        chooseFile(file("heads.pdf"), [this] { clickOn(buttonSaying("Contact sheet")); });
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Saved: heads.pdf"), said().constData(), 30000);
        // Read by another program: every title is on one of its pages.
        QProcess text;
        text.start("pdftotext", {"-layout", file("heads.pdf"), "-"});
        QVERIFY(text.waitForFinished(20000));
        const QString words = QString::fromUtf8(text.readAllStandardOutput());
        QCOMPARE(words.count('\f'), 3); // each page ends with one
        QVERIFY(words.contains("43 heads"));
        for (const StudySummary& s : logbook_->studies())
            QVERIFY2(words.contains(qt(s.title).left(12)), s.title.c_str());
        QProcess images;
        images.start("pdfimages", {"-list", file("heads.pdf")});
        QVERIFY(images.waitForFinished(20000));
        QVERIFY(images.readAllStandardOutput().count("image") >= 60); // alike ones are stored once
    }
};

std::unique_ptr<QObject> makeShelfTest() {
    return std::make_unique<ShelfTest>();
}

} // namespace zokran::test

#include "test_shelf.moc"
