// Measuring in the real window, with mouse and with keys.

#include "app/document/measuring.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/measures_overlay.h"
#include "core/construction/lines.h"
#include "tests/app/window_test.h"

namespace zokran::test {

class MeasuringTest : public WindowTest {
    Q_OBJECT

    const MeasuresOverlay* measuresOn(SheetView* view) {
        return view->scene().find<MeasuresOverlay>();
    }
    QListWidget* list() { return visibleNamed<QListWidget>("Measurements"); }

private slots:
    void howManyEyesAndBackAgain() {
        openDemo();
        goToStep("measure");
        QVERIFY2(anyLabelSays("Worth measuring next"), said());
        const PicturePoint brow = *study().reference.seen(Mark::Brow),
                           chin = *study().reference.seen(Mark::Chin);
        click(seen(), spot(seen(), brow));
        QVERIFY2(anyLabelSays("click its next end"), said());
        QCOMPARE(int(measuresOn(seen())->ends.size()), 1);
        click(seen(), spot(seen(), chin));
        QCOMPARE(int(study().measures.size()), 1);
        // It took hold of the marks, so it lies on the sketch too, read there in the sketch's own eyes.
        QVERIFY(study().measures[0].anchors[0].mark == Mark::Brow);
        QCOMPARE(int(measuresOn(drawn())->measures.size()), 1);
        double eye = 0;
        for (const auto& [inner, outer] : {std::pair{Mark::InnerEyeL, Mark::OuterEyeL},
                                           {Mark::InnerEyeR, Mark::OuterEyeR}})
            if (const auto p = study().reference.seen(inner), q = study().reference.seen(outer); p && q)
                eye = std::max(eye, (*p - *q).norm());
        const double eyes = (brow - chin).norm() / eye;
        QVERIFY2(list()->item(0)->text().contains(QString("seen %1 eyes").arg(eyes, 0, 'f', 2)),
                 qPrintable(list()->item(0)->text()));
        list()->setCurrentRow(0);
        QVERIFY2(anyLabelSays("Yours "), said());
        QVERIFY(measuresOn(seen())->measures[0].strong);
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.measures == study().measures);
        undo();
        QVERIFY(study().measures.empty());
    }

    void theUnitsMissingCornerIsClickedThere() {
        openDemo();
        const PicturePoint corner = *study().sketch()->marks.seen(Mark::OuterEyeR);
        session().document.edit("Half an eye", {}, [](Study& s) {
            for (Mark m : {Mark::InnerEyeL, Mark::OuterEyeL})
                for (Side side : {Side::Reference, Side::Sketch})
                    s.marks(side).marks[m] = PlacedMark{std::nullopt, true};
            s.sketch()->marks.marks[Mark::OuterEyeR].reset();
        });
        goToStep("measure");
        QVERIFY2(anyLabelSays("Click its corner on your sketch: the outer corner of the right eye"), said());
        QVERIFY(measuresOn(drawn())->open);
        click(drawn(), spot(drawn(), corner));
        QVERIFY((*study().sketch()->marks.seen(Mark::OuterEyeR) - corner).norm() < 2);
        QVERIFY(study().measures.empty());
        QVERIFY2(!anyLabelSays("Click its corner"), said());
        // The same by the keys: from where it is expected.
        undo();
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Left);
        QTest::keyClick(drawn(), Qt::Key_Right);
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(study().sketch()->marks.seen(Mark::OuterEyeR));
        QVERIFY2(!anyLabelSays("Click its corner"), said());
        // On the photograph too.
        session().document.edit("No eye", {}, [](Study& s) { s.reference.marks[Mark::InnerEyeR].reset(); });
        QVERIFY2(anyLabelSays("Click its corner on the photograph: the inner corner of the right eye"), said());
    }

    void aFreeEndIsAskedForOnTheOtherSheetAndNothingIsSaidBefore() {
        openDemo();
        goToStep("measure");
        clickOn(buttonSaying("Angle to level"));
        const PicturePoint a = *study().reference.seen(Mark::Chin) + PicturePoint(0, 60), b = a + PicturePoint(80, -40);
        click(seen(), spot(seen(), a));
        click(seen(), spot(seen(), b));
        QCOMPARE(int(study().measures.size()), 1);
        QVERIFY(!study().measures[0].anchors[0].mark);
        QVERIFY2(list()->item(0)->text().contains("27°") || list()->item(0)->text().contains("26°"),
                 qPrintable(list()->item(0)->text()));
        // It is read on the photograph alone, and its place on the sketch asked for, ringed where it is expected.
        QVERIFY2(list()->item(0)->text().contains("drawn –"), qPrintable(list()->item(0)->text()));
        QVERIFY2(anyLabelSays("not compared before its ends are set"), said());
        QVERIFY2(anyLabelSays("Now set the same place on your sketch"), said());
        QVERIFY(!anyLabelSays("Yours"));
        QVERIFY(measuresOn(drawn())->measures.empty());
        QVERIFY(measuresOn(drawn())->open);
        QVERIFY((*measuresOn(drawn())->open - session().comparison()->registration(study().measures[0].anchors[0].at)).norm() <
                3);
        // Set elsewhere than expected, it is a difference that is told.
        const PicturePoint first = *measuresOn(drawn())->open + PicturePoint(0, 45);
        click(drawn(), spot(drawn(), first));
        QVERIFY2(anyLabelSays("Now set the same place on your sketch"), said());
        // The second by keys alone.
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY2(anyLabelSays("Now set the same place on your sketch"), "Enter alone took what was expected");
        const PicturePoint expected = *measuresOn(drawn())->open;
        for (int i = 0; i < 3; ++i)
            QTest::keyClick(drawn(), Qt::Key_Right);
        QVERIFY(measuresOn(drawn())->isOpenHeld);
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(!openEnd(session(), Side::Sketch));
        const Anchor& second = study().measures[0].anchors[1];
        QVERIFY(second.elsewhere && second.elsewhere->x() > expected.x());
        QVERIFY2(anyLabelSays("Yours"), said());
        QVERIFY(!anyLabelSays("Yours agrees"));
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.measures == study().measures);
        undo();
        QVERIFY2(anyLabelSays("Now set the same place on your sketch"), said());
        // On another sketch of the head the places of this one say nothing.
        session().document.edit("another", {}, [](Study& s) {
            s.measures[0].anchors[1].elsewhere = s.measures[0].anchors[0].elsewhere;
            s.measures[0].anchors[1].sketch = s.measures[0].anchors[0].sketch;
            s.sketches.push_back(s.sketches[s.current]);
            s.current = s.sketches.size() - 1;
        });
        QVERIFY(measuresOn(drawn())->measures.empty());
        QVERIFY(openEnd(session(), Side::Sketch));
    }

    void whatIsLaidOnTheSketchIsAskedForOnThePhotograph() {
        openDemo();
        goToStep("measure");
        const PicturePoint chin = *study().sketch()->marks.seen(Mark::Chin);
        click(drawn(), spot(drawn(), chin + PicturePoint(60, 40)));
        click(drawn(), spot(drawn(), chin + PicturePoint(60, 110)));
        QCOMPARE(int(study().measures.size()), 1);
        QVERIFY(study().measures[0].onSketch && !study().measures[0].anchors[0].mark);
        QVERIFY2(anyLabelSays("Now set the same place on the photograph"), said());
        // Before that it is no unit: on the photograph it would be another length.
        list()->setCurrentRow(0);
        clickOn(buttonSaying("As the unit"));
        QVERIFY(study().unit.empty());
        QVERIFY2(anyLabelSays("Set its ends on the photograph first"), said());
        for (int i = 0; i < 2; ++i) {
            QVERIFY(measuresOn(seen())->open);
            click(seen(), spot(seen(), *measuresOn(seen())->open + PicturePoint(2, 0)));
        }
        clickOn(buttonSaying("As the unit"));
        QVERIFY2(list()->item(0)->text().contains(QRegularExpression("seen 1\\.00 eyes.* · drawn 1\\.00 eyes")),
                 qPrintable(list()->item(0)->text()));
        undo();
        QVERIFY(study().unit.empty());
    }

    void everyWayOfMeasuringIsAskedForOnBothSheets() {
        openDemo();
        goToStep("measure");
        const PicturePoint chin = *study().reference.seen(Mark::Chin), brow = *study().reference.seen(Mark::Brow);
        const double face = (chin - brow).norm();
        // Places that are no mark, none upon another, all over the face.
        const PicturePoint shares[] = {{-0.42, 0.35}, {0.3, 0.62}, {-0.36, 0.78}, {0.22, 0.21}};
        for (const MeasureKind* kind : measureKinds()) {
            clickOn(buttonSaying(qt(learnersTranslator().say(kind->name))));
            const std::size_t before = study().measures.size();
            const std::size_t ends = kind->ends ? kind->ends : 3;
            for (std::size_t i = 0; i < ends; ++i)
                // With Shift, so that no mark near it takes hold.
                QTest::mouseClick(seen(), Qt::LeftButton, Qt::ShiftModifier, spot(seen(), brow + face * shares[i]));
            if (kind->ends == 0)
                QTest::keyClick(seen(), Qt::Key_Return);
            QVERIFY2(study().measures.size() == before + 1, kind->name);
            const Measurement& m = study().measures.back();
            for (const Anchor& a : m.anchors)
                QVERIFY2(!a.mark, kind->name);
            QVERIFY2(!readingOn(session(), m, Side::Sketch), kind->name);
            for (std::size_t i = 0; i < ends; ++i) {
                QVERIFY2(anyLabelSays("Now set the same place on your sketch"), said());
                QTest::mouseClick(drawn(), Qt::LeftButton, Qt::ShiftModifier, spot(drawn(), *measuresOn(drawn())->open + PicturePoint(3.0 * static_cast<double>(i), 2)));
            }
            QVERIFY2(!openEnd(session(), Side::Sketch), kind->name);
            const auto here = readingOn(session(), study().measures.back(), Side::Reference),
                       there = readingOn(session(), study().measures.back(), Side::Sketch);
            QVERIFY2(here && there, kind->name);
        }
        QCOMPARE(int(study().measures.size()), int(measureKinds().size()));
    }

    void aShapeIsClosedByEnterAndAnEndTakenBack() {
        openDemo();
        goToStep("measure");
        clickOn(buttonSaying("Negative shape"));
        const PicturePoint chin = *study().reference.seen(Mark::Chin);
        for (const PicturePoint& by : {PicturePoint(90, 0), PicturePoint(140, 60), PicturePoint(60, 90)})
            click(seen(), spot(seen(), chin + by));
        QCOMPARE(int(measuresOn(seen())->ends.size()), 3);
        QTest::keyClick(seen(), Qt::Key_Backspace);
        QCOMPARE(int(measuresOn(seen())->ends.size()), 2);
        click(seen(), spot(seen(), chin + PicturePoint(60, 90)));
        QTest::keyClick(seen(), Qt::Key_Return);
        QCOMPARE(int(study().measures.size()), 1);
        QVERIFY(list()->item(0)->text().contains("square eyes"));
        clickOn(buttonSaying("Take it away") ? buttonSaying("Plumb line") : nullptr);
        click(seen(), spot(seen(), chin));
        list()->setCurrentRow(1);
        QVERIFY2(anyLabelSays("On the photo: "), said());
        clickOn(buttonSaying("Take it away"));
        QCOMPARE(int(study().measures.size()), 1);
    }

    void byKeysAlone() {
        openDemo();
        goToStep("measure");
        auto* ratio = buttonSaying("Ratio of lengths");
        ratio->setFocus();
        QTest::keyClick(ratio, Qt::Key_Space);
        unfold("By names, without the mouse");
        const Mark wanted[] = {Mark::Brow, Mark::NoseBase, Mark::NoseBase, Mark::Chin};
        for (int i = 0; i < 4; ++i) {
            auto* end = visibleNamed<QComboBox>(QString("End %1").arg(i + 1));
            QVERIFY(end);
            end->setFocus();
            const int target = end->findData(indexOf(wanted[i]));
            while (end->currentIndex() != target)
                QTest::keyClick(end, end->currentIndex() < target ? Qt::Key_Down : Qt::Key_Up);
        }
        auto* lay = buttonSaying("Lay it");
        lay->setFocus();
        QTest::keyClick(lay, Qt::Key_Space);
        QCOMPARE(int(study().measures.size()), 1);
        const auto at = [&](Mark m) { return *study().reference.seen(m); };
        const double truth = (at(Mark::Brow) - at(Mark::NoseBase)).norm() /
                             (at(Mark::NoseBase) - at(Mark::Chin)).norm();
        QVERIFY2(list()->item(0)->text().contains(QString("seen %1").arg(truth, 0, 'f', 2)),
                 qPrintable(list()->item(0)->text()));
        // This length becomes the unit: it measures one of itself.
        clickOn(buttonSaying("Unit stick"));
        for (int i = 0; i < 2; ++i) {
            auto* end = visibleNamed<QComboBox>(QString("End %1").arg(i + 1));
            QVERIFY(end->currentData().toInt() == indexOf(wanted[i]));
        }
        clickOn(buttonSaying("Lay it"));
        list()->setCurrentRow(1);
        clickOn(buttonSaying("As the unit"));
        QVERIFY2(list()->item(1)->text().contains("seen 1.00 eyes"), qPrintable(list()->item(1)->text()));
        clickOn(buttonSaying("The nearer eye as the unit"));
        QVERIFY(!list()->item(1)->text().contains("seen 1.00 eyes"));
    }

    void theLearnerGuessesBeforeTheNumberIsTold() {
        openDemo();
        goToStep("measure");
        tick("Guess the number first");
        clickOn(buttonSaying("Unit stick"));
        click(seen(), spot(seen(), *study().reference.seen(Mark::Brow)));
        click(seen(), spot(seen(), *study().reference.seen(Mark::Chin)));
        QVERIFY2(list()->item(0)->text().contains("what do you think?"), qPrintable(list()->item(0)->text()));
        QCOMPARE(measuresOn(seen())->measures[0].number, QString("?"));
        auto* guess = visibleNamed<QDoubleSpinBox>("What you think it is");
        QVERIFY(guess);
        guess->setFocus();
        guess->selectAll();
        QTest::keyClicks(guess, "2.00");
        clickOn(buttonSaying("That is my guess"));
        QVERIFY(study().measures[0].guessed == 2.0);
        QVERIFY2(anyLabelSays("You said 2.00; it is"), said());
        QVERIFY2(anyLabelSays("too little"), said());
        QVERIFY(measuresOn(seen())->measures[0].number.contains("eyes"));
        // Its name is the learner's own, and stays.
        auto* name = visibleNamed<QLineEdit>("Name of the measurement");
        name->setFocus();
        QTest::keyClicks(name, "face");
        QVERIFY2(list()->item(0)->text().startsWith("face"), qPrintable(list()->item(0)->text()));
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.measures == study().measures);
        undo();
        undo();
        QVERIFY(!study().measures[0].guessed);
    }

    void fiveEyesDoublingAndWhatElseAMeasurementSays() {
        openDemo();
        goToStep("measure");
        const PicturePoint brow = *study().reference.seen(Mark::Brow),
                           nose = *study().reference.seen(Mark::NoseBase);
        clickOn(buttonSaying("Five eyes"));
        click(seen(), spot(seen(), brow));
        QCOMPARE(int(study().measures.size()), 1);
        QCOMPARE(QString::fromStdString(study().measures[0].kind), "five_eyes");
        const Reading& eyes = measuresOn(seen())->measures[0].reading;
        QVERIFY(eyes.value > 4 && eyes.value < 7);
        QVERIFY(eyes.lines.size() >= 4);
        clickOn(buttonSaying("Laid on again"));
        click(seen(), spot(seen(), brow));
        click(seen(), spot(seen(), nose));
        list()->setCurrentRow(1);
        QVERIFY2(anyLabelSays("On the photo: "), said());
        const auto& lines = measuresOn(seen())->measures[1].reading.lines;
        QVERIFY((lines[0].back() - (2 * nose - brow)).norm() < 1e-6);
        clickOn(buttonSaying("Over the centre line"));
        click(seen(), spot(seen(), *study().reference.seen(Mark::MouthCornerR)));
        list()->setCurrentRow(2);
        QVERIFY2(anyLabelSays("to its twin, across the picture"), said());
    }

    void endsTakeHoldOfTheGuidesWhenTheyLieUnderneath() {
        openDemo();
        goToStep("measure");
        clickOn(buttonSaying("Angle to level"));
        QVERIFY(!seen()->scene().find<LinesOverlay>());
        tick("Guides underneath");
        const std::vector<GuideLine> lines = linesOn(seen());
        QVERIFY(!lines.empty());
        // Beside a line, clear of any mark: the end lies on the line.
        PicturePoint on(0, 0);
        for (const GuideLine& line : lines) {
            if (line.hidden || line.points.size() < 8)
                continue;
            const PicturePoint at = line.points[line.points.size() / 2];
            double nearest = 1e9;
            for (Mark m : study().reference.seenMarks())
                nearest = std::min(nearest, QLineF(spot(seen(), at), spot(seen(), *study().reference.seen(m))).length());
            if (nearest > 30) {
                on = at;
                break;
            }
        }
        QVERIFY(on.norm() > 0);
        click(seen(), spot(seen(), on) + QPoint(3, 2));
        QCOMPARE(int(session().selection.measuring.current().anchors.size()), 1);
        const PicturePoint held = session().selection.measuring.current().anchors[0].at;
        const auto nearest = nearestOnLines(lines, held);
        QVERIFY((nearest->at - held).norm() < 1e-6);
        tick("Guides underneath");
        QVERIFY(!seen()->scene().find<LinesOverlay>());
    }

    void whatSaysMostIsOfferedOneAtATime() {
        openDemo();
        goToStep("measure");
        std::set<QString> offered;
        int i = 0;
        for (; anyLabelSays("Worth measuring next") && i < 20; ++i) {
            clickOn(nextButton());
            QCOMPARE(int(study().measures.size()), i + 1);
            offered.insert(list()->item(i)->text().section('\n', 0, 0));
            // It says something: the sketch differs from the photograph by more than the doubt.
            QVERIFY2(anyLabelSays("Yours is"), said());
        }
        QVERIFY(i >= 1);
        QCOMPARE(int(offered.size()), i);
        QVERIFY2(anyLabelSays("click where it begins"), said());
    }
};

std::unique_ptr<QObject> makeMeasuringTest() {
    return std::make_unique<MeasuringTest>();
}

} // namespace zokran::test

#include "test_measuring.moc"
