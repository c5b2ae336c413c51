#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QPainter>

namespace zokran::test {

class MarkingTest : public WindowTest {
    Q_OBJECT

    void typeSitter(const char* name) {
        auto* sitter = visibleNamed<QLineEdit>("Sitter");
        QVERIFY(sitter);
        sitter->setFocus();
        sitter->selectAll();
        QTest::keyClicks(sitter, name);
        QCOMPARE(study().sitter, std::string(name));
    }

private slots:
    void whatHairCoversIsSetAsideInOneAct() {
        openDemo();
        goToStep("block-in");
        session().document.edit("Take off", {}, [&](Study& s) {
            for (Mark m : marksUnderHair())
                s.marks(Side::Reference).marks[m].reset();
        });
        session().selection.marks.choose(Side::Reference, Mark::EarTopL);
        auto* hair = buttonSaying("Hair covers ears and hairline");
        QVERIFY(hair);
        clickOn(hair);
        for (Mark m : marksUnderHair())
            QVERIFY(study().reference.marks[m] && study().reference.marks[m]->hidden);
        QVERIFY(!buttonSaying("Hair covers ears and hairline"));
        undo();
        for (Mark m : marksUnderHair())
            QVERIFY(!study().reference.marks[m]);
    }

    void aReadingThatFewHeadsHaveIsQuestionedAndSidesAreTold() {
        const auto [seenTruth, drawnTruth] = photographs();
        openReference(file("head.png"));
        // Few marks, as clicked in other places than were asked for: they read as a head thrown far back.
        Shot shot;
        shot.size = 400;
        shot.pose = poseFromDegrees({20}, {48}, {0});
        const MarkSheet thrownBack = exactMarks(Bust(sitterNamed("halcyon")), viewOf(shot), 320, 400);
        session().document.edit("marks", {}, [&](Study& s) {
            for (Mark m : {Mark::OuterEyeR, Mark::OuterEyeL, Mark::NoseBase, Mark::Chin, Mark::LipLine, Mark::Brow})
                if (thrownBack.seen(m))
                    s.reference.marks[m] = PlacedMark{*thrownBack.seen(m)};
        });
        QCoreApplication::processEvents();
        QVERIFY(session().fit());
        QVERIFY2(anyLabelSays("Few heads are held so"), said());
        session().document.edit("marks", {}, [&, truth = &seenTruth](Study& s) {
            for (auto& mark : s.reference.marks)
                mark.reset();
            for (Mark m : {Mark::OuterEyeR, Mark::OuterEyeL, Mark::NoseBase, Mark::Chin})
                s.reference.marks[m] = PlacedMark{*truth->seen(m)};
        });
        QCoreApplication::processEvents();
        QVERIFY2(!anyLabelSays("Few heads are held so"), said());
        // Whose left it is, and where that lies.
        for (int i = 0; i < markCount; ++i)
            if (idOf(markAt(i)).ends_with("_l"))
                QVERIFY(sidedWordsFor(markAt(i)).find("the sitter's left, on your right") != std::string::npos);
        while (markToPlace(session(), Side::Reference) && !idOf(*markToPlace(session(), Side::Reference)).ends_with("_r"))
            hideMark(session(), Side::Reference, *markToPlace(session(), Side::Reference));
        QVERIFY(markToPlace(session(), Side::Reference));
        QVERIFY2(anyLabelSays("the sitter's right, on your left"), said());
    }

    void draggingAMarkMovesTheFitAndUndoesAsOne() {
        openDemo();
        goToStep("block-in");
        const PicturePoint before = *study().reference.seen(Mark::Chin);
        const Radians tilt = session().fit()->pose.tilt;
        const QPoint from = spot(seen(), before);
        drag(seen(), from, from + QPoint(0, 20));
        QVERIFY((*study().reference.seen(Mark::Chin) - before).norm() > 5);
        QVERIFY(session().fit()->pose.tilt != tilt);
        undo();
        QVERIFY((*study().reference.seen(Mark::Chin) - before).norm() < 1e-9);
        QVERIFY(abs(session().fit()->pose.tilt - tilt) < Radians{1e-3});
    }

    void arrowsNudgeAndBackspaceGoesBack() {
        openDemo();
        goToStep("block-in");
        const PicturePoint before = *study().reference.seen(Mark::Chin);
        click(seen(), spot(seen(), before)); // takes the chin up
        QCOMPARE(study().reference.seen(Mark::Chin)->x(), before.x());
        QTest::keyClick(seen(), Qt::Key_Right);
        QTest::keyClick(seen(), Qt::Key_Up, Qt::ShiftModifier);
        QCOMPARE(study().reference.seen(Mark::Chin)->x(), before.x() + 1);
        QCOMPARE(study().reference.seen(Mark::Chin)->y(), before.y() - 10);
        QTest::keyClick(seen(), Qt::Key_Backspace);
        QCOMPARE(study().reference.seen(Mark::Chin)->x(), before.x());
    }

    void marksCanBePlacedWithoutAMouse() {
        photographs();
        openReference(file("head.png"));
        QVERIFY(session().document.isOpen());
        // The sheet has the keys as soon as the step is open; nothing is laid down unseen.
        QCOMPARE(window_->focusWidget(), seen());
        const auto ring = [&] {
            const auto* marks = seen()->scene().find<MarksOverlay>();
            return marks && marks->shown.asked ? marks->shown.preplaced[*marks->shown.asked] : std::nullopt;
        };
        QVERIFY(!ring());
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY(!study().reference.seen(Mark::Brow));
        QVERIFY(ring());
        const PicturePoint middle = *ring();
        QTest::keyClick(seen(), Qt::Key_Up, Qt::ShiftModifier);
        QTest::keyClick(seen(), Qt::Key_Right);
        QVERIFY(ring()->y() < middle.y() && ring()->x() > middle.x());
        const PicturePoint brow = *ring();
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY((*study().reference.seen(Mark::Brow) - brow).norm() < 1e-9);
        QCOMPARE(markToPlace(session(), Side::Reference), std::optional<Mark>(Mark::Chin));
        // The arrows go on with the next one, and leave the last where it lies.
        QTest::keyClick(seen(), Qt::Key_Down);
        QCOMPARE(seen()->scene().find<MarksOverlay>()->shown.asked, std::optional(Mark::Chin));
        QVERIFY((*study().reference.seen(Mark::Brow) - brow).norm() < 1e-9);
        QTest::keyClick(seen(), Qt::Key_Escape);
        QVERIFY(!ring());
        QTest::keyClick(seen(), Qt::Key_Space);
        QVERIFY(study().reference.marks[Mark::Chin]->hidden);
    }

    void theSheetDoesNotJumpUnderThePointer() {
        const auto [truth, sketchTruth] = photographs();
        openReference(file("head.png"));
        const double whole = seen()->transform().scale;
        QTest::mouseMove(seen(), QPoint(50, 50));
        markAll(seen(), Side::Reference, truth);
        QVERIFY(session().fit() && !markToPlace(session(), Side::Reference));
        QCOMPARE(seen()->transform().scale, whole);
        // When the pointer has left, the head fills the sheet.
        QEvent leaves(QEvent::Leave);
        QApplication::sendEvent(seen(), &leaves);
        QVERIFY(seen()->transform().scale > 1.05 * whole);
        // And stays there, whatever is asked for again.
        const double close = seen()->transform().scale;
        session().document.edit("Without the chin", {}, [](Study& s) { s.reference.marks[Mark::Chin].reset(); });
        session().selection.marks.choose(Side::Reference, Mark::Chin);
        QVERIFY(std::abs(seen()->transform().scale / close - 1) < 0.05);
        // The sketch the same.
        openSketch(file("sketch.png"));
        const double sketch = drawn()->transform().scale;
        QTest::mouseMove(drawn(), QPoint(50, 50));
        for (int i = 0; i < 5; ++i) {
            click(drawn(), spot(drawn(), *sketchTruth.seen(*markToPlace(session(), Side::Sketch))));
            QCOMPARE(drawn()->transform().scale, sketch);
        }
    }

    void arrowsBringTheMarkThatIsAskedForFromWhereItIsExpected() {
        openDemo();
        goToStep("block-in");
        QCOMPARE(window_->focusWidget(), seen());
        session().document.edit("Without the chin", {}, [](Study& s) { s.reference.marks[Mark::Chin].reset(); });
        session().selection.marks.choose(Side::Reference, Mark::Chin);
        const PicturePoint expected = session().fit()->view.project(session().fit()->head[Mark::Chin]);
        QTest::keyClick(seen(), Qt::Key_Left);
        QTest::keyClick(seen(), Qt::Key_Right);
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY((*study().reference.seen(Mark::Chin) - expected).norm() < 1e-6);
        undo();
        QVERIFY(!study().reference.marks[Mark::Chin]);
    }

    void marksAreSuggestedForAFaceAndCanBeTakenBack() {
        Shot shot;
        shot.size = 700;
        shot.pose = poseFromDegrees({8}, {0}, {0});
        const Bust bust(sitterNamed("halcyon"));
        std::ofstream(file("face.png").toStdString(), std::ios::binary)
            << encoded(photograph(bust, shot), ".png");
        const MarkSheet truth = exactMarks(bust, viewOf(shot), 560, 700);
        openReference(file("face.png"));
        QVERIFY(session().document.isOpen());
        session().document.edit("Smile", {}, [](Study& s) { s.reference.smiling = true; });
        clickOn(buttonSaying("Suggest marks"));
        QVERIFY(buttonSaying("Looking for a face"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 60000);
        const MarkSheet& found = study().reference;
        QVERIFY(found.smiling); // what the learner said stays said, whatever was found
        for (Mark m : {Mark::PupilL, Mark::PupilR, Mark::NoseTip, Mark::LipLine, Mark::Chin})
            QVERIFY((*found.seen(m) - *truth.seen(m)).norm() < 20);
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value - 8) < 8);
        // They are drawn and listed as suggestions until the learner stands by them.
        QVERIFY(found.marks[Mark::NoseTip]->suggested);
        QVERIFY(found.marks[Mark::NoseTip]->noise);
        QVERIFY(anyLabelSays("I marked the face"));
        click(seen(), spot(seen(), *found.seen(Mark::NoseTip)));
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY(!study().reference.marks[Mark::NoseTip]->suggested);
        QCOMPARE(nextButton()->text(), QString("They are right"));
        clickOn(nextButton());
        QCOMPARE(suggestionCount(session(), Side::Reference), 0);
        undo();
        undo();
        undo();
        QVERIFY(!session().fit());
    }

    void inAGroupThePersonIsChosen() {
        // Two heads side by side, the right one larger.
        QImage group(1000, 700, QImage::Format_RGB888);
        group.fill(Qt::darkGray);
        QPainter painter(&group);
        for (const auto& [id, size, left] : {std::tuple{"stormcock", 500, 40}, {"candle", 680, 450}}) {
            Shot shot;
            shot.size = size;
            shot.lightElevation = {25};
            const Picture p = photograph(Bust(sitterNamed(id)), shot);
            painter.drawImage(left, 0,
                              QImage(p.bgr.data(), p.width, p.height, 3 * p.width,
                                     QImage::Format_BGR888));
        }
        painter.end();
        QVERIFY(group.save(file("group.png")));
        openReference(file("group.png"));
        clickOn(buttonSaying("Suggest marks"));
        QTRY_VERIFY_WITH_TIMEOUT(session().faces.asksForFace(), 60000);
        QCOMPARE(nextButton()->text(), QString("The largest"));
        clickOn(nextButton());
        QTRY_VERIFY(session().fit());
        QVERIFY(session().fit()->ball().centre.x() > 500);
        QVERIFY(buttonSaying("Another face (1 of 2)"));
        clickOn(buttonSaying("Another face"));
        QTRY_VERIFY(session().fit() && session().fit()->ball().centre.x() < 400);
        QVERIFY(buttonSaying("Another face (2 of 2)"));
        // What was looked over stays.
        click(seen(), spot(seen(), *study().reference.seen(Mark::NoseTip)));
        QTest::keyClick(seen(), Qt::Key_Return);
        const PicturePoint kept = *study().reference.seen(Mark::NoseTip);
        clickOn(buttonSaying("Another face"));
        QCOMPARE(*study().reference.seen(Mark::NoseTip), kept);
        undo();
        undo();
        undo();
        QVERIFY(session().fit()->ball().centre.x() > 500);
        clickOn(nextButton()); // they are right
        QVERIFY(!buttonSaying("Another face"));
    }

    void aGuessIsPulledCommittedAndSetAgainstTheFit() {
        const auto [truth, sketchTruth] = photographs();
        openReference(file("head.png"));
        QVERIFY(session().document.isOpen());
        clickOn(buttonSaying("Guess first"));
        QVERIFY(isGuessing(session()));
        QVERIFY(anyLabelSays("Drag the ball out"));
        QVERIFY(!study().guess->hasBall()); // nothing is thrown into the photograph

        // The ball is dragged out over the cranium, from side to side.
        const BallCircle skull = fitHead(truth).ball();
        const PicturePoint across(skull.radius.value, 0);
        drag(seen(), spot(seen(), skull.centre - across), spot(seen(), skull.centre + across));
        QVERIFY(study().guess->hasBall());
        QVERIFY((study().guess->ball.centre - skull.centre).norm() < 3);
        QVERIFY(hasLine(seen(), "ball"));
        QVERIFY(anyLabelSays("your guess"));
        const double zoomed = seen()->transform().scale;
        QVERIFY(zoomed * 2 * skull.radius.value > 0.3 * seen()->height()); // the head fills the sheet

        // Taken hold of beside its middle it turns under the hand, as far as the hand goes.
        const PicturePoint hold = skull.centre + 0.5 * PicturePoint(0, skull.radius.value);
        const QPoint from = spot(seen(), hold);
        drag(seen(), from, from + QPoint(30, 0));
        const double turn = toDegrees(study().guess->pose.turn).value;
        QVERIFY(std::abs(turn - toDegrees({30 / (zoomed * study().guess->ball.radius.value)}).value) < 2);
        undo(); // one drag, one step back
        QCOMPARE(study().guess->pose.turn.value, 0.0);
        // Its rim leans it.
        const QPoint rim = spot(seen(), skull.centre - 0.9 * PicturePoint(0, skull.radius.value));
        drag(seen(), rim, rim + QPoint(25, 4));
        QVERIFY(study().guess->pose.lean > toRadians(Degrees{3}));
        undo();

        // By keys and by typing.
        seen()->setFocus();
        for (int i = 0; i < 2; ++i)
            QTest::keyClick(seen(), Qt::Key_Right, Qt::ShiftModifier);
        QTest::keyClick(seen(), Qt::Key_Up);
        QTest::keyClick(seen(), Qt::Key_Comma);
        QVERIFY(std::abs(toDegrees(study().guess->pose.turn).value - 20) < 0.01);
        QVERIFY(std::abs(toDegrees(study().guess->pose.lean).value + 1) < 0.01);
        auto* lean = visibleNamed<QDoubleSpinBox>("Lean, + to the right");
        QVERIFY(lean);
        lean->setFocus();
        lean->selectAll();
        QTest::keyClicks(lean, "-6");
        QTest::keyClick(lean, Qt::Key_Return);
        QVERIFY(std::abs(toDegrees(study().guess->pose.lean).value + 6) < 0.01);

        clickOn(nextButton()); // this is my guess
        QVERIFY(!isGuessing(session()));
        QVERIFY(!study().reference.ball); // the guess does not bend the measuring
        markAll(seen(), Side::Reference, truth);
        QVERIFY(session().fit());
        QVERIFY(anyLabelSays("too little"));
        QVERIFY(anyLabelSays("guessed: 20°"));

        // Guess and fit are both kept.
        session().document.saveNow();
        window_.reset();
        openWindow();
        window_->reopenLast();
        QVERIFY(study().guess && study().guess->committed);
        QVERIFY(std::abs(toDegrees(study().guess->pose.turn).value - 20) < 0.01);
    }

    void marksCanBePlacedAtOnceWithoutAGuess() {
        photographs();
        openReference(file("head.png"));
        QVERIFY(session().document.isOpen());
        clickOn(buttonSaying("Guess first"));
        clickOn(buttonSaying("Mark at once"));
        QVERIFY(!study().guess);
        QTest::mouseClick(seen(), Qt::LeftButton, {}, spot(seen(), {160, 150}));
        QVERIFY(study().reference.seen(Mark::Brow));
    }

    void photographsOfOneSitterShareAShape() {
        openDemo();
        auto all = logbook_->studies();
        QVERIFY(all.size() >= 4);
        all.resize(4);
        for (const StudySummary& s : all) {
            openStudy(s.id);
            goToStep("set-up");
            typeSitter("Marten");
            QVERIFY(session().document.saveNow());
        }
        openStudy(all.front().id);
        QTRY_COMPARE(session().analysis.sharedWith(), static_cast<int>(all.size()) - 1);
        goToStep("guides");
        unfold("This sitter against the schools");
        QVERIFY(anyLabelSays("of this sitter sharpen"));
        const Radians shared = session().fit()->sigma.tilt;
        goToStep("set-up");
        typeSitter("Somebody else");
        QTRY_COMPARE(session().analysis.sharedWith(), 0);
        QVERIFY(session().fit()->sigma.tilt > shared);
    }

    void aSmileIsSaidAndLoosensTheMouth() {
        openDemo();
        goToStep("block-in");
        const double before = session().fit()->sigma.tilt.value;
        tick("Smiling, or the mouth open");
        QVERIFY(study().reference.smiling);
        QVERIFY(session().fit()->sigma.tilt.value > before);
    }

    void theBallIsLaidDraggedAndTakenUp() {
        openDemo();
        goToStep("block-in");
        clickOn(buttonSaying("Lay the ball"));
        QVERIFY(!study().reference.ball); // the demo's had one: it is removed
        clickOn(buttonSaying("Lay the ball"));
        const BallCircle laid = *study().reference.ball;
        QVERIFY((laid.centre - session().fit()->ball().centre).norm() < 2);
        const QPoint centre = spot(seen(), laid.centre);
        drag(seen(), centre, centre + QPoint(25, 10));
        QVERIFY(study().reference.ball->centre.x() > laid.centre.x() + 5);
        const double r = study().reference.ball->radius.value;
        const QPoint rim = spot(seen(), study().reference.ball->centre + PicturePoint(r, 0));
        drag(seen(), rim, rim + QPoint(20, 0));
        QVERIFY(study().reference.ball->radius.value > r + 5);
        undo();
        QCOMPARE(study().reference.ball->radius.value, r);
    }

    void aMarkFarOffIsCalledDoubtful() {
        openDemo();
        goToStep("block-in");
        const QPoint chin = spot(seen(), *study().reference.seen(Mark::Chin));
        drag(seen(), chin, chin + QPoint(-70, 35));
        QVERIFY(!session().fit()->outliers.empty());
        QVERIFY(session().fit()->outliers.front() == Mark::Chin);
        QVERIFY(anyLabelSays("The chin disagrees with the other marks"));
        QVERIFY(!seen()->scene().find<MarksOverlay>()->shown.doubtful.empty());
    }

    void aRegionUnlikeAnyIsNamedAndCostsNotThePose() {
        openDemo();
        goToStep("block-in");
        const Pose before = session().fit()->pose;
        for (const Mark m : headRegions()[2].marks)
            if (const auto at = study().reference.seen(m)) {
                const QPoint from = spot(seen(), *at);
                drag(seen(), from, from + QPoint(0, -30));
            }
        QVERIFY2(session().fit()->unlikeRegion && QLatin1String(session().fit()->unlikeRegion->name) == "the nose", said());
        QVERIFY2(anyLabelSays("The nose: unlike any other head's"), said());
        QVERIFY(abs(session().fit()->pose.tilt - before.tilt) < toRadians(Degrees{3}));
        QCOMPARE(seen()->scene().find<MarksOverlay>()->shown.doubtful.size(), headRegions()[2].marks.size());
    }

    void aMarkBroughtBackByKeysIsNoLongerDoubtful() {
        openDemo();
        goToStep("block-in");
        const QPoint chin = spot(seen(), *study().reference.seen(Mark::Chin));
        drag(seen(), chin, chin + QPoint(0, 45));
        QVERIFY(!session().fit()->outliers.empty());
        const double scale = seen()->transform().scale;
        for (int moved = 0; moved < std::lround(45 / scale / 10); ++moved)
            QTest::keyClick(seen(), Qt::Key_Up, Qt::ShiftModifier);
        // No button is let go of; a pause is enough.
        QTRY_VERIFY_WITH_TIMEOUT(session().fit()->outliers.empty(), 3000);
        QVERIFY(!anyLabelSays("disagrees with the other marks"));
    }

    void eachSheetHasItsOwnMarkTakenUp() {
        openDemo();
        goToStep("block-in");
        click(seen(), spot(seen(), *study().reference.seen(Mark::Chin)));
        goToStep("check");
        unfold("All numbers");
        QVERIFY(!session().selection.marks.touched(Side::Sketch));
        const PicturePoint chin = *study().sketch()->marks.seen(Mark::Chin);
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Left);
        QVERIFY((*study().sketch()->marks.seen(Mark::Chin) - chin).norm() < 1e-12);
        const PicturePoint brow = *study().sketch()->marks.seen(Mark::Brow);
        click(drawn(), spot(drawn(), brow));
        QTest::keyClick(drawn(), Qt::Key_Left);
        QCOMPARE(study().sketch()->marks.seen(Mark::Brow)->x(), brow.x() - 1);
        QCOMPARE(session().selection.marks.touched(Side::Reference), std::optional(Mark::Chin));
    }

    void sevenMarksAreEnoughForAQuickCheck() {
        openDemo();
        // The sketch as it came, with no mark on it.
        const MarkSheet whole = study().marks(Side::Sketch);
        session().document.edit("Take the marks away", {}, [](Study& s) {
            MarkSheet& sheet = s.marks(Side::Sketch);
            for (auto& mark : sheet.marks)
                mark.reset();
            for (auto& mark : sheet.expression)
                mark.reset();
            sheet.lines = {};
        });
        goToStep("check");
        for (const Mark m : quickCheckMarks()) {
            if (!study().reference.seen(m))
                continue; // nobody asks for what the photograph hides
            QVERIFY2(!buttonSaying("Enough for a quick check"), said());
            QCOMPARE(askedMark(session(), Side::Sketch), std::optional(m));
            click(drawn(), spot(drawn(), *whole.seen(m)));
        }
        QVERIFY(!sketchIsJudged(session()));
        clickOn(buttonSaying("Enough for a quick check"));
        QVERIFY(session().comparison());
        QVERIFY(sketchIsJudged(session()));
        undo();
        QVERIFY(!sketchIsJudged(session()));
    }
};

std::unique_ptr<QObject> makeMarkingTest() {
    return std::make_unique<MarkingTest>();
}

} // namespace zokran::test

#include "test_marking.moc"
