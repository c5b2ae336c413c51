// Practice and progress in the real window: the plan, timed heads, drills, and what all drawings say.

#include "app/course/draw/clock_face.h"
#include "app/practice/drill_page.h"
#include "app/practice/drill_view.h"
#include "app/practice/plan_page.h"
#include "app/practice/practice.h"
#include "app/progress/progress_place.h"
#include "tests/app/window_test.h"

#include <QAbstractItemView>
#include <QProcess>
#include <QSpinBox>
#include <set>

namespace zokran::test {

class PracticeTest : public WindowTest {
    Q_OBJECT

    DrillPage* drillDesk() { return window_->practice()->drills(); }
    QComboBox* drillList() { return visibleNamed<QComboBox>("Drill"); }
    /// By the keys, in the open list.
    void chooseDrill(const QString& name) {
        QComboBox* list = drillList();
        list->setFocus();
        QTest::keyClick(list, Qt::Key_Down);
        QAbstractItemView* view = list->view();
        QVERIFY(view->isVisible());
        QTest::keyClick(view, Qt::Key_Home);
        while (view->currentIndex().data().toString() != name) {
            const int before = view->currentIndex().row();
            QTest::keyClick(view, Qt::Key_Down);
            QVERIFY2(view->currentIndex().row() != before, qPrintable(name));
        }
        QTest::keyClick(view, Qt::Key_Return);
        QTRY_VERIFY(!view->isVisible());
        QCOMPARE(list->currentText(), name);
        window_->activateWindow(); // which the list, a window of its own, has taken from it here
        QTRY_VERIFY(window_->isActiveWindow());
    }
    bool isOffered(const QString& name) {
        const int row = drillList()->findText(name);
        return row >= 0 && drillList()->model()->index(row, 0).flags().testFlag(Qt::ItemIsEnabled);
    }
    void waitForDrill() {
        QTRY_VERIFY_WITH_TIMEOUT(!drillDesk()->isMaking() && drillDesk()->task(), 15000);
        // Its fields are seen once the window has had its turn.
        QCoreApplication::processEvents();
        QCoreApplication::processEvents();
    }
    void waitForProgress() { QTRY_VERIFY_WITH_TIMEOUT(!window_->progress()->isWorking(), 20000); }
    void type(QDoubleSpinBox* box, double value) {
        QVERIFY(box);
        box->setFocus();
        box->selectAll();
        QTest::keyClicks(box, QString::number(value, 'f', box->decimals()));
        QTest::keyClick(box, Qt::Key_Tab);
    }
    /// Types a number over what stands in a field of the plan.
    void typeInto(const char* name, const char* number) {
        auto* field = visibleNamed<QSpinBox>(name);
        QVERIFY(field);
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, number);
    }
    /// Puts the right answers in with mouse and keys.
    void answerRightly(bool rightly = true) {
        QVERIFY(drillDesk()->task());
        const DrillTask task = *drillDesk()->task();
        for (const DrillField& field : task.fields) {
            if (field.kind == DrillField::Kind::Number)
                type(visibleNamed<QDoubleSpinBox>(qt(learnersTranslator().say(field.name))),
                     rightly ? field.right : field.right > 0 ? field.low : field.high);
            else if (field.kind == DrillField::Kind::Choice) {
                auto* box = visibleNamed<QComboBox>(qt(learnersTranslator().say(field.name)));
                QVERIFY(box);
                box->setFocus();
                const int wanted = (static_cast<int>(field.right) + !rightly) % box->count();
                while (box->currentIndex() != wanted)
                    QTest::keyClick(box, box->currentIndex() < wanted ? Qt::Key_Down : Qt::Key_Up);
            } else {
                DrillView* view = drillDesk()->view();
                const QPoint at = view->toWidget(rightly ? field.place : PicturePoint(5, 5)).toPoint();
                QVERIFY(view->rect().contains(at));
                QTest::mouseClick(view, Qt::LeftButton, {}, at);
            }
        }
        clickOn(buttonSaying("Answer"));
    }

    /// References of the learner's own that nobody has drawn yet.
    void keepReferences(int count) {
        for (int i = 0; i < count; ++i) {
            Study own;
            own.title = "own " + std::to_string(i);
            own.referencePicture = logbook_->keepPicture(file("head.png").toStdString());
            own.reference.width = 320;
            own.reference.height = 400;
            logbook_->add(own);
        }
    }

private slots:
    void drillsAreAnsweredAtOnceAndMissesComeAgain() {
        press(Qt::Key_4, Qt::ControlModifier);
        // A drill stands there to be done.
        waitForDrill();
        QCOMPARE(drillList()->currentText(), "Read the pose");
        for (const char* name : {"Read the pose", "Guides on a ball", "Find what is wrong", "The far eye"}) {
            chooseDrill(name);
            waitForDrill();
            answerRightly();
            QVERIFY2(anyLabelSays("Near enough."), said());
        }
        QCOMPARE(int(logbook_->drillAnswers().size()), 4);
        chooseDrill("Judge a proportion");
        waitForDrill();
        const std::uint32_t missed = drillDesk()->task()->seed;
        answerRightly(false);
        QVERIFY2(anyLabelSays("it comes again"), said());
        for (int i = 0; i < 2; ++i) {
            clickOn(buttonSaying("Next task"));
            waitForDrill();
            QVERIFY(drillDesk()->task()->seed != missed);
            answerRightly();
        }
        clickOn(buttonSaying("Next task"));
        waitForDrill();
        QCOMPARE(drillDesk()->task()->seed, missed);
        QVERIFY2(anyLabelSays("once more"), said());
    }

    void drillsAskOfOnesOwnStudiesToo() {
        openDemo();
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("my own studies"));
        // What only the cast room can set is not offered.
        QVERIFY(!isOffered("Guides on a ball"));
        QVERIFY(isOffered("Judge an angle"));
        std::set<std::int64_t> studies;
        int answers = 0;
        for (const char* name : {"Read the pose", "The far eye", "Judge an angle", "Judge a proportion",
                                 "Find what is wrong", "Judge an angle"}) {
            chooseDrill(name);
            waitForDrill();
            answerRightly();
            QVERIFY2(anyLabelSays("Near enough."), said());
            const Logbook::DrillAnswer kept = logbook_->drillAnswers().back();
            QCOMPARE(int(logbook_->drillAnswers().size()), ++answers);
            QVERIFY2(kept.kind.starts_with("own:"), kept.kind.c_str());
            studies.insert(kept.seed / 100);
            QCOMPARE(kept.seed, std::int64_t(drillDesk()->task()->seed));
        }
        QVERIFY(studies.size() > 1);
        // The study asked about is laid on the bench when that is wanted.
        const StudyId asked = logbook_->drillAnswers().back().seed / 100;
        clickOn(buttonSaying("Lay this study on the bench"));
        QCOMPARE(*session().document.id(), asked);
        QVERIFY(window_->workspace()->isVisible());
    }

    void anAnswerAndAPlanAreTakenBack() {
        press(Qt::Key_4, Qt::ControlModifier);
        chooseDrill("Judge an angle");
        waitForDrill();
        answerRightly(false);
        QVERIFY2(anyLabelSays("it comes again"), said());
        QCOMPARE(int(logbook_->drillAnswers().size()), 1);
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(int(logbook_->drillAnswers().size()), 0);
        QVERIFY2(!anyLabelSays("it comes again"), said());
        answerRightly();
        QVERIFY2(anyLabelSays("Near enough."), said());
        press(Qt::Key_Z, Qt::ControlModifier);
        press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(int(logbook_->drillAnswers().size()), 1);
        QVERIFY2(anyLabelSays("Near enough."), said());

        clickOn(buttonSaying("Begin today"));
        QVERIFY2(anyLabelSays("0 of 100 are drawn"), said());
        clickOn(buttonSaying("Put it away"));
        QVERIFY2(anyLabelSays("a hundred in ten"), said());
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("0 of 100 are drawn"), said());
        auto* goal = visibleNamed<QSpinBox>("Heads");
        goal->setFocus();
        goal->selectAll();
        QTest::keyClicks(goal, "8");
        clickOn(buttonSaying("Change it"));
        QVERIFY2(anyLabelSays("0 of 8"), said());
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("0 of 100 are drawn"), said());
        QCOMPARE(goal->value(), 100);
        // What is undone on the bench is another matter.
        press(Qt::Key_1, Qt::ControlModifier);
        press(Qt::Key_Z, Qt::ControlModifier);
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("0 of 100 are drawn"), said());
    }

    void placesArePutDownByKeysAlone() {
        press(Qt::Key_4, Qt::ControlModifier);
        chooseDrill("Guides on a ball");
        waitForDrill();
        DrillView* view = drillDesk()->view();
        QVERIFY(view->hasFocus());
        const PicturePoint wanted = drillDesk()->task()->fields[0].place;
        PicturePoint cross(260, 260);
        while (std::abs(cross.x() - wanted.x()) > 3) {
            QTest::keyClick(view, cross.x() < wanted.x() ? Qt::Key_Right : Qt::Key_Left);
            cross.x() += cross.x() < wanted.x() ? 4 : -4;
        }
        while (std::abs(cross.y() - wanted.y()) > 3) {
            QTest::keyClick(view, cross.y() < wanted.y() ? Qt::Key_Down : Qt::Key_Up);
            cross.y() += cross.y() < wanted.y() ? 4 : -4;
        }
        QTest::keyClick(view, Qt::Key_Space);
        QVERIFY(buttonSaying("Answer")->isEnabled());
        // Enter answers, and Enter again is the next task.
        QTest::keyClick(view, Qt::Key_Return);
        QVERIFY2(anyLabelSays("Near enough."), said());
        const unsigned before = drillDesk()->task()->seed;
        QWidget* focused = QApplication::focusWidget();
        QVERIFY(focused);
        QTest::keyClick(focused, Qt::Key_Return);
        waitForDrill();
        QVERIFY(drillDesk()->task()->seed != before);
        QVERIFY2(!anyLabelSays("Near enough."), said());
    }

    void aPlanIsBegunKeptAndPutIntoTheCalendar() {
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("a hundred in ten"), said());
        typeInto("Heads", "20");
        typeInto("in so many days", "4");
        clickOn(buttonSaying("Begin today"));
        QVERIFY2(anyLabelSays("5 more today; 0 of 20 are drawn"), said());
        QCOMPARE(window_->findChild<HeadsFilling*>()->accessibleDescription(), QString("0 of 20 drawn"));
        chooseFile(file("heads.ics"), [&] { clickOn(buttonSaying("Into my calendar")); });
        QFile calendar(file("heads.ics"));
        QVERIFY(calendar.open(QIODevice::ReadOnly));
        const QByteArray text = calendar.readAll();
        QCOMPARE(text.count("BEGIN:VEVENT"), 4);
        QVERIFY(text.contains("SUMMARY:Draw 5 heads"));
        // It lasts; a smaller goal is taken without reproach.
        closeWindow();
        openWindow();
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("5 more today"), said());
        typeInto("Heads", "8");
        clickOn(buttonSaying("Change it"));
        QVERIFY2(anyLabelSays("2 more today; 0 of 8"), said());
    }

    void aWholeSitting() {
        // A plan of heads, a head from the cast room, drawn by the clock, photographed, and counted.
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("Begin today"));
        clickOn(buttonSaying("Next head"));
        QTRY_VERIFY_WITH_TIMEOUT(session().document.isOpen(), 30000);
        waitForPictures();
        QVERIFY(!study().sitter.empty());
        goToStep("draw");
        QVERIFY2(anyLabelSays("How long will you draw"), said());
        clickOn(visibleNamed<QPushButton>("5 minutes"));
        QVERIFY(session().clock.isRunning());
        QVERIFY2(anyLabelSays("left of 5 minutes"), said());
        QTRY_VERIFY_WITH_TIMEOUT(session().clock.spent().count() >= 1, 4000);
        clickOn(buttonSaying("Pause"));
        QVERIFY2(anyLabelSays("Paused."), said());
        const auto spent = session().clock.spent();
        // Closed and opened again it stands where it stood.
        closeWindow();
        openWindow();
        window_->reopenLast();
        waitForPictures();
        goToStep("draw");
        QCOMPARE(session().clock.spent(), spent);
        clickOn(buttonSaying("Go on"));
        photographs();
        openSketch(file("sketch.png"));
        QVERIFY(study().sketch());
        QVERIFY(study().sketch()->took >= spent);
        QVERIFY(!session().clock.isSet());
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.sketches[0].took == study().sketch()->took);
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("9 more today; 1 of 100 are drawn"), said());
    }

    void aWholeEveningFromThePlanToTheDrill() {
        const auto [truth, sketch] = photographs();
        keepReferences(5);
        press(Qt::Key_4, Qt::ControlModifier);
        const auto set = [this](const char* name, const char* number) {
            auto* box = visibleNamed<QSpinBox>(name);
            box->setFocus();
            box->selectAll();
            QTest::keyClicks(box, number);
            QTest::keyClick(box, Qt::Key_Tab);
        };
        set("Heads", "5");
        set("in so many days", "1");
        clickOn(buttonSaying("Begin today"));
        QVERIFY2(anyLabelSays("5 more today; 0 of 5 are drawn"), said());
        // Five heads by the clock.
        clickOn(buttonSaying("Begin the sitting"));
        std::vector<StudyId> heads;
        for (int head = 1; head <= 5; ++head) {
            waitForPictures();
            QVERIFY2(anyLabelSays(QString("Head %1 of 5").arg(head)), said());
            heads.push_back(*session().document.id());
            QTRY_VERIFY_WITH_TIMEOUT(session().clock.spent().count() >= 1, 4000);
            clickOn(buttonSaying(head < 5 ? "Next head" : "End the sitting"));
        }
        QCOMPARE(int(std::set<StudyId>(heads.begin(), heads.end()).size()), 5);
        // The sketches are photographed; each keeps its time, and the plan counts them.
        for (StudyId head : heads) {
            openStudy(head);
            openSketch(file("sketch.png"));
            QVERIFY(study().sketch());
            QVERIFY(study().sketch()->took.count() >= 1);
        }
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("All 5 heads are drawn"), said());
        // The last is checked.
        press(Qt::Key_1, Qt::ControlModifier);
        goToStep("block-in");
        markAll(seen(), Side::Reference, truth);
        goToStep("check");
        markAll(drawn(), Side::Sketch, sketch);
        skipSaying();
        QVERIFY2(anyLabelSays("mouth"), said());
        // Progress claims nothing of one drawing, and leads to a drill.
        press(Qt::Key_5, Qt::ControlModifier);
        waitForProgress();
        QVERIFY2(anyLabelSays("1 of at least 5"), said());
        clickOn(buttonSaying("Practise it"));
        waitForDrill();
        answerRightly();
        QVERIFY2(anyLabelSays("Near enough."), said());
    }

    void theClockStandsWhereItWasLastKnownAfterTheProgramWasKilled() {
        openDemo();
        goToStep("draw");
        session().clock.start(std::chrono::minutes(20));
        QTRY_VERIFY_WITH_TIMEOUT(session().clock.spent().count() >= 6, 9000);
        // Nothing is closed here: what another program finds in the logbook is all that a killed one leaves.
        Logbook other(logbook_->folder());
        MainWindow after(other);
        after.reopenLast();
        QVERIFY(after.session().clock.isSet());
        QVERIFY(!after.session().clock.isRunning());
        QCOMPARE(after.session().clock.limit(), std::chrono::seconds(1200));
        QVERIFY(after.session().clock.spent().count() >= 4);
        QVERIFY(after.session().clock.spent() <= session().clock.spent());
    }

    void theTimeEndsSoftlyAndABreakIsOffered() {
        openDemo();
        goToStep("draw");
        session().clock.start(std::chrono::seconds(1));
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("The time is up"), said().constData(), 4000);
        clickOn(buttonSaying("One more minute"));
        QVERIFY2(!anyLabelSays("The time is up"), said());
        for (int i = 0; i < 5; ++i) {
            session().clock.start(std::chrono::seconds(60));
            session().clock.finish();
        }
        QVERIFY2(anyLabelSays("a break now"), said());
        clickOn(buttonSaying("I have rested"));
        QVERIFY2(!anyLabelSays("a break now"), said());
    }

    void aSittingLaysOneHeadAfterAnotherAndKeepsTheTimes() {
        photographs();
        // Two references of the learner's own wait on the shelf; the cast room gives the third.
        keepReferences(2);
        press(Qt::Key_4, Qt::ControlModifier);
        auto* heads = visibleNamed<QSpinBox>("Heads of the sitting");
        heads->setFocus();
        heads->selectAll();
        QTest::keyClicks(heads, "3");
        QTest::keyClick(heads, Qt::Key_Tab);
        clickOn(buttonSaying("Begin the sitting"));
        waitForPictures();
        QCOMPARE(stepId(), std::string("draw"));
        QVERIFY2(anyLabelSays("Head 1 of 3"), said());
        QVERIFY(session().clock.isRunning());
        QCOMPARE(session().clock.limit(), std::chrono::seconds(600));
        const StudyId first = *session().document.id();
        QTRY_VERIFY_WITH_TIMEOUT(session().clock.spent().count() >= 1, 4000);
        clickOn(buttonSaying("Next head"));
        waitForPictures();
        QVERIFY2(anyLabelSays("Head 2 of 3"), said());
        const StudyId second = *session().document.id();
        QVERIFY(second != first);
        clickOn(buttonSaying("Next head"));
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Head 3 of 3"), said().constData(), 30000);
        QTRY_VERIFY_WITH_TIMEOUT(*session().document.id() != second && session().clock.isRunning(), 30000);
        QVERIFY(!buttonSaying("Next head"));
        clickOn(buttonSaying("End the sitting"));
        QVERIFY2(!anyLabelSays("Head 3"), said());
        // Its sketch comes in later, and its time is known.
        openStudy(first);
        openSketch(file("sketch.png"));
        QVERIFY(study().sketch());
        QVERIFY(study().sketch()->took.count() >= 1);
    }

    void whenAHeadsTimeAndItsGraceAreOverTheNextIsLaidByItself() {
        photographs();
        keepReferences(2);
        session().sitting.begin(2, std::chrono::seconds(1), std::chrono::seconds(2));
        waitForPictures();
        const StudyId first = *session().document.id();
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("The next head comes in"), said().constData(), 4000);
        QTRY_VERIFY_WITH_TIMEOUT(*session().document.id() != first, 6000);
        QVERIFY2(anyLabelSays("Head 2 of 2"), said());
        // Another minute is another minute: nothing moves on meanwhile.
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("the sitting with it"), said().constData(), 4000);
        clickOn(buttonSaying("One more minute"));
        QVERIFY(!session().sitting.grace());
        QTRY_VERIFY_WITH_TIMEOUT(session().sitting.isOn(), 1);
    }

    void aDrawingPutAsideIsLookedAtAgainTheNextDayMirroredAndUpsideDown() {
        const auto [truth, sketch] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        openSketch(file("sketch.png"));
        QVERIFY2(anyLabelSays("look again tomorrow"), said());
        clickOn(buttonSaying("Put it aside till tomorrow"));
        QVERIFY(visibleNamed<QListWidget>("Your studies")); // the shelf
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(!buttonSaying("Look again"));
        // Tomorrow, as the logbook has it.
        StoredStudy stored = logbook_->load(*session().document.id());
        stored.study.sketches[0].drawn = "2026-01-05T18:00:00.000Z";
        const StudyId id = *session().document.id();
        logbook_->save(id, stored.study, {}, stored.revision);
        closeWindow();
        openWindow();
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("Look again at the drawing put aside"));
        waitForPictures();
        QCOMPARE(*session().document.id(), id);
        QVERIFY2(anyLabelSays("with fresh eyes"), said());
        clickOn(nextButton());
        QCOMPARE(session().viewMode.mode(), std::string("mirrored"));
        clickOn(nextButton());
        QCOMPARE(session().viewMode.mode(), std::string("upside-down"));
        clickOn(nextButton());
        QCOMPARE(session().viewMode.mode(), std::string("side-by-side"));
        QVERIFY2(anyLabelSays("on your sketch"), said());
    }

    void beforeAndAfterStandSideBySideWithWhatChanged() {
        openDemo();
        press(Qt::Key_5, Qt::ControlModifier);
        waitForProgress();
        clickOn(buttonSaying("Before and after"));
        auto* before = visibleNamed<QComboBox>("Before");
        auto* after = visibleNamed<QComboBox>("After");
        QVERIFY(before && after);
        // The first and the last of one sitter to begin with.
        QCOMPARE(before->currentText().section(',', 0, 0), after->currentText().section(',', 0, 0));
        QVERIFY(before->currentIndex() < after->currentIndex());
        QVERIFY2(anyLabelSays("The marks lay"), said());
        before->setFocus();
        QTest::keyClick(before, Qt::Key_Home);
        QVERIFY2(anyLabelSays("The marks lay"), said());
        for (QPushButton* b : window_->progress()->chart()->findChildren<QPushButton*>())
            if (b->isVisible()) {
                clickOn(b);
                break;
            }
        waitForPictures();
        QCOMPARE(*session().document.id(), StudyId(1)); // the oldest drawing's study
    }

    void aPlansHeadsAreSavedAsASpread() {
        openDemo();
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("Begin today"));
        StoredStudy stored = logbook_->load(1);
        stored.study.sketches[0].drawn = now();
        logbook_->save(1, stored.study, {}, stored.revision);
        chooseFile(file("plan.pdf"), [this] { clickOn(buttonSaying("Spread of its heads")); });
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Saved: "), said().constData(), 20000);
        QVERIFY(QFileInfo(file("plan.pdf")).size() > 5000);
    }

    void progressIsSaidInWordsAndDrawn() {
        openDemo();
        press(Qt::Key_5, Qt::ControlModifier);
        waitForProgress();
        QVERIFY2(anyLabelSays("You straighten turned heads"), said());
        QVERIFY2(anyLabelSays("You set the mouth"), said());
        for (const ProgressChart* chart : progressCharts()) {
            clickOn(buttonSaying(chart->name));
            QVERIFY(window_->progress()->chart());
            QCOMPARE(window_->progress()->chart()->accessibleName(), QString(chart->name));
            QVERIFY(window_->progress()->chart()->grab().toImage().width() > 300);
        }
        // What was compared is kept; the next time nothing is.
        press(Qt::Key_1, Qt::ControlModifier);
        press(Qt::Key_5, Qt::ControlModifier);
        waitForProgress();
        for (const LoggedDrawing& d : window_->progress()->data().drawings)
            QVERIFY(!d.computedNow);
        clickOn(buttonSaying("Straightening"));
        const int before = int(window_->progress()->data().drawings.size());
        QCOMPARE(before, 43);
        for (const char* name : {"turn.png", "turn.svg", "turn.csv"}) {
            chooseFile(file(name), [&] { clickOn(buttonSaying("Save this chart")); });
            QVERIFY2(QFileInfo(file(name)).size() > 2000, name);
        }
        // The same figures by the command line.
        QProcess cli;
        cli.start(ZOKRAN_CLI, {"progress", file("book"), "--words"});
        QVERIFY(cli.waitForFinished(20000));
        const QString words = QString::fromUtf8(cli.readAllStandardOutput());
        QVERIFY2(anyLabelSays(words.section('\n', 0, 0)), qPrintable(words));
        // One button leads to the drill that helps.
        clickOn(buttonSaying("Practise it"));
        waitForDrill();
        QCOMPARE(drillDesk()->task()->kind, std::string("straight"));
    }

    void everyPlaceFitsASmallScreen() {
        openDemo();
        for (const Qt::Key place : {Qt::Key_1, Qt::Key_2, Qt::Key_3, Qt::Key_4, Qt::Key_5}) {
            press(place, Qt::ControlModifier);
            const QSize least = window_->minimumSizeHint();
            QVERIFY2(least.width() <= 1280 && least.height() <= 800,
                     qPrintable(QString("%1 x %2").arg(least.width()).arg(least.height())));
        }
        for (const auto& step : window_->workspace()->steps()) {
            press(Qt::Key_1, Qt::ControlModifier);
            goToStep(step->id());
            QVERIFY2(window_->minimumSizeHint().width() <= 1280, step->id().c_str());
        }
    }

    void anEmptyLogbookSaysSoKindly() {
        press(Qt::Key_2, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("No study yet. Begin with a photograph"), said());
        QVERIFY(!buttonSaying("Open on the bench")->isEnabled());
        press(Qt::Key_5, Qt::ControlModifier);
        waitForProgress();
        QVERIFY2(anyLabelSays("Every head counts"), said());
        for (const ProgressChart* chart : progressCharts())
            clickOn(buttonSaying(chart->name));
        press(Qt::Key_4, Qt::ControlModifier);
        clickOn(buttonSaying("my own studies"));
        chooseDrill("Judge an angle");
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("None of your studies has the marks yet"), said().constData(), 5000);
        chooseDrill("Find what is wrong");
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("None of your drawings"), said().constData(), 5000);
    }

    void daysOffCarryNoHeadsAndNotEveryDayCanBeOne() {
        press(Qt::Key_4, Qt::ControlModifier);
        typeInto("Heads", "14");
        typeInto("in so many days", "14");
        clickOn(buttonSaying("Begin today"));
        QVERIFY2(anyLabelSays("1 more today; 0 of 14"), said());
        // Today is a day off: what it held is spread over the others.
        const int today = QDate::currentDate().dayOfWeek();
        auto* off = visibleNamed<QCheckBox>(QLocale().dayName(today) + " off");
        QTest::mouseClick(off, Qt::LeftButton, {}, QPoint(8, off->height() / 2));
        QVERIFY(off->isChecked());
        clickOn(buttonSaying("Change it"));
        QVERIFY2(anyLabelSays("A day off. 0 of 14 are drawn."), said());
        chooseFile(file("heads.ics"), [&] { clickOn(buttonSaying("Into my calendar")); });
        QFile calendar(file("heads.ics"));
        QVERIFY(calendar.open(QIODevice::ReadOnly));
        QCOMPARE(calendar.readAll().count("BEGIN:VEVENT"), 12); // fourteen days hold two of each weekday
        for (int day = 1; day <= 7; ++day) {
            auto* box = visibleNamed<QCheckBox>(QLocale().dayName(day) + " off");
            if (!box->isChecked())
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
        }
        clickOn(buttonSaying("Change it"));
        QVERIFY2(anyLabelSays("Every day is a day off; leave one to draw."), said());
    }
};

std::unique_ptr<QObject> makePracticeTest() {
    return std::make_unique<PracticeTest>();
}

} // namespace zokran::test

#include "test_practice.moc"
