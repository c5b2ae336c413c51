// Lines as they were drawn, laid over photograph and sketch in the real window.

#include "app/document/expression_marking.h"
#include "app/overlays/drawn_line_overlay.h"
#include "core/compare/outline.h"
#include "app/document/carried_marks.h"
#include "tests/app/window_test.h"

namespace zokran::test {

class DrawnLinesTest : public WindowTest {
    Q_OBJECT

    const DrawnLines& lines(Side side) { return study().marks(side).lines; }
    /// The rings that lie on a sheet to be dragged.
    std::vector<PicturePoint> rings(SheetView* sheet) {
        for (const auto& overlay : sheet->scene().overlays)
            if (const auto* line = dynamic_cast<const DrawnLineOverlay*>(overlay.get()); line && line->touched)
                return line->at;
        return {};
    }
    void dragRing(SheetView* sheet, std::size_t ring, const PicturePoint& to) {
        QVERIFY(rings(sheet).size() > ring);
        const QPoint there = spot(sheet, to);
        drag(sheet, spot(sheet, rings(sheet)[ring]), there);
        QVERIFY((QPointF(spot(sheet, rings(sheet)[ring]) - there)).manhattanLength() <= 4);
    }

    /// Stands by the proposed line where it lies: one ring is pressed, which is found to lie right.
    void standBy(SheetView* sheet) {
        QVERIFY2(!buttonSaying("It lies there"), "what nobody looked at cannot be stood by");
        sheet->setFocus();
        QTest::keyClick(sheet, Qt::Key_Return);
        QVERIFY2(!rings(sheet).empty(), "nor by a key");
        click(sheet, spot(sheet, rings(sheet).front()));
        clickOn(buttonSaying("It lies there"));
    }

    /// The same head, drawn as it is.
    void drawFaithfully() {
        const Similarity laid = session().comparison()->registration;
        session().document.edit("draw anew", {}, [&](Study& s) {
            for (int i = 0; i < markCount; ++i)
                if (const auto at = s.reference.seen(markAt(i)))
                    s.sketch()->marks.marks[markAt(i)] = PlacedMark{laid(*at)};
                else
                    s.sketch()->marks.marks[markAt(i)] = PlacedMark{std::nullopt, true};
        });
    }

    void openLines() {
        openDemo();
        goToStep("check");
        QTRY_VERIFY(session().comparison());
        unfold("Lines as you drew them");
    }

private slots:
    void linesGoAlongToTheNextPhotographWhereNothingBesideThemMoved() {
        Sketch before;
        before.page.flat = PageRectification{{{{0, 0}, {400, 0}, {400, 500}, {0, 500}}}, {{200}, {250}}, 400, 500};
        before.marks.width = 400;
        before.marks.height = 500;
        const std::pair<Mark, PicturePoint> placed[] = {{Mark::Crown, {200, 100}},   {Mark::Brow, {200, 200}},
                                                        {Mark::NoseBase, {200, 260}}, {Mark::Chin, {200, 340}},
                                                        {Mark::EarTopL, {290, 210}},  {Mark::EarTopR, {110, 210}}};
        for (const auto& [mark, at] : placed)
            before.marks.marks[mark] = PlacedMark{at, false};
        before.marks.lines[DrawnLine::Hair] = {{130, 150}, {200, 80}, {270, 150}};
        before.marks.lines[DrawnLine::Neck] = {{170, 350}, {165, 400}, {235, 350}, {240, 400}};
        // The next photograph shows the page twice as large; the chin has come down by a tenth of the head.
        Sketch now = before;
        now.page.flat = PageRectification{{{{0, 0}, {800, 0}, {800, 1000}, {0, 1000}}}, {{200}, {250}}, 800, 1000};
        now.marks = {};
        now.marks.width = 800;
        now.marks.height = 1000;
        MarkSheet found = now.marks;
        for (const auto& [mark, at] : placed)
            found.marks[mark] = PlacedMark{PicturePoint(2 * at + PicturePoint(1, mark == Mark::Chin ? 50 : -1)), false, true, Pixels{3}};
        const MarkSheet carried = carriedMarks(before, now, found);
        QVERIFY(!carried.marks[Mark::Brow]->suggested);
        QVERIFY(carried.marks[Mark::Chin]->suggested);
        QVERIFY(carried.lines.has(DrawnLine::Hair));
        QVERIFY((carried.lines[DrawnLine::Hair][1] - PicturePoint(400, 160)).norm() < 1e-9);
        QVERIFY(!carried.lines.has(DrawnLine::Neck)); // beside the chin
    }

    void theHairsEdgeIsLaidOverThePhotographAndThenOverTheSketch() {
        openLines();
        clickOn(buttonSaying("Edge of the hair"));
        QVERIFY2(anyLabelSays("Edge of the hair") && anyLabelSays("in the photograph"), said());
        QVERIFY(rings(drawn()).empty());
        const PicturePoint up = rings(seen())[1] + PicturePoint(10, -12);
        dragRing(seen(), 1, up);
        QVERIFY2(lines(Side::Reference)[DrawnLine::Hair].empty(), "nothing is kept before it is stood by");
        clickOn(buttonSaying("It lies there"));
        QVERIFY((lines(Side::Reference)[DrawnLine::Hair][1] - up).norm() < 3);
        // Over the sketch by keys: the second ring, eleven pixels up.
        QVERIFY2(anyLabelSays("as you drew it"), said());
        QVERIFY(rings(seen()).empty());
        const PicturePoint before = rings(drawn())[1];
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Space);
        QTest::keyClick(drawn(), Qt::Key_Up);
        QTest::keyClick(drawn(), Qt::Key_Up, Qt::ShiftModifier);
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY((lines(Side::Sketch)[DrawnLine::Hair][1] - before - PicturePoint(0, -11)).norm() < 1e-9);
        QVERIFY2(!anyLabelSays("Edge of the hair"), said());
        unfold("Lines as you drew them");
        QVERIFY(buttonSaying("✓ Edge of the hair"));
        undo();
        QVERIFY(!lines(Side::Sketch).has(DrawnLine::Hair));
        QVERIFY(lines(Side::Reference).has(DrawnLine::Hair));
        undo();
        QVERIFY(!lines(Side::Reference).has(DrawnLine::Hair));
    }

    void theHairsEdgeHasAsManyRingsAsItHasBends() {
        openLines();
        clickOn(buttonSaying("Edge of the hair"));
        QVERIFY2(anyLabelSays("as many as the hair has bends"), said());
        QCOMPARE(rings(seen()).size(), std::size_t{3});
        seen()->setFocus();
        // The new ring lies on the curve, and not on the chord within it.
        const auto before = rings(seen());
        QTest::keyClick(seen(), Qt::Key_Insert);
        QCOMPARE(rings(seen()).size(), std::size_t{4});
        const PicturePoint chord = (before[0] + before[1]) / 2, added = rings(seen())[1];
        QVERIFY2((added - chord).norm() > 0.1 * (before[1] - before[0]).norm(), "the arc stands off its chord");
        QTest::keyClick(seen(), Qt::Key_Insert);
        QCOMPARE(rings(seen()).size(), std::size_t{5});
        // Clicks beside the rings put them down one after the other, from the first.
        const PicturePoint first = rings(seen())[0] + PicturePoint(-70, -10), second = first + PicturePoint(-15, -90);
        click(seen(), spot(seen(), first));
        click(seen(), spot(seen(), second));
        QVERIFY((rings(seen())[0] - first).norm() < 3);
        QVERIFY((rings(seen())[1] - second).norm() < 3);
        // The construction's hair passes through what was laid, where it was an egg before.
        const auto fromConstruction = [&](const PicturePoint& at) {
            double least = 1e9;
            for (const GuideLine& line : session().analysis.lines(Side::Reference))
                if (line.id == "hair")
                    for (const PicturePoint& p : line.points)
                        least = std::min(least, (p - at).norm());
            return least / session().fit()->view.scale; // ball radii
        };
        QVERIFY2(fromConstruction(second) > 0.2, qPrintable(QString::number(fromConstruction(second))));
        clickOn(buttonSaying("It lies there"));
        QVERIFY2(fromConstruction(second) < 0.06, qPrintable(QString::number(fromConstruction(second))));
        QCOMPARE(lines(Side::Reference)[DrawnLine::Hair].size(), std::size_t{5});
        // As many lie over the sketch, about where they are seen.
        QCOMPARE(rings(drawn()).size(), std::size_t{5});
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Space);
        QTest::keyClick(drawn(), Qt::Key_Return);
        QCOMPARE(lines(Side::Sketch)[DrawnLine::Hair].size(), std::size_t{5});
        undo();
        undo();
        QVERIFY(!lines(Side::Reference).has(DrawnLine::Hair));
        QVERIFY(fromConstruction(second) > 0.2);
    }

    void straightsAlongTheFaceAreLaidByClicksAndACornerThatStandsOutIsTold() {
        openLines();
        clickOn(buttonSaying("Outline of the face"));
        QVERIFY2(anyLabelSays("round the chin"), said());
        const auto proposed = rings(seen());
        QCOMPARE(proposed.size(), std::size_t{9});
        // One corner more by the keyboard, and away again.
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Insert);
        QCOMPARE(rings(seen()).size(), std::size_t{10});
        QTest::keyClick(seen(), Qt::Key_Insert);
        QCOMPARE(rings(seen()).size(), std::size_t{10}); // nine straights are enough
        QTest::keyClick(seen(), Qt::Key_Space);
        QTest::keyClick(seen(), Qt::Key_Delete);
        QCOMPARE(rings(seen()).size(), std::size_t{9});
        // A click beside the rings puts the first corner there, another the second.
        const QPoint first(40, seen()->height() / 2), second(60, seen()->height() / 2 + 90);
        click(seen(), first);
        click(seen(), second);
        QVERIFY((spot(seen(), rings(seen())[0]) - first).manhattanLength() <= 2);
        QVERIFY((spot(seen(), rings(seen())[1]) - second).manhattanLength() <= 2);
        dragRing(seen(), 0, proposed[0]);
        dragRing(seen(), 1, proposed[1]);
        clickOn(buttonSaying("It lies there"));
        // Over the sketch as many lie where they belong; left untouched they cannot be kept.
        QCOMPARE(rings(drawn()).size(), std::size_t{9});
        QVERIFY(!buttonSaying("It lies there"));
        clickOn(buttonSaying("Leave it"));
        QVERIFY(lines(Side::Reference).has(DrawnLine::Face) && !lines(Side::Sketch).has(DrawnLine::Face));
        unfold("Lines as you drew them");
        clickOn(buttonSaying("Outline of the face"));
        clickOn(buttonSaying("It lies there"));
        // The chin's corner is drawn out.
        QTest::keyClick(drawn(), Qt::Key_Insert);
        QCOMPARE(rings(drawn()).size(), std::size_t{9});
        const double head = headHeight(session().comparison()->sitter).value * session().comparison()->sketchView.scale;
        dragRing(drawn(), 4, rings(drawn())[4] + PicturePoint(0, 0.05 * head));
        clickOn(buttonSaying("It lies there"));
        for (int i = 0; i < 12 && !anyLabelSays("Outline of the face, corner 5"); ++i)
            press(Qt::Key_PageDown);
        QVERIFY2(anyLabelSays("Outline of the face, corner 5, stands too far out") && anyLabelSays("Bring it in"), said());
        const auto* shown = drawn()->scene().find<FindingOverlay>();
        QVERIFY(shown && shown->shown.arrow && shown->shown.arrow->to.y() < shown->shown.arrow->from.y());
        undo();
        undo();
        if (lines(Side::Reference).has(DrawnLine::Face))
            undo();
        QVERIFY(!lines(Side::Reference).has(DrawnLine::Face) && !lines(Side::Sketch).has(DrawnLine::Face));
    }

    void aThinNeckIsToldShownAndMended() {
        openLines();
        clickOn(buttonSaying("Sides of the neck"));
        QCOMPARE(rings(seen()).size(), std::size_t{4});
        standBy(seen());
        const std::vector<PicturePoint> laid = rings(drawn());
        const Eigen::Vector2d in = 0.2 * (laid[2] - laid[0]);
        for (std::size_t i = 0; i < 4; ++i)
            dragRing(drawn(), i, PicturePoint(laid[i] + (i < 2 ? in : Eigen::Vector2d(-in))));
        clickOn(buttonSaying("It lies there"));
        QTRY_VERIFY(std::any_of(session().comparison()->findings.begin(), session().comparison()->findings.end(),
                                [](const Finding& f) { return f.id == "neck_width"; }));
        for (int i = 0; i < 8 && !anyLabelSays("too thin"); ++i)
            press(Qt::Key_PageDown);
        QVERIFY2(anyLabelSays("The neck is") && anyLabelSays("Take its sides out"), said());
        // Its two sides on the sketch, as they stand and where they belong; on the photograph as they are.
        const auto* shown = drawn()->scene().find<FindingOverlay>();
        QVERIFY(shown && shown->shown.drawn.size() == 2 && shown->shown.belongs.size() == 2 && shown->shown.arrow);
        const auto width = [](const auto& sides) { return (sides[1].front() - sides[0].front()).norm(); };
        QVERIFY(width(shown->shown.belongs) > 1.3 * width(shown->shown.drawn));
        QCOMPARE(seen()->scene().find<FindingOverlay>()->shown.belongs.size(), std::size_t{2});
        // Set right as it says it is told no more.
        unfold("Lines as you drew them");
        clickOn(buttonSaying("Sides of the neck"));
        clickOn(buttonSaying("It lies there"));
        for (std::size_t i = 0; i < 4; ++i)
            dragRing(drawn(), i, laid[i]);
        clickOn(buttonSaying("It lies there"));
        QTRY_VERIFY(std::none_of(session().comparison()->findings.begin(), session().comparison()->findings.end(),
                                 [](const Finding& f) { return f.id == "neck_width"; }));
    }

    void aNeckTooLongIsToldAndShown() {
        openLines();
        drawFaithfully();
        QTRY_VERIFY(session().comparison());
        unfold("Lines as you drew them");
        clickOn(buttonSaying("Line of the shoulders"));
        QVERIFY2(anyLabelSays("pit between the collar bones"), said());
        standBy(seen());
        QVERIFY(lines(Side::Reference).has(DrawnLine::Shoulders));
        const double head = headHeight(session().comparison()->sitter).value * session().comparison()->sketchView.scale;
        const std::vector<PicturePoint> shoulders = rings(drawn());
        QCOMPARE(shoulders.size(), std::size_t{3});
        for (std::size_t i = 0; i < 3; ++i)
            dragRing(drawn(), i, shoulders[i] + PicturePoint(0, 0.1 * head));
        clickOn(buttonSaying("It lies there"));
        const auto isTold = [&](const char* id) {
            const auto& all = session().comparison()->findings;
            return std::any_of(all.begin(), all.end(), [&](const Finding& f) { return f.id == id; });
        };
        QTRY_VERIFY(isTold("neck_length"));
        for (int i = 0; i < 12 && !anyLabelSays("The neck is too long"); ++i)
            press(Qt::Key_PageDown);
        QVERIFY2(anyLabelSays("take its pit and the shoulders up"), said());
        const auto* shown = drawn()->scene().find<FindingOverlay>();
        QVERIFY(shown && shown->shown.arrow && shown->shown.arrow->to.y() < shown->shown.arrow->from.y());
        undo();
        QVERIFY(!lines(Side::Sketch).has(DrawnLine::Shoulders));
    }

    void aNostrilTooWideIsToldAndUndone() {
        openLines();
        drawFaithfully();
        QTRY_VERIFY(session().comparison());
        unfold("Lines as you drew them");
        clickOn(buttonSaying("Nostrils"));
        QVERIFY2(anyLabelSays("two ends of each nostril's dark"), said());
        standBy(seen());
        QVERIFY(lines(Side::Reference).has(DrawnLine::Nostrils));
        // On the sketch both are drawn twice as wide as they belong.
        const auto belongs = expectedPlaces(DrawnLine::Nostrils, lines(Side::Reference)[DrawnLine::Nostrils], *session().fit(),
                                            *session().comparison());
        QCOMPARE(belongs.size(), std::size_t{4});
        for (std::size_t i = 0; i < 4; ++i) {
            const PicturePoint middle = (belongs[i / 2 * 2] + belongs[i / 2 * 2 + 1]) / 2;
            dragRing(drawn(), i, PicturePoint(middle + 2.2 * (belongs[i] - middle)));
        }
        clickOn(buttonSaying("It lies there"));
        const auto isTold = [&] {
            const auto& all = session().comparison()->findings;
            return std::any_of(all.begin(), all.end(), [](const Finding& f) { return f.id.starts_with("nostril") && f.figures.amount > 0; });
        };
        QTRY_VERIFY(isTold());
        for (int i = 0; i < 12 && !anyLabelSays("ostril"); ++i)
            press(Qt::Key_PageDown);
        QVERIFY2(anyLabelSays("too wide"), said());
        undo();
        QVERIFY(!lines(Side::Sketch).has(DrawnLine::Nostrils));
    }

    void wherePlacementHoldsHairAndNeckAreLookedAt() {
        openDemo();
        goToStep("check");
        QTRY_VERIFY(session().comparison());
        drawFaithfully();
        QTRY_VERIFY2(anyLabelSays("Placement holds") && anyLabelSays("See whether eyebrows, lids and lips do"), said());
        clickOn(buttonSaying("Look at the features"));
        for (const auto& [sheet, side] : {std::pair{seen(), Side::Reference}, {drawn(), Side::Sketch}})
            click(sheet, spot(sheet, *expressionPlacesOn(session(), side)[ExpressionMark::LipUpper]));
        clickOn(buttonSaying("They lie there"));
        QTRY_VERIFY2(anyLabelSays("Placement holds") && anyLabelSays("See whether hair and neck do"), said());
        for (const char* what : {"Look at the hair", "Look at the neck"}) {
            clickOn(buttonSaying(what));
            standBy(seen());
            standBy(drawn());
            QTRY_VERIFY(session().comparison());
        }
        // Laid over both as the head itself has it, they hold too.
        QTRY_VERIFY2(anyLabelSays("Shade it, and keep"), said());
        QVERIFY(buttonSaying("Photograph it again"));
    }

    void aBareBlockInIsCheckedByBallLinesBrowAndChin() {
        openDemo();
        goToStep("check");
        QTRY_VERIFY(session().comparison());
        const View drawnIn = session().comparison()->sketchView;
        const HeadMarks sitter = session().comparison()->sitter;
        session().document.edit("wipe", {}, [](Study& s) {
            s.sketch()->marks.marks = {};
            s.sketch()->marks.ball.reset();
        });
        clickOn(buttonSaying("Lay the ball"));
        session().document.edit("ball", {}, [&](Study& s) {
            s.sketch()->marks.ball = BallCircle{drawnIn.centre, drawnIn.outlineRadius()};
        });
        // Both lines by their rings, as the construction has them in the pose that was drawn.
        for (const auto& [button, id] : {std::pair{"Centre line", "centre_line"}, {"Brow line", "brow_line"}}) {
            unfold("Lines as you drew them");
            clickOn(buttonSaying(button));
            std::vector<PicturePoint> line;
            for (const GuideLine& each : session().analysis.linesSeenBy(drawnIn))
                if (each.id == id && !each.hidden && each.points.size() > line.size())
                    line = each.points;
            QVERIFY(line.size() > 8);
            const std::size_t at[] = {line.size() / 8, line.size() / 2, line.size() - 1 - line.size() / 8};
            for (std::size_t i = 0; i < 3; ++i)
                dragRing(drawn(), i, line[at[i]]);
            clickOn(buttonSaying("It lies there"));
        }
        // Where they cross the brow is expected, and stands by one key; then the chin.
        QVERIFY2(anyLabelSays("Is the ring on your brow"), said());
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY((*study().sketch()->marks.seen(Mark::Brow) - drawnIn.project(sitter[Mark::Brow])).norm() < 0.08 * drawnIn.scale);
        QVERIFY2(anyLabelSays("Click the chin"), said());
        click(drawn(), spot(drawn(), drawnIn.project(sitter[Mark::Chin])));
        QTRY_VERIFY(session().comparison());
        clickOn(buttonSaying("That is all I have drawn"));
        const double off = std::abs((session().comparison()->sketchPose.turn - drawnIn.pose().turn).value);
        QVERIFY2(off < 0.12, qPrintable(QString::number(off)));
        QVERIFY2(anyLabelSays("less turned than the photo"), said());
    }

    void aLineBegunIsLetGoWhereThePageIsLaidOtherwise() {
        openLines();
        clickOn(buttonSaying("Brow line"));
        QVERIFY(!rings(drawn()).empty());
        const int before = study().sketch()->marks.width;
        session().document.edit("lay", {}, [](Study& s) { s.sketch()->marks.width += 40; });
        QVERIFY2(!anyLabelSays("Over your sketch"), said());
        QVERIFY(rings(drawn()).empty());
        undo();
        QCOMPARE(study().sketch()->marks.width, before);
        QCOMPARE(rings(drawn()).size(), std::size_t{3});
    }

    void aLineIsLeftAsItWasOrTakenAway() {
        openLines();
        clickOn(buttonSaying("Centre line"));
        // Of a block-in's lines the photograph has none.
        QVERIFY(rings(seen()).empty());
        dragRing(drawn(), 0, rings(drawn())[0] + PicturePoint(9, 0));
        clickOn(buttonSaying("Leave it"));
        QVERIFY(!lines(Side::Sketch).has(DrawnLine::Centre));
        unfold("Lines as you drew them");
        // Taken away where none lay, there is nothing to be undone.
        clickOn(buttonSaying("Centre line"));
        const int steps = session().document.undoStack().count();
        clickOn(buttonSaying("Take it away"));
        QCOMPARE(session().document.undoStack().count(), steps);
        unfold("Lines as you drew them");
        clickOn(buttonSaying("Centre line"));
        standBy(drawn());
        QVERIFY(lines(Side::Sketch).has(DrawnLine::Centre));
        unfold("Lines as you drew them");
        clickOn(buttonSaying("✓ Centre line"));
        clickOn(buttonSaying("Take it away"));
        QVERIFY(!lines(Side::Sketch).has(DrawnLine::Centre));
        QVERIFY(session().comparison());
        undo();
        QVERIFY(lines(Side::Sketch).has(DrawnLine::Centre));
    }
};

std::unique_ptr<QObject> makeDrawnLinesTest() {
    return std::make_unique<DrawnLinesTest>();
}

} // namespace zokran::test

#include "test_drawn_lines.moc"
