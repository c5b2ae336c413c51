#include "tests/app/tests.h"
#include "tests/app/window_test.h"

namespace zokran::test {

class CastRoomTest : public WindowTest {
    Q_OBJECT

private slots:
    void aPictureIsTakenInTheCastRoomAndBecomesTheReference() {
        clickOn(buttonSaying("To the cast room"));
        CastRoom* room = window_->castRoom();
        QVERIFY(room->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(!room->view()->picture().isNull(), 20000);
        auto* sitter = visibleNamed<QComboBox>("Sitter");
        QVERIFY(sitter && sitter->count() >= 6);
        sitter->setCurrentText("Wren");
        QVERIFY(anyLabelSays("a child"));

        // There is no end of people.
        const int known = sitter->count();
        clickOn(buttonSaying("Someone new"));
        QCOMPARE(sitter->count(), known + 1);
        QVERIFY(sitter->currentText().startsWith("Someone "));
        QVERIFY(anyLabelSays("who does not exist"));
        sitter->setCurrentText("Wren");

        // Dragging turns the head, typing sets it, keys step it; the preview follows.
        CastView* view = room->view();
        const QPoint middle = view->rect().center();
        QTest::mousePress(view, Qt::LeftButton, {}, middle);
        QMouseEvent move(QEvent::MouseMove, QPointF(middle + QPoint(50, 0)),
                         view->mapToGlobal(QPointF(middle + QPoint(50, 0))), Qt::NoButton,
                         Qt::LeftButton, {});
        QApplication::sendEvent(view, &move);
        QTest::mouseRelease(view, Qt::LeftButton, {}, middle + QPoint(50, 0));
        QVERIFY(std::abs(toDegrees(room->shot().pose.turn).value - 48) < 0.5);
        QTest::keyClick(view, Qt::Key_Left);
        QVERIFY(std::abs(toDegrees(room->shot().pose.turn).value - 43) < 0.5);
        visibleNamed<QDoubleSpinBox>("Tilt, + chin up")->setValue(-12);
        QVERIFY(std::abs(toDegrees(room->shot().pose.tilt).value + 12) < 0.5);
        visibleNamed<QDoubleSpinBox>("Lens")->setValue(105);

        // A surprise stays within the ranges.
        visibleNamed<QDoubleSpinBox>("Turn up to")->setValue(20);
        for (int i = 0; i < 20; ++i) {
            room->surprise();
            QVERIFY(std::abs(toDegrees(room->shot().pose.turn).value) <= 20.01);
        }
        clickOn(buttonSaying("Take the picture"));
        QVERIFY(room->isTaking());
        QVERIFY(buttonSaying("Stop"));
        QTRY_VERIFY_WITH_TIMEOUT(session().document.isOpen(), 60000);
        QCOMPARE(stepId(), std::string("block-in"));
        QCOMPARE(study().sitter, std::string("Wren"));
        // It came in as any photograph does: stood upright, its lens read from the EXIF.
        QCOMPARE(seen()->scene().picture.size(), QSize(1280, 1600));
        QVERIFY(study().reference.focal);
        QVERIFY(std::abs(study().reference.focal->value - 105 / 43.27 * std::hypot(1280, 1600)) <
                0.5);
    }

    void takingAPictureCanBeStopped() {
        press(Qt::Key_3, Qt::ControlModifier);
        CastRoom* room = window_->castRoom();
        clickOn(buttonSaying("Take the picture"));
        clickOn(buttonSaying("Stop"));
        QTRY_VERIFY_WITH_TIMEOUT(!room->isTaking(), 20000);
        QVERIFY(!session().document.isOpen());
        QVERIFY(buttonSaying("Take the picture"));
    }
};

std::unique_ptr<QObject> makeCastRoomTest() {
    return std::make_unique<CastRoomTest>();
}

} // namespace zokran::test

#include "test_cast_room.moc"
