#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QMenu>
#include <QPointingDevice>

namespace zokran::test {

/// The window under fingers.
class TouchTest : public WindowTest {
    Q_OBJECT

    QPointingDevice* screen_ = QTest::createTouchDevice();

    void tap(QWidget* widget, const QPoint& at) {
        QTest::touchEvent(widget, screen_).press(0, at, widget);
        QTest::touchEvent(widget, screen_).release(0, at, widget);
        QCoreApplication::processEvents();
    }
    /// One finger goes from one place to another in steps.
    void fingerDrag(QWidget* widget, const QPoint& from, const QPoint& to) {
        QTest::touchEvent(widget, screen_).press(0, from, widget);
        for (int i = 1; i <= 5; ++i)
            QTest::touchEvent(widget, screen_).move(0, from + (to - from) * i / 5, widget);
        QTest::touchEvent(widget, screen_).release(0, to, widget);
        QCoreApplication::processEvents();
    }
    /// Two fingers are put down one after the other, and go apart about a middle that moves.
    void pinch(QWidget* widget, const QPoint& middle, const QPoint& by, int from, int to) {
        const auto at = [&](int step, int side) {
            return middle + by * step / 5 + QPoint(side * (from + (to - from) * step / 5), 0);
        };
        QTest::touchEvent(widget, screen_).press(0, at(0, -1), widget);
        QTest::touchEvent(widget, screen_).move(0, at(0, -1), widget).press(1, at(0, 1), widget);
        for (int i = 1; i <= 5; ++i)
            QTest::touchEvent(widget, screen_).move(0, at(i, -1), widget).move(1, at(i, 1), widget);
        QTest::touchEvent(widget, screen_).release(0, at(5, -1), widget).move(1, at(5, 1), widget);
        QTest::touchEvent(widget, screen_).release(1, at(5, 1), widget);
        QCoreApplication::processEvents();
    }
    /// Rests a finger on the sheet and chooses an entry of the menu that opens.
    bool chooseByLongPress(QWidget* widget, const QPoint& at, const QString& entry) {
        bool chosen = false;
        QTimer poll;
        connect(&poll, &QTimer::timeout, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu)
                return;
            poll.stop();
            for (QAction* action : menu->actions())
                if (action->text() == entry) {
                    chosen = true;
                    QTest::mouseClick(menu, Qt::LeftButton, {}, menu->actionGeometry(action).center());
                    return;
                }
            menu->close();
        });
        poll.start(20);
        QTest::touchEvent(widget, screen_).press(0, at, widget);
        QTest::qWait(QGuiApplication::styleHints()->mousePressAndHoldInterval() + 300);
        QTest::touchEvent(widget, screen_).release(0, at, widget);
        QCoreApplication::processEvents();
        return chosen;
    }
    QPoint middleOf(QWidget* widget) { return widget->rect().center(); }

    void openBlank() {
        QImage picture(600, 800, QImage::Format_RGB32);
        picture.fill(QColor(200, 190, 180));
        QVERIFY(picture.save(file("plain.png")));
        openReference(file("plain.png"));
        goToStep("block-in");
    }

private slots:
    void aTapPlacesTheMarkThatIsAskedForAndADragMovesIt() {
        openBlank();
        const Mark asked = *askedMark(session(), Side::Reference);
        const QPoint at = middleOf(seen());
        const PicturePoint place = seen()->transform().toPicture(QPointF(at));
        tap(seen(), at);
        QVERIFY(study().reference.marks[asked]);
        QVERIFY((*study().reference.seen(asked) - place).norm() < 1);
        // A finger takes hold further off than a mouse does, and the mark keeps its way to the finger.
        fingerDrag(seen(), spot(seen(), place) + QPoint(15, 0), spot(seen(), place) + QPoint(15, 60));
        const double scale = seen()->transform().scale;
        QVERIFY((*study().reference.seen(asked) - (place + PicturePoint(0, 60 / scale))).norm() < 2 / scale);
        QCOMPARE(placedCount(session(), Side::Reference), 1);
        undo();
        QVERIFY((*study().reference.seen(asked) - place).norm() < 1);
    }

    void twoFingersEnlargeAndMoveTheSheetAndPlaceNothing() {
        openBlank();
        const QPoint middle = middleOf(seen()), by(30, -20);
        const PicturePoint under = seen()->transform().toPicture(QPointF(middle));
        const double before = seen()->transform().scale;
        pinch(seen(), middle, by, 60, 120);
        QVERIFY(std::abs(seen()->transform().scale / before - 2) < 0.05);
        QVERIFY(QLineF(seen()->transform().toView(under), QPointF(middle + by)).length() < 4);
        QCOMPARE(placedCount(session(), Side::Reference), 0);
        // The next tap works again.
        tap(seen(), middle);
        QCOMPARE(placedCount(session(), Side::Reference), 1);
    }

    void oneFingerDragsTheSheetWhereNoToolTakesHold() {
        openDemo();
        goToStep("guides");
        const QPointF was = seen()->transform().offset;
        fingerDrag(seen(), QPoint(40, 40), QPoint(90, 70));
        QVERIFY(QLineF(seen()->transform().offset, was + QPointF(50, 30)).length() < 3);
    }

    void aFingerThatRestsOpensTheMenu() {
        openBlank();
        const Mark asked = *askedMark(session(), Side::Reference);
        tap(seen(), middleOf(seen()));
        const QPoint at = spot(seen(), *study().reference.seen(asked));
        QVERIFY(chooseByLongPress(seen(), at, "Cannot see the " + qt(wordsFor(asked))));
        QVERIFY(study().reference.marks[asked]->hidden);
        const double before = seen()->transform().scale;
        QVERIFY(chooseByLongPress(seen(), middleOf(seen()), "Larger"));
        QVERIFY(seen()->transform().scale > 1.4 * before);
        QVERIFY(chooseByLongPress(seen(), middleOf(seen()), "Show the whole head"));
        QVERIFY(std::abs(seen()->transform().scale - before) < 1e-6);
        QCOMPARE(placedCount(session(), Side::Reference), 1); // the hidden one alone
    }

    void onceTouchedAllThatIsPressedIsLargeEnoughForFingers() {
        openDemo();
        goToStep("check");
        tap(window_->workspace(), QPoint(5, 5));
        QTRY_VERIFY(Theme::isForFingers());
        QCoreApplication::processEvents();
        int buttons = 0;
        for (QPushButton* button : window_->findChildren<QPushButton*>())
            if (button->isVisible()) {
                ++buttons;
                QVERIFY2(button->height() >= 40, qPrintable(button->text()));
            }
        QVERIFY(buttons > 15);
    }
};

std::unique_ptr<QObject> makeTouchTest() {
    return std::make_unique<TouchTest>();
}

} // namespace zokran::test

#include "test_touch.moc"
