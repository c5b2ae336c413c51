#include "app/overlays/half_veil_overlay.h"
#include "app/practice/drill_page.h"
#include "app/practice/practice.h"
#include "app/telephone/telephone_dialog.h"
#include "app/window/command_finder.h"
#include "app/window/easel_view.h"
#include "core/compare/finding_lines.h"
#include "core/messages/finding_messages.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <cmath>

namespace zokran::test {

namespace {

/// Counts what a hand does: keys, without those that only go with another, and clicks. Between two of them the window must
/// have had its turn.
class StepCounter : public QObject {
public:
    StepCounter() { qApp->installEventFilter(this); }
    int count = 0;

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        // Every key is first offered as one that might be a shortcut, and those that are one come no further.
        const bool isKey = event->type() == QEvent::ShortcutOverride;
        if ((!isKey && event->type() != QEvent::MouseButtonPress) || isCounted_)
            return false;
        const int key = isKey ? static_cast<QKeyEvent*>(event)->key() : 0;
        if (key == Qt::Key_Shift || key == Qt::Key_Alt || key == Qt::Key_Control)
            return false;
        ++count;
        // One press goes from widget to widget until one takes it.
        isCounted_ = true;
        QMetaObject::invokeMethod(
            this, [this] { isCounted_ = false; }, Qt::QueuedConnection);
        return false;
    }

private:
    bool isCounted_ = false;
};

} // namespace

class CourseTest : public WindowTest {
    Q_OBJECT

private slots:
    void anEmptyBenchSaysWhatToDoFirst() {
        QVERIFY(anyLabelSays("Choose a photograph"));
        QCOMPARE(nextButton()->text(), QString("Open a photograph…"));
        QVERIFY(nextButton()->isEnabled());
    }

    void theWholeCourseFromAPhotographToAReport() {
        const auto [truth, sketchTruth] = photographs();
        openReference(file("head.png"));
        QVERIFY(session().document.isOpen());
        QCOMPARE(stepId(), std::string("block-in"));
        QCOMPARE(seen()->scene().picture.size(), QSize(320, 400));

        markAll(seen(), Side::Reference, truth);
        QVERIFY(session().fit());
        // The readings stand in large figures and in words.
        QVERIFY(anyLabelSays("turned to your right"));
        QVERIFY(anyLabelSays("chin up"));
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value - 35) < 3);
        QVERIFY(!linesOn(seen()).empty());

        // Nothing lacks, but the guides have not been looked at, nor the page planned.
        QVERIFY(buttonSaying("○  Guides"));
        QVERIFY(buttonSaying("○  Set up"));
        clickOn(nextButton()); // on to the guides
        QCOMPARE(stepId(), std::string("guides"));
        QVERIFY(buttonSaying("●  Guides"));
        undo();
        QVERIFY(buttonSaying("●  Guides")); // what was undone was seen all the same
        press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        goToStep("guides");
        clickOn(nextButton()); // draw it
        QCOMPARE(stepId(), std::string("draw"));
        QVERIFY(drawn()->scene().picture.isNull());
        QVERIFY(!linesOn(drawn()).empty()); // the form alone

        openSketch(file("sketch.png"));
        QCOMPARE(stepId(), std::string("check"));
        markAll(drawn(), Side::Sketch, sketchTruth);
        QVERIFY(session().comparison());
        skipSaying();
        QVERIFY2(anyLabelSays("The mouth sits too high"), said());
        unfold("All numbers");
        const auto* arrows = drawn()->scene().find<ArrowsOverlay>();
        QVERIFY(arrows && !arrows->arrows.empty());
        auto* table = visibleNamed<QTableWidget>("Corrections");
        QVERIFY(table);
        QVERIFY(table->item(0, 0)->text().contains("mouth") ||
                table->item(0, 0)->text().contains("lips"));
        QVERIFY(table->item(0, 1)->text().startsWith('-')); // down, as its arrow points

        clickOn(buttonSaying("Keep it"));
        auto* notes = visibleNamed<QPlainTextEdit>("Notes");
        QVERIFY(notes);
        QTest::keyClicks(notes, "step the thirds first");

        QTest::qWait(600); // saved within half a second
        window_.reset();
        openWindow();
        window_->reopenLast();
        waitForPictures();
        QCOMPARE(stepId(), std::string("keep"));
        QVERIFY2(anyLabelSays("To watch on the next head: the height of the mouth"), said());
        QCOMPARE(study().notes, std::string("step the thirds first"));
    }

    void theDemoIsThereMarkedFittedAndExplained() {
        fillWithDemo(*logbook_);
        press(Qt::Key_2, Qt::ControlModifier); // to the shelf
        auto* shelf = visibleNamed<QListWidget>("Your studies");
        QVERIFY(shelf);
        QCOMPARE(shelf->count(), 43);
        const char* firstFindings[] = {"less turned", "ears sit too high", "forehead and skull"};
        for (int i = 0; i < 3; ++i) {
            press(Qt::Key_2, Qt::ControlModifier);
            for (int row = 0; row < shelf->count(); ++row)
                if (shelf->item(row)->data(Qt::UserRole).toInt() == 43 - i)
                    shelf->setCurrentRow(row);
            shelf->setFocus();
            QTest::keyClick(shelf, Qt::Key_Return);
            waitForPictures();
            QCOMPARE(stepId(), std::string("check"));
            QVERIFY(session().fit());
            QVERIFY(session().comparison());
            QVERIFY2(anyLabelSays(firstFindings[i]), firstFindings[i]);
        }
        fillWithDemo(*logbook_); // a second start adds nothing
        QCOMPARE(int(logbook_->studies().size()), 43);
    }

    void theWidthOfThePaperTurnsPercentIntoMillimetres() {
        openDemo();
        openStudy(42); // the mouth too high
        goToStep("set-up");
        unfold("A photo of the sketch without its edges");
        auto* width = visibleNamed<QDoubleSpinBox>("It shows a width of");
        QVERIFY(width);
        auto type = [&](const char* mm) {
            width->setFocus();
            width->selectAll();
            QTest::keyClicks(width, mm);
            QTest::keyClick(width, Qt::Key_Return);
        };
        type("0");
        goToStep("check");
        QTRY_VERIFY2(anyLabelSays("eye-widths"), said()); // within a blink, as under a drag
        QVERIFY(!anyLabelSays(" mm ("));
        goToStep("set-up");
        type("420");
        QCOMPARE(study().sketch()->page.shownWidth->value, 420.0); // typed digit by digit
        goToStep("check");
        QTRY_VERIFY(anyLabelSays(" mm ("));
    }

    void oneFindingAtATimeStandsOnTheSheets() {
        openDemo();
        goToStep("check");
        const auto count = std::count_if(session().comparison()->findings.begin(), session().comparison()->findings.end(),
                                         [](const Finding& f) { return f.severity != Severity::Fine; });
        QVERIFY(count > 1);
        QVERIFY(anyLabelSays(QString("1 of %1").arg(count)));
        QVERIFY(linesOn(seen()).empty() && linesOn(drawn()).empty()); // nothing else lies there
        const auto* first = drawn()->scene().find<FindingOverlay>();
        QVERIFY(first && first->shown.arrow && !first->shown.drawn.empty());
        QVERIFY(first->shown.arrow->length.contains("mm"));
        // The arrow ends where the finding's correction takes the mark it begins at.
        const Finding& turn = session().comparison()->findings.front();
        bool ends = false;
        for (Mark m : turn.marks)
            ends = ends || (study().sketch()->marks.seen(m).value() - first->shown.arrow->from).norm() < 1e-9;
        QVERIFY(ends);
        const QString said = first->shown.arrow->length;
        press(Qt::Key_PageDown);
        QVERIFY(anyLabelSays(QString("2 of %1").arg(count)));
        QVERIFY(drawn()->scene().find<FindingOverlay>()->shown.arrow->length != said);
        press(Qt::Key_PageUp);
        QVERIFY(anyLabelSays(QString("1 of %1").arg(count)));
        clickOn(buttonSaying("Next finding"));
        QVERIFY(anyLabelSays(QString("2 of %1").arg(count)));
        // Both heads stand at one size.
        const double there = seen()->transform().scale * session().fit()->view.outlineRadius().value;
        const double here = drawn()->transform().scale * session().comparison()->registeredView.outlineRadius().value;
        QVERIFY(std::abs(there / here - 1) < 0.01);
        QVERIFY(anyLabelSays("What holds") || anyLabelSays("Within the face as you drew it"));
    }

    void whatIsHeldCanBeChanged() {
        openDemo();
        goToStep("check");
        unfold("What is held while laying over");
        auto* hold = visibleNamed<QComboBox>("Hold still while laying over");
        QVERIFY(hold);
        hold->setFocus();
        QTest::keyClick(hold, Qt::Key_Down);
        QCOMPARE(int(study().hold), int(Hold::Eyes));
        QVERIFY(session().comparison());
        undo();
        QCOMPARE(int(study().hold), int(Hold::All));
        QCOMPARE(hold->currentIndex(), 0);
    }

    void theTitleIsTypedAndUndoneAsOne() {
        openDemo();
        goToStep("set-up");
        auto* title = visibleNamed<QLineEdit>("Title");
        QVERIFY(title);
        const std::string before = study().title;
        title->setFocus();
        title->selectAll();
        QTest::keyClicks(title, "Lamp study");
        QCOMPARE(study().title, std::string("Lamp study"));
        QVERIFY(window_->windowTitle().contains("Lamp study"));
        undo();
        QCOMPARE(study().title, before);
        QCOMPARE(title->text().toStdString(), before);
    }

    void aStepSaysWhatItStillLacks() {
        photographs();
        openReference(file("head.png"));
        QVERIFY(session().document.isOpen());
        QPushButton* check = buttonSaying("Check");
        QVERIFY(check);
        QVERIFY(check->toolTip().contains("Still lacks"));
        QVERIFY(check->text().startsWith(QStringLiteral("○")));
        // It lacks nothing, and has not been looked at.
        QVERIFY(buttonSaying("Set up")->text().startsWith(QStringLiteral("○")));
        QVERIFY(anyLabelSays("more marks are needed"));
        goToStep("set-up");
        QVERIFY(buttonSaying("Set up")->text().startsWith(QStringLiteral("●")));
        goToStep("check");
        QVERIFY(anyLabelSays("Photograph your sketch"));
    }

    void guidesCanBeSwitchedOffAndLight() {
        openDemo();
        goToStep("guides");
        auto has = [&](const char* id) { return hasLine(seen(), id); };
        QVERIFY(has("eye_line"));
        unfold("Lines");
        tick("Eye line");
        QVERIFY(!has("eye_line"));
        undo();
        QVERIFY(has("eye_line"));

        // Pointing at a line on one sheet lights it on the other.
        for (const GuideLine& l : linesOn(seen()))
            if (l.id == "brow_line" && !l.hidden) {
                QTest::mouseMove(seen(), spot(seen(), l.points[l.points.size() / 3]));
                break;
            }
        QTRY_COMPARE(session().selection.lines.highlighted(), QString("brow_line"));
        const QImage lit = drawn()->grab().toImage();
        session().selection.lines.highlight({});
        QVERIFY(drawn()->grab().toImage() != lit);
    }

    void theCanonChangesTheLevels() {
        openDemo();
        goToStep("guides");
        auto* canon = visibleNamed<QComboBox>("Levels by");
        QVERIFY(canon);
        const auto before = linesOn(seen());
        canon->setFocus();
        QTest::keyClick(canon, Qt::Key_Down);
        QVERIFY(study().canon != "sitter");
        bool moved = false;
        for (std::size_t i = 0; i < std::min(before.size(), linesOn(seen()).size()); ++i)
            moved = moved || before[i].points != linesOn(seen())[i].points;
        QVERIFY(moved);
        QVERIFY(anyLabelSays("; rule ")); // the likeness is told against the school
        // A second one lies over it, dotted.
        unfold("More of the form");
        auto* over = visibleNamed<QComboBox>("A second school over it");
        QVERIFY(over);
        auto others = [&] {
            return std::count_if(linesOn(seen()).begin(), linesOn(seen()).end(),
                                 [](const GuideLine& l) { return l.kind == LineKind::Other; });
        };
        QCOMPARE(others(), 0);
        over->setFocus();
        QTest::keyClick(over, Qt::Key_End);
        QVERIFY(others() > 3);
        undo();
        QCOMPARE(others(), 0);
    }

    void threeDepthsOfDetailByKey() {
        openDemo();
        goToStep("guides");
        press(Qt::Key_1);
        QVERIFY(!hasLine(seen(), "eye_line"));
        QVERIFY(hasLine(seen(), "front_edge_l"));
        press(Qt::Key_3);
        QVERIFY(hasLine(seen(), "eye_line"));
        QVERIFY(hasLine(drawn(), "socket_l"));
        undo();
        QVERIFY(!hasLine(seen(), "eye_line"));
        press(Qt::Key_2);
        QVERIFY(!hasLine(seen(), "socket_l"));
        // What waits to be asked for is one tick away.
        QVERIFY(!hasLine(seen(), "five_eyes_l"));
        unfold("Lines");
        tick("Five eyes across");
        QVERIFY(hasLine(seen(), "five_eyes_l"));
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.switchedLines.contains("five_eyes"));
    }

    void everyFirstFormHasItsStepsAndIsDrawnAsFarAsOneIs() {
        openDemo();
        for (const FormKind* form : forms()) {
            goToStep("guides");
            auto* box = visibleNamed<QComboBox>("First form");
            QVERIFY(box);
            box->setFocus();
            QTest::keyClick(box, Qt::Key_Home);
            for (const FormKind* before : forms()) {
                if (before == form)
                    break;
                QTest::keyClick(box, Qt::Key_Down);
            }
            QCOMPARE(study().form, std::string(form->id));
            goToStep("draw");
            const auto whole = linesOn(drawn()).size();
            QVERIFY(anyLabelSays(qt(form->steps.back().words)));
            QPushButton* first = nullptr;
            for (QPushButton* b : window_->findChildren<QPushButton*>())
                if (b->isVisible() && b->accessibleName().startsWith("1."))
                    first = b;
            clickOn(first);
            // Of the edge coordinates everything is put down at once.
            QVERIFY(linesOn(drawn()).size() < whole || form->id == "coordinates");
            QVERIFY(!linesOn(drawn()).empty());
            clickOn(first); // and all of it again
            QCOMPARE(linesOn(drawn()).size(), whole);
        }
    }

    void theFormIsWatchedBeingPutDownAndSavedAsAMovingDrawing() {
        openDemo();
        goToStep("draw");
        const auto ink = [&](SheetView* sheet) {
            double length = 0;
            for (const GuideLine& line : linesOn(sheet))
                for (std::size_t i = 1; i < line.points.size(); ++i)
                    length += (line.points[i] - line.points[i - 1]).norm();
            return length;
        };
        const double whole = ink(drawn()), over = ink(seen());
        unfold("Watch it put down");
        auto* along = visibleNamed<QSlider>("How far it is put down");
        auto* lasting = visibleNamed<QSpinBox>("Seconds until all of it stands there");
        QVERIFY(along && lasting);
        lasting->setFocus();
        lasting->selectAll();
        QTest::keyClicks(lasting, "10");
        clickOn(buttonSaying("Begin"));
        QTRY_VERIFY(along->value() > 60);
        clickOn(buttonSaying("Hold still"));
        const int held = along->value();
        QTest::qWait(200);
        QCOMPARE(along->value(), held);
        QVERIFY(ink(drawn()) < 0.6 * whole && ink(seen()) < 0.6 * over);
        // The first step is under the hand, and said at the foot.
        QVERIFY(buttonSaying("1.  A light ball")->isChecked());
        QVERIFY(!buttonSaying("6.")->isChecked());
        along->setFocus();
        QTest::keyClick(along, Qt::Key_End);
        QVERIFY(std::abs(ink(drawn()) - whole) < 0.01 * whole && std::abs(ink(seen()) - over) < 0.01 * over);
        QVERIFY(buttonSaying("6.")->isChecked());
        QTest::keyClick(along, Qt::Key_Home);
        QVERIFY(linesOn(drawn()).empty());

        const QString saveTo = file("way.svg");
        chooseFile(saveTo, [&] { clickOn(buttonSaying("Save it as a moving drawing")); });
        QFile saved(saveTo);
        QVERIFY(saved.open(QIODevice::ReadOnly));
        const QString svg = QString::fromUtf8(saved.readAll());
        QVERIFY(svg.contains("animation-delay") && svg.contains("A light ball for the skull"));

        // Who goes elsewhere sees all of it.
        goToStep("guides");
        QVERIFY(hasLine(seen(), "centre_line"));
    }

    void theWheelScrollsAPanelAndChangesNothingInIt() {
        openDemo();
        goToStep("draw");
        unfold("Watch it put down");
        auto* lasting = visibleNamed<QSpinBox>("Seconds until all of it stands there");
        QVERIFY(lasting);
        seen()->setFocus();
        const int before = lasting->value();
        const auto turnWheel = [&] {
            const QPointF at = QRectF(lasting->rect()).center();
            QWheelEvent wheel(at, lasting->mapToGlobal(at), {}, {0, 120}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(lasting, &wheel);
        };
        turnWheel();
        QCOMPARE(lasting->value(), before);
        lasting->setFocus();
        turnWheel();
        QVERIFY(lasting->value() > before);
    }

    void everyWayOfGoingAboutADrawingHasItsStepsAndItsOwnSheet() {
        openDemo();
        goToStep("draw");
        auto* box = visibleNamed<QComboBox>("Going about it");
        QVERIFY(box);
        const auto choose = [&](const char* id) {
            box->setFocus();
            QTest::keyClick(box, Qt::Key_Home);
            while (box->currentData().toString() != id && box->currentIndex() + 1 < box->count())
                QTest::keyClick(box, Qt::Key_Down);
            QCOMPARE(study().approach, std::string(id));
        };
        const auto walk = [&](const QString& last) {
            clickOn(buttonSaying("First step"));
            for (int i = 0; i < 8 && buttonSaying("Next step"); ++i)
                clickOn(buttonSaying("Next step"));
            QVERIFY2(anyLabelSays(last), said());
        };
        choose("slants");
        QVERIFY(hasLine(drawn(), "envelope") && study().form != "envelope");
        walk("Now break the straights into shorter ones");
        choose("half");
        const auto* veil = seen()->scene().find<HalfVeilOverlay>();
        QVERIFY(veil);
        // It covers the far half: the sitter's far outer eye lies under it, the near one does not.
        QPolygonF covered;
        for (const PicturePoint& p : veil->edge())
            covered << QPointF(p.x(), p.y());
        const Fit& fit = *session().fit();
        const bool leftIsFar = fit.pose.turn > Radians{0};
        const auto isCovered = [&](Mark m) {
            const PicturePoint at = fit.view.project(fit.head[m]);
            return covered.containsPoint(QPointF(at.x(), at.y()), Qt::OddEvenFill);
        };
        QVERIFY(isCovered(leftIsFar ? Mark::OuterEyeL : Mark::OuterEyeR));
        QVERIFY(!isCovered(leftIsFar ? Mark::OuterEyeR : Mark::OuterEyeL));
        QVERIFY(hasLine(seen(), "mirrored"));
        walk("Now take the cover away");
        choose("tone");
        QVERIFY(!seen()->scene().find<HalfVeilOverlay>());
        walk("a tone that sits wrong is a feature that sits wrong");
        const QRectF near = seen()->scene().frame;
        choose("thumbnail");
        QVERIFY(seen()->scene().frame.width() > 2.5 * near.width());
        walk("give the head on the large paper the share");
        undo(); // by keys each one on the way was chosen
        QCOMPARE(study().approach, std::string("half"));
        QVERIFY(seen()->scene().find<HalfVeilOverlay>());
        session().document.saveNow();
        QCOMPARE(logbook_->load(*session().document.id()).study.approach, std::string("half"));
    }

    void theFormAloneIsTurnedInTheHandAndSpringsBack() {
        openDemo();
        goToStep("draw");
        const auto before = linesOn(drawn()).front().points;
        const QPoint middle(drawn()->width() / 2, drawn()->height() / 2);
        QTest::mousePress(drawn(), Qt::LeftButton, {}, middle);
        QTest::mouseMove(drawn(), middle + QPoint(60, 20));
        QMouseEvent move(QEvent::MouseMove, middle + QPoint(60, 20),
                         drawn()->mapToGlobal(middle + QPoint(60, 20)), Qt::NoButton,
                         Qt::LeftButton, {});
        QApplication::sendEvent(drawn(), &move);
        QVERIFY(session().selection.form.turned().turn > Radians{0.2});
        QVERIFY(linesOn(drawn()).front().points != before);
        QTest::mouseRelease(drawn(), Qt::LeftButton, {}, middle + QPoint(60, 20));
        QTRY_VERIFY(session().selection.form.turned() == FormViewState::Turned());
        QVERIFY(linesOn(drawn()).front().points == before);
        // By keys it stays until it is sent back.
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Right);
        QVERIFY(std::abs(toDegrees(session().selection.form.turned().turn).value - 5) < 1e-9);
        QTest::keyClick(drawn(), Qt::Key_Home);
        QVERIFY(session().selection.form.turned() == FormViewState::Turned());
        // One of the twelve small heads turns it that way.
        unfold("This head at other turns");
        auto* profile = visibleNamed<QToolButton>("turn 90°, tilt 0°");
        QVERIFY(profile);
        QTRY_VERIFY(!profile->icon().isNull());
        clickOn(profile);
        const Pose pose = session().fit()->pose;
        QVERIFY(std::abs(toDegrees(session().selection.form.turned().turn + pose.turn).value - 90) < 1e-6);
    }

    void theLikenessIsPushedAndTheSitterIsTabled() {
        openDemo();
        goToStep("guides");
        unfold("This sitter against the schools");
        auto* table = visibleNamed<QTableWidget>("Divisions of this sitter beside the school's");
        QVERIFY(table);
        QVERIFY(table->rowCount() > 12);
        QVERIFY(table->item(0, 1)->text().contains("±"));
        auto* push = visibleNamed<QSlider>("Push the likeness");
        QVERIFY(push);
        const auto mouth = [&] {
            const auto lines = linesOn(seen());
            return std::find_if(lines.begin(), lines.end(), [](const GuideLine& l) { return l.id == "mouth_line"; })->points;
        };
        const auto before = mouth();
        push->setFocus();
        QTest::keyClick(push, Qt::Key_End);
        QCOMPARE(study().look.push, 2.0);
        QVERIFY(mouth() != before);
        undo();
        QVERIFY(mouth() == before);
    }

    void everyControlHasANameAndTheCourseHasKeys() {
        openDemo();
        for (const auto& step : window_->workspace()->steps()) {
            goToStep(step->id());
            for (QWidget* w : window_->findChildren<QWidget*>()) {
                const auto* button = qobject_cast<QAbstractButton*>(w);
                const bool control = button || qobject_cast<QComboBox*>(w) ||
                                     qobject_cast<QTableWidget*>(w) || qobject_cast<QLineEdit*>(w);
                if (!control || !w->isVisible() || w->focusPolicy() == Qt::NoFocus ||
                    w->objectName().startsWith("qt_"))
                    continue;
                const bool named =
                    !w->accessibleName().isEmpty() || (button && !button->text().isEmpty());
                QVERIFY2(named, w->metaObject()->className());
            }
        }
    }

    void textStandsOutFromItsGroundInEveryTheme() {
        // WCAG 2.1's contrast of relative luminances: 4.5 for text, 3 for lines against their halo.
        auto luminance = [](const QColor& c) {
            auto part = [](double v) {
                return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        auto contrast = [&](const QColor& a, const QColor& b) {
            const double x = luminance(a), y = luminance(b);
            return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
        };
        for (const ThemeKind& kind : themeKinds()) {
            Theme::apply(*qApp, kind.id);
            const Theme& t = Theme::current();
            QCOMPARE(t.id, QString(kind.id));
            for (const QColor& ground : {t.bench, t.sheet}) {
                QVERIFY(contrast(t.text, ground) >= 4.5);
                QVERIFY(contrast(t.quiet, ground) >= 4.5);
            }
            for (const QColor& line : {t.chalk, t.ink, t.correction, t.mark})
                QVERIFY(contrast(line, t.halo) >= 3);
        }
        // The one for eyes that need it: 7 for text (WCAG 2.1, level AAA), and edges that stand out by themselves.
        Theme::apply(*qApp, "contrast");
        const Theme& t = Theme::current();
        for (const QColor& ground : {t.bench, t.sheet}) {
            QVERIFY(contrast(t.text, ground) >= 7 && contrast(t.quiet, ground) >= 7);
            QVERIFY(contrast(t.hairline, ground) >= 4.5);
        }
        for (const QColor& line : {t.chalk, t.ink, t.correction, t.mark})
            QVERIFY(contrast(line, t.halo) >= 7);
        Theme::apply(*qApp, "light");
    }

    void theColoursGoRoundByOneKeyAndAreKept() {
        openDemo();
        const QString first = Theme::current().id;
        QStringList seenColours;
        for (std::size_t i = 0; i < themeKinds().size(); ++i) {
            press(Qt::Key_F4);
            seenColours << Theme::current().id;
            QCOMPARE(QSettings().value("colours").toString(), Theme::current().id);
        }
        QCOMPARE(QSet<QString>(seenColours.begin(), seenColours.end()).size(), static_cast<qsizetype>(themeKinds().size()));
        QCOMPARE(Theme::current().id, first);
    }

    void undoingPastAChangeOfStepShowsTheStepOfTheStudy() {
        openDemo();
        goToStep("block-in");
        tick("Smiling, or the mouth open");
        goToStep("check");
        undo();
        QVERIFY(!study().reference.smiling);
        QCOMPARE(stepId(), std::string("block-in")); // where the edit was made
        QCOMPARE(study().step, std::string("block-in"));
        for (QPushButton* b : window_->findChildren<QPushButton*>())
            if (b->property("role") == "step")
                QCOMPARE(b->isChecked(), b->text().contains("Block in"));
    }

    void aRowOfTheTableStaysChosen() {
        openDemo();
        goToStep("check");
        unfold("All numbers");
        auto* table = visibleNamed<QTableWidget>("Corrections");
        QVERIFY(table && table->rowCount() > 3);
        const QTableWidgetItem* cell = table->item(2, 0);
        const QString name = cell->text();
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualItemRect(cell).center());
        QCOMPARE(table->currentRow(), 2);
        QCOMPARE(table->item(2, 0), cell); // not made anew under the hand
        QCOMPARE(table->item(2, 0)->text(), name);
        QCOMPARE(qt(wordsFor(*session().selection.marks.touched(Side::Sketch))), name);
        QTest::keyClick(table, Qt::Key_Down);
        QCOMPARE(table->currentRow(), 3);
    }

    void theTableSaysWhatTheArrowsShow() {
        openDemo(); // a head drawn too little turned: the marks are off, its own pose explains them
        goToStep("check");
        unfold("All numbers");
        auto* table = visibleNamed<QTableWidget>("Corrections");
        const auto* arrows = drawn()->scene().find<ArrowsOverlay>();
        QVERIFY(table && arrows && !arrows->arrows.empty());
        double longest = 0;
        for (const CorrectionArrow& a : arrows->arrows)
            longest = std::max(longest, (a.to - a.from).norm());
        const Sketch& attempt = *study().sketch();
        const double mm =
            (Pixels{longest} * *attempt.page.perPixel({1.0 * attempt.marks.width})).value;
        QCOMPARE(table->item(0, 3)->text(), QString::number(std::lround(mm)));
        QVERIFY(std::lround(mm) > 2);
    }

    void anUnknownStepOfALaterVersionShowsTheFirst() {
        openDemo();
        session().document.goTo("measure-with-a-stick");
        QCOMPARE(stepId(), std::string("set-up"));
        QVERIFY(window_->grab().width() > 0);
    }

    void fromTheEaselOneSentenceIsReadAndOneKeyGoesOn() {
        openDemo();
        goToStep("check");
        const auto told = toldFindings(*session().comparison());
        QVERIFY(told.size() > 1);
        press(Qt::Key_F11);
        auto* easel = window_->findChild<EaselView*>();
        QVERIFY(easel && easel->isVisible());
        const auto sentence = [&] { return easel->findChild<QLabel*>("easelSentence")->text(); };
        QCOMPARE(sentence(), qt(textOf(*told[0], learnersTranslator())));
        QVERIFY(easel->findChild<QLabel*>("easelSentence")->font().pixelSize() >= 40);
        QVERIFY(easel->findChild<SheetView*>()->height() > easel->height() / 2);
        QTest::keyClick(easel, Qt::Key_Space);
        QCOMPARE(sentence(), qt(textOf(*told[1], learnersTranslator())));
        QTest::keyClick(easel, Qt::Key_PageUp); // a presenter's key
        QCOMPARE(sentence(), qt(textOf(*told[0], learnersTranslator())));
        QTest::keyClick(easel, Qt::Key_Backspace); // there is nothing before the first
        QCOMPARE(sentence(), qt(textOf(*told[0], learnersTranslator())));
        QTest::keyClick(easel, Qt::Key_Escape);
        QTRY_VERIFY(!window_->findChild<EaselView*>());
        // While it is drawn the steps of the form, and the clock.
        goToStep("draw");
        session().clock.start(std::chrono::minutes(5));
        press(Qt::Key_F11);
        easel = window_->findChild<EaselView*>();
        QVERIFY(easel);
        QTest::keyClick(easel, Qt::Key_PageDown);
        QCOMPARE(session().selection.form.step(), 1);
        QVERIFY2(sentence().contains("ball"), qPrintable(sentence()));
        bool isTimeShown = false;
        for (const QLabel* label : easel->findChildren<QLabel*>())
            isTimeShown = isTimeShown || (label->isVisible() && QRegularExpression("^[45]:[0-5][0-9]$").match(label->text()).hasMatch());
        QVERIFY(isTimeShown);
    }

    void anythingIsFoundByAFewLetters() {
        openDemo();
        goToStep("check");
        const auto typed = [&](const QString& letters, const QString& first) {
            QString found;
            QTimer::singleShot(100, this, [&] {
                auto* finder = window_->findChild<CommandFinder*>();
                auto* words = finder->findChild<QLineEdit*>();
                QTest::keyClicks(words, letters);
                found = finder->findChild<QListWidget*>()->currentItem()->text();
                QTest::keyClick(words, found.startsWith(first) ? Qt::Key_Return : Qt::Key_Escape);
            });
            press(Qt::Key_F2);
            return found;
        };
        QVERIFY(typed("guid", "Guides").startsWith("Guides"));
        QCOMPARE(stepId(), std::string("guides"));
        QVERIFY(typed("brow line lit", "brow line").startsWith("brow line"));
        QCOMPARE(session().selection.lines.highlighted(), QString("brow_line"));
        const QString word = typed("telephone", "Take it with the telephone");
        QVERIFY2(word.startsWith("Take it with the telephone"), qPrintable(word));
        QTRY_VERIFY(window_->findChild<TelephoneDialog*>());
        window_->findChild<TelephoneDialog*>()->close();
        QVERIFY(typed("no such thing", "never").startsWith("Nothing is called so"));
        QVERIFY(typed("profile window", "Near profile").startsWith("Near profile by the window"));
        QCOMPARE(QString::fromStdString(study().title), QString("Near profile by the window"));
        // Capitals and accents count for nothing; where the name begins so comes first.
        QCOMPARE(rankOf("Brow line", "BROW"), std::optional(0));
        QCOMPARE(rankOf(QString::fromUtf8("Häufige Fehler"), "haufig fehl"), std::optional(1));
        QVERIFY(!rankOf("Brow line", "chin"));
    }

    void severalSketchesOfOneHeadAreKept() {
        photographs();
        openDemo();
        QCOMPARE(int(study().sketches.size()), 1);
        openSketch(file("sketch.png"));
        QCOMPARE(int(study().sketches.size()), 2);
        QCOMPARE(int(study().current), 1);
        QVERIFY(!session().comparison()); // nothing is marked on the new one
        goToStep("keep");
        auto* which = visibleNamed<QComboBox>("Sketch on the bench");
        QVERIFY(which);
        which->setFocus();
        QTest::keyClick(which, Qt::Key_Up);
        QCOMPARE(int(study().current), 0);
        QVERIFY(session().comparison());
        undo();
        QCOMPARE(int(study().current), 1);
        session().document.saveNow();
        QCOMPARE(int(logbook_->load(*session().document.id()).study.sketches.size()), 2);
    }

    void commonTasksTakeFewKeysAndClicks() {
        openDemo();
        StepCounter counter;
        // The next finding.
        goToStep("check");
        counter.count = 0;
        QTest::keyClick(drawn(), Qt::Key_Right);
        QCoreApplication::processEvents();
        QVERIFY2(anyLabelSays("2 of "), said());
        QCOMPARE(counter.count, 1);
        // A drill: there, answered, and the next one.
        counter.count = 0;
        press(Qt::Key_4, Qt::ControlModifier);
        DrillPage* drills = window_->practice()->drills();
        QTRY_VERIFY_WITH_TIMEOUT(!drills->isMaking() && drills->task(), 15000);
        const auto first = drills->task()->seed;
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        QCoreApplication::processEvents();
        QVERIFY(buttonSaying("Next task"));
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
        QTRY_VERIFY_WITH_TIMEOUT(!drills->isMaking() && drills->task() && drills->task()->seed != first, 15000);
        QCOMPARE(counter.count, 3);
        // The form printed, from the step in which it is drawn.
        press(Qt::Key_1, Qt::ControlModifier);
        counter.count = 0;
        goToStep("draw");
        QVERIFY(showsPreview([&] { clickOn(buttonSaying("Print the form to trace")); }));
        QCOMPARE(counter.count, 2);
        // The next head, in the same folder: a photograph that is dropped or chosen takes two, its name and Enter apart.
        counter.count = 0;
        press(Qt::Key_2, Qt::ControlModifier);
        auto* shelf = visibleNamed<QListWidget>("Your studies");
        shelf->setFocus();
        const StudyId before = *session().document.id();
        QTest::keyClick(shelf, Qt::Key_Right);
        QCoreApplication::processEvents();
        QTest::keyClick(shelf, Qt::Key_Return);
        QVERIFY(*session().document.id() != before);
        QCOMPARE(counter.count, 3);
    }
};

std::unique_ptr<QObject> makeCourseTest() {
    return std::make_unique<CourseTest>();
}

} // namespace zokran::test

#include "test_course.moc"