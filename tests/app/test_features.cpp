// Eyebrows, lids and lips, marked and judged in the real window.

#include "app/document/expression_marking.h"
#include "app/overlays/expression_overlay.h"
#include "core/compare/finding_lines.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

namespace zokran::test {

class FeaturesTest : public WindowTest {
    Q_OBJECT

    std::optional<PicturePoint> ring(SheetView* sheet, ExpressionMark mark) {
        const auto* overlay = sheet->scene().find<ExpressionOverlay>();
        return overlay ? overlay->shown.places[mark] : std::nullopt;
    }
    void openFeatures() {
        openDemo();
        goToStep("check");
        QTRY_VERIFY(session().comparison());
        clickOn(buttonSaying("Eyebrows, lids and lips"));
        QVERIFY2(anyLabelSays("Drag the rings onto eyebrows, lids and lips"), said());
    }
    bool isTold(const char* id) {
        const auto told = toldFindings(*session().comparison());
        return std::any_of(told.begin(), told.end(), [&](const Finding* f) { return f->id == id; });
    }

private slots:
    void aLidSetTooHighIsToldShownAndMended() {
        openFeatures();
        // The rings lie where they are expected, on both sheets, and nothing is kept yet.
        for (SheetView* sheet : {seen(), drawn()})
            for (int i = 0; i < expressionMarkCount; ++i)
                QVERIFY(ring(sheet, expressionMarkAt(i)));
        QVERIFY(!study().reference.expression[ExpressionMark::LidUpperR]);
        QVERIFY(!isExpressionCompared(session()));
        const PicturePoint lid = *ring(drawn(), ExpressionMark::LidUpperR);
        const double head = headHeight(session().comparison()->sitter).value * session().comparison()->sketchView.scale;
        const QPoint from = spot(drawn(), lid), to = spot(drawn(), lid - PicturePoint(0, 0.05 * head));
        drag(drawn(), from, to);
        QVERIFY2((spot(drawn(), *ring(drawn(), ExpressionMark::LidUpperR)) - to).manhattanLength() <= 4, "the ring follows");
        QVERIFY2(anyLabelSays("Upper lid of the right eye") && anyLabelSays("not of its fold"), said());
        const Pose before = session().comparison()->sketchPose;
        QVERIFY2(!isExpressionCompared(session()), "what nobody set on the photograph is not judged");
        click(seen(), spot(seen(), *ring(seen(), ExpressionMark::LidUpperR)));
        clickOn(buttonSaying("They lie there"));
        QVERIFY(isExpressionCompared(session()));
        // Rings that were only expected were not looked for: nothing is said of them.
        QVERIFY(!study().sketch()->marks.expression[ExpressionMark::LipUpper]);
        QVERIFY(!study().reference.expression[ExpressionMark::LipUpper]);
        QVERIFY2(session().comparison()->sketchPose.turn == before.turn, "the features never steer the pose");
        QTRY_VERIFY(isTold("lid_upper_r"));
        for (int i = 0; i < 12 && !anyLabelSays("The upper lid of the sitter's right eye sits too high"); ++i)
            press(Qt::Key_PageDown);
        QVERIFY2(anyLabelSays("The upper lid of the sitter's right eye sits too high"), said());
        QVERIFY2(anyLabelSays("how much of the iris the upper lid covers"), said());
        const auto* finding = drawn()->scene().find<FindingOverlay>();
        QVERIFY(finding && !finding->shown.drawn.empty() && !finding->shown.belongs.empty() && finding->shown.arrow);
        QVERIFY(finding->shown.arrow->to.y() > finding->shown.arrow->from.y()); // down the page
        // Put right where it is shown.
        drag(drawn(), spot(drawn(), *ring(drawn(), ExpressionMark::LidUpperR)), spot(drawn(), lid));
        QTRY_VERIFY(!isTold("lid_upper_r"));
        undo();
        QVERIFY(isTold("lid_upper_r"));
        undo(); // the ring on the photograph
        undo(); // the drag
        QVERIFY(!isExpressionCompared(session()));
    }

    void ringsAreMovedAndSetAsideByKeys() {
        openFeatures();
        const PicturePoint start = *ring(seen(), ExpressionMark::BrowStartR);
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Space); // the second ring
        QVERIFY2(anyLabelSays("Inner end of the right eyebrow"), said());
        QVERIFY2(!study().reference.expression[ExpressionMark::BrowStartR], "a selected ring is not confirmed yet");
        QTest::keyClick(seen(), Qt::Key_Left);
        QTest::keyClick(seen(), Qt::Key_Up, Qt::ShiftModifier);
        QVERIFY((*ring(seen(), ExpressionMark::BrowStartR) - start - PicturePoint(-1, -10)).norm() < 1e-6);
        QTest::keyClick(seen(), Qt::Key_Delete);
        QVERIFY(!ring(seen(), ExpressionMark::BrowStartR));
        QVERIFY(study().reference.expression[ExpressionMark::BrowStartR]->hidden);
        clickOn(buttonSaying("Bring back what was set aside"));
        QVERIFY(ring(seen(), ExpressionMark::BrowStartR));
        seen()->setFocus();
        // Space stands by the ring it leaves.
        const ExpressionMark left = session().selection.marks.expression()->mark;
        QTest::keyClick(seen(), Qt::Key_Space);
        QTest::keyClick(seen(), Qt::Key_Space);
        QVERIFY(!(session().selection.marks.expression()->mark == left));
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY2(!anyLabelSays("Drag the rings"), said());
        const auto& kept = study().reference.expression;
        const auto count = std::count_if(kept.begin(), kept.end(), [](const auto& m) { return m.has_value(); });
        QVERIFY2(count >= 1 && count <= 2, qPrintable(QString::number(count)));
        undo();
        const auto& before = study().reference.expression;
        QCOMPARE(std::count_if(before.begin(), before.end(), [](const auto& m) { return m.has_value(); }), count - 1);
    }

    void leavingThemKeepsNothing() {
        openFeatures();
        clickOn(buttonSaying("Leave them"));
        QVERIFY2(!anyLabelSays("Drag the rings"), said());
        QVERIFY(!isExpressionCompared(session()));
    }
};

std::unique_ptr<QObject> makeFeaturesTest() {
    return std::make_unique<FeaturesTest>();
}

} // namespace zokran::test

#include "test_features.moc"
