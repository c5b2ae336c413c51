#include "app/sheet/loupe.h"
#include "app/view_modes/view_mode.h"
#include "app/overlays/picture_overlay.h"
#include "app/window/sheet_caption.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QClipboard>
#include <QMenuBar>
#include <QMimeData>
#include <QPainter>
#include <QSplitter>

namespace zokran::test {

class SheetTest : public WindowTest {
    Q_OBJECT

    void chooseSave(const QString& name) { chooseFile(name, Qt::Key_E, Qt::ControlModifier); }

    /// A picture with a dark corner, painted on a small canvas turned over.
    static QImage paintedPicture(Flip flip) {
        QImage picture(40, 30, QImage::Format_RGB32);
        picture.fill(Qt::white);
        for (int y = 0; y < 10; ++y)
            for (int x = 0; x < 12; ++x)
                picture.setPixel(x, y, qRgb(20, 40, 60));
        QImage canvas(80, 60, QImage::Format_RGB32);
        canvas.fill(Qt::red);
        QPainter painter(&canvas);
        const QRectF area({0, 0}, QSizeF(canvas.size()));
        PictureOverlay(picture, nullptr)
            .paint({painter, area, SheetTransform::fitting(QRectF(0, 0, 40, 30), area, 0, flip),
                    PaintStyle::print(), {}, 1});
        return canvas;
    }

private slots:
    void theKeysAreListedAndFitTheScreen() {
        QStringList told;
        QSize size;
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            QWidget* dialog = QApplication::activeModalWidget();
            if (!dialog)
                return;
            size = dialog->size();
            for (const QLabel* label : dialog->findChildren<QLabel*>()) {
                told << label->text();
                QVERIFY2(label->width() >= label->sizeHint().width() &&
                             label->height() >= label->sizeHint().height(),
                         qPrintable(label->text())); // whole, not clipped
            }
            QTest::keyClick(dialog, Qt::Key_Escape);
        });
        poll.start(30);
        press(Qt::Key_F1, Qt::ShiftModifier);
        QVERIFY(!told.isEmpty());
        QVERIFY(size.width() <= 1280 && size.height() <= 800);
        const QString all = told.join("; ");
        for (const auto& way : viewModes())
            QVERIFY2(all.contains(way->name().toLower()), qPrintable(way->name()));
        QVERIFY(all.contains("Ctrl+Shift+E") && all.contains("Undo"));
    }

    void aSheetIsCopiedAndTakenAlongAsPictureLinesAndNumbers() {
        openDemo();
        goToStep("check");
        QApplication::clipboard()->clear();
        press(Qt::Key_C, Qt::ControlModifier);
        const QImage copied = QApplication::clipboard()->image();
        QVERIFY(std::max(copied.width(), copied.height()) >= 1590);
        press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(QApplication::clipboard()->text().contains("zokran-comparison"));
        // What a drag from its caption carries.
        auto* caption = window_->findChild<SheetCaption*>();
        QVERIFY(caption && caption->isVisible());
        const std::unique_ptr<QMimeData> carried(caption->carried());
        QVERIFY(carried && carried->hasImage());
        QCOMPARE(int(carried->urls().size()), 2);
        QVERIFY(!QImage(carried->urls()[0].toLocalFile()).isNull());
        QFile svg(carried->urls()[1].toLocalFile());
        QVERIFY(svg.open(QIODevice::ReadOnly));
        const QByteArray lines = svg.readAll();
        QVERIFY(lines.contains("<svg") && lines.contains("<path"));
    }

    void theSheetsKeepTheirWidths() {
        openDemo();
        auto* splitter = window_->findChild<QSplitter*>();
        const QList<int> before = splitter->sizes();
        QTest::mousePress(splitter->handle(1), Qt::LeftButton, {}, QPoint(2, 100));
        QTest::mouseMove(splitter->handle(1), QPoint(-80, 100));
        QTest::mouseRelease(splitter->handle(1), Qt::LeftButton, {}, QPoint(-80, 100));
        const QList<int> moved = splitter->sizes();
        QVERIFY(moved[0] < before[0] - 20);
        closeWindow();
        openWindow();
        window_->reopenLast();
        QTRY_VERIFY(std::abs(window_->findChild<QSplitter*>()->sizes()[0] - moved[0]) < 4);
    }

    void aSheetTurnedOverKeepsEveryPlaceUnderThePointer() {
        openDemo();
        goToStep("check");
        for (const Qt::Key key : {Qt::Key_M, Qt::Key_U}) {
            press(key);
            const SheetTransform& t = drawn()->transform();
            const PicturePoint place(321, 456);
            QVERIFY((t.toPicture(t.toView(place)) - place).norm() < 1e-9);
            // A frame turned over is the same frame.
            const QRectF frame(100, 120, 300, 200);
            const QRectF shown = t.toView(frame);
            QVERIFY(std::abs(shown.width() - 300 * t.scale) < 1e-6 && shown.height() > 0);
            // Zooming there keeps the spot under the pointer too.
            const QPointF at(150, 200);
            const PicturePoint before = t.toPicture(at);
            QWheelEvent wheel(at, drawn()->mapToGlobal(at), {}, {0, 240}, Qt::NoButton,
                              Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(drawn(), &wheel);
            QVERIFY((drawn()->transform().toPicture(at) - before).norm() < 0.5);
            // What is painted there is the picture turned over: its left lies on the right.
            press(Qt::Key_0);
        }
        const QImage upright = paintedPicture(Flip::None), mirrored = paintedPicture(Flip::Mirrored),
                     turned = paintedPicture(Flip::UpsideDown);
        QCOMPARE(mirrored, upright.mirrored(true, false));
        QCOMPARE(turned, upright.mirrored(true, true));
    }

    void zoomKeepsTheSpotUnderThePointer() {
        openDemo();
        const QPointF at(150, 200);
        const PicturePoint before = seen()->transform().toPicture(at);
        QWheelEvent wheel(at, seen()->mapToGlobal(at), {}, {0, 240}, Qt::NoButton, Qt::NoModifier,
                          Qt::NoScrollPhase, false);
        const double scale = seen()->transform().scale;
        QApplication::sendEvent(seen(), &wheel);
        QVERIFY(seen()->transform().scale > 1.2 * scale);
        QVERIFY((seen()->transform().toPicture(at) - before).norm() < 0.5);
        const QPointF offset = seen()->transform().offset;
        QTest::mousePress(seen(), Qt::LeftButton, Qt::ControlModifier, {100, 100});
        QTest::mouseMove(seen(), {130, 90});
        QTest::mouseRelease(seen(), Qt::LeftButton, Qt::ControlModifier, {130, 90});
        QCOMPARE(seen()->transform().offset, offset + QPointF(30, -10));
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_0);
        QVERIFY(std::abs(seen()->transform().scale - scale) < 1e-9);
    }

    void sheetsZoomTogetherWhenLinkedAndOneCanTakeTheWidth() {
        openDemo();
        press(Qt::Key_F9);
        const double before = drawn()->transform().scale;
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Plus);
        QVERIFY(drawn()->transform().scale != before);
        press(Qt::Key_F9);
        const double linked = drawn()->transform().scale;
        QTest::keyClick(seen(), Qt::Key_Plus);
        QCOMPARE(drawn()->transform().scale, linked);
        press(Qt::Key_F7);
        QVERIFY(!drawn()->isVisible() && seen()->isVisible());
        press(Qt::Key_F7);
        QVERIFY(drawn()->isVisible());
        press(Qt::Key_F8);
        QVERIFY(!seen()->isVisible() && drawn()->isVisible());
    }

    void theConstructionCanBeTakenOffTheSketch() {
        openDemo();
        goToStep("check");
        unfold("All numbers");
        QVERIFY(!linesOn(drawn()).empty());
        press(Qt::Key_F6);
        QVERIFY(linesOn(drawn()).empty());
        press(Qt::Key_F6);
        QVERIFY(!linesOn(drawn()).empty());
    }

    void theHeadIsWholeAndInTheMiddleAtEveryStep() {
        openDemo();
        for (const char* step : {"block-in", "guides", "draw", "check", "keep"}) {
            goToStep(step);
            const View& view = session().fit()->view;
            for (const HeadPoint& p : {HeadPoint(0, 1, 0), HeadPoint(0, -1.3, 0.8),
                                       HeadPoint(1, 0, 0), HeadPoint(-1, 0, 0)})
                QVERIFY2(seen()->rect().contains(spot(seen(), view.project(p))), step);
            const QPoint middle = spot(seen(), view.project({0, -0.3, 0}));
            QVERIFY2(std::abs(middle.x() - seen()->width() / 2) < 0.25 * seen()->width(), step);
            const double head = view.outlineRadius().value * 2 * seen()->transform().scale;
            QVERIFY2(head > 0.4 * seen()->width(), step);
        }
    }

    void picturesAreSharpOnDenseScreens() {
        // One black column on white, painted at half size: at two pixels to one it comes out whole.
        QImage picture(200, 40, QImage::Format_RGB32);
        picture.fill(Qt::white);
        for (int y = 0; y < 40; ++y)
            picture.setPixel(100, y, qRgb(0, 0, 0));
        auto darkest = [&](double density) {
            QImage image(QSize(100, 20) * density, QImage::Format_RGB32);
            image.setDevicePixelRatio(density);
            QPainter painter(&image);
            const PictureOverlay overlay(picture, std::make_shared<ScaledPicture>());
            overlay.paint(
                {painter, QRectF(0, 0, 100, 20), {0.5, {0, 0}}, PaintStyle::screen(), {}, density});
            painter.end();
            int least = 255;
            for (int x = 0; x < image.width(); ++x)
                least = std::min(least, qGray(image.pixel(x, image.height() / 2)));
            return least;
        };
        QVERIFY(darkest(2) < 20);
        QVERIFY(darkest(1) > 60);
    }

    void whatIsHiddenIsPaintedFainter() {
        std::vector<GuideLine> lines;
        for (bool hidden : {false, true})
            lines.push_back({"brow_line",
                             LineKind::Construction,
                             hidden,
                             {{10, hidden ? 70.0 : 30.0}, {190, hidden ? 70.0 : 30.0}}});
        Scene scene;
        scene.lay<LinesOverlay>(lines);
        QImage image(200, 100, QImage::Format_RGB32);
        {
            QPainter painter(&image);
            paintScene({painter, image.rect(), {1, {0, 0}}, PaintStyle::screen(), {}, 1}, scene);
        }
        auto ink = [&](int y) {
            int painted = 0;
            for (int x = 0; x < 200; ++x)
                painted += qGray(image.pixel(x, y)) < 180;
            return painted;
        };
        QVERIFY(ink(30) > 170);
        QVERIFY(ink(70) < ink(30));
        const auto near = scene.near<std::string>({1, {0, 0}}, {100, 33});
        QVERIFY(near && *near == "brow_line");
        QVERIFY(!scene.near<std::string>({1, {0, 0}}, {100, 50}));
    }

    void aSheetIsSavedForPaperWithTheSameLines() {
        openDemo();
        goToStep("draw");
        chooseSave(file("form.png"));
        const QImage saved(file("form.png"));
        QCOMPARE(std::max(saved.width(), saved.height()), 1600);
        QCOMPARE(saved.pixelColor(2, 2), QColor(Qt::white));
        int chalk = 0;
        for (int y = 0; y < saved.height(); y += 2)
            for (int x = 0; x < saved.width(); x += 2) {
                const QColor c = saved.pixelColor(x, y);
                chalk += c.red() > c.blue() + 60;
            }
        QVERIFY(chalk > 300);
        chooseSave(file("form.pdf"));
        QFile pdf(file("form.pdf"));
        QVERIFY(pdf.open(QIODevice::ReadOnly));
        QVERIFY(pdf.readAll().startsWith("%PDF"));
        chooseSave("/nowhere/form.png");
        QVERIFY(anyLabelSays("/nowhere/form.png"));
    }

    void popUpsStandOutFromWhatTheyCover() {
        openDemo();
        QMenu* menu = window_->menuBar()->findChildren<QMenu*>(Qt::FindDirectChildrenOnly).front();
        menu->popup(window_->mapToGlobal(QPoint(10, 30)));
        const QImage image = menu->grab().toImage();
        menu->hide();
        const Theme& t = Theme::current();
        const QColor edge = image.pixelColor(image.width() / 2, 0);
        QVERIFY2(edge != t.bench && edge != t.sheet, qPrintable(edge.name()));
    }

    void aDraggedMarkLeavesTheCourseAndTheOtherSheetAlone() {
        openDemo();
        goToStep("block-in");
        const Mark mark = study().reference.seenMarks().front();
        const PicturePoint was = *study().reference.seen(mark);
        const QPoint from = spot(seen(), was), to = from + QPoint(12, 9);
        struct Painted : QObject {
            int times = 0;
            bool eventFilter(QObject*, QEvent* event) override {
                times += event->type() == QEvent::Paint;
                return false;
            }
        } painted;
        for (QPushButton* button : window_->workspace()->findChildren<QPushButton*>())
            if (button->property("role") == "step")
                button->installEventFilter(&painted);
        QTest::mousePress(seen(), Qt::LeftButton, {}, from);
        QCoreApplication::processEvents();
        // Held here, so that no new overlay comes to lie where an old one lay.
        const auto overlays = drawn()->scene().overlays, own = seen()->scene().overlays;
        QVERIFY(!overlays.empty());
        painted.times = 0;
        for (int i = 1; i <= 4; ++i) {
            const QPointF at = from + QPointF(to - from) * i / 4;
            QMouseEvent move(QEvent::MouseMove, at, seen()->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(seen(), &move);
            QCoreApplication::processEvents();
        }
        QVERIFY((*study().reference.seen(mark) - was).norm() > 5);
        QVERIFY(seen()->scene().overlays != own); // its own sheet follows the hand
        QVERIFY(drawn()->scene().overlays == overlays);
        QCOMPARE(painted.times, 0);
        QTest::mouseRelease(seen(), Qt::LeftButton, {}, to);
        QCoreApplication::processEvents();
        QVERIFY(drawn()->scene().overlays != overlays);
    }

    void whatIsSelectedOrLookedAtOtherwiseLeavesTheCourseAlone() {
        openDemo();
        goToStep("block-in");
        struct ToolTips : QObject {
            int changed = 0;
            bool eventFilter(QObject*, QEvent* event) override {
                changed += event->type() == QEvent::ToolTipChange; // sent whenever one is set, the same one too
                return false;
            }
        } toolTips;
        for (QPushButton* button : window_->workspace()->findChildren<QPushButton*>())
            if (button->property("role") == "step")
                button->installEventFilter(&toolTips);
        session().selection.marks.touch(Side::Reference, Mark::Chin);
        session().viewMode.choose("mirrored");
        QCoreApplication::processEvents();
        QCOMPARE(toolTips.changed, 0);
        session().document.edit("Note", {}, [](Study& s) { s.notes = "The chin is long."; });
        QVERIFY(toolTips.changed > 0);
    }

    void oneLineAfterAnotherIsNamedByN() {
        openDemo();
        goToStep("guides");
        seen()->setFocus();
        QVERIFY(seen()->hasFocus());
        const QImage before = seen()->grab().toImage(), beforeOnOther = drawn()->grab().toImage();
        QTest::keyClick(seen(), Qt::Key_N);
        const QString first = session().selection.lines.highlighted();
        QVERIFY(!first.isEmpty());
        QVERIFY(seen()->grab().toImage() != before);
        QVERIFY(drawn()->grab().toImage() != beforeOnOther); // it is lit on both sheets
        QTest::keyClick(seen(), Qt::Key_N);
        const QString second = session().selection.lines.highlighted();
        QVERIFY(!second.isEmpty() && second != first);
        QTest::keyClick(seen(), Qt::Key_N, Qt::ShiftModifier);
        QCOMPARE(session().selection.lines.highlighted(), first);
        QTest::keyClick(seen(), Qt::Key_N, Qt::ShiftModifier);
        QVERIFY(session().selection.lines.highlighted().isEmpty());
        QVERIFY(seen()->grab().toImage() == before);
    }

    void theLoupeShowsTheSpotBesideThePointerAndGoesWithIt() {
        QImage picture(600, 800, QImage::Format_RGB32);
        picture.fill(QColor(190, 190, 190));
        for (int y = 396; y < 405; ++y)
            for (int x = 296; x < 305; ++x)
                picture.setPixelColor(x, y, QColor(20, 160, 40));
        QVERIFY(picture.save(file("spot.png")));
        openReference(file("spot.png"));
        goToStep("block-in");
        const QPoint at = spot(seen(), PicturePoint(300, 400));
        const QImage before = seen()->grab().toImage();
        QTest::mouseMove(seen(), at);
        QCoreApplication::processEvents();
        const QImage under = seen()->grab().toImage();
        const QPointF disc = loupePlace(at, QRectF(seen()->rect()));
        QVERIFY(QLineF(disc, at).length() > 60);
        const auto isGreen = [](const QColor& c) { return c.green() > c.red() + 60 && c.green() > c.blue() + 60; };
        // Four times as large as in the picture, and so far larger than on the sheet.
        const int side = 9;
        for (const QPoint& off : {QPoint(-side, -side), QPoint(side, -side), QPoint(-side, side), QPoint(side, side)})
            QVERIFY(isGreen(under.pixelColor(disc.toPoint() + off)));
        QVERIFY(!isGreen(before.pixelColor(disc.toPoint())));
        QCOMPARE(under.pixelColor(at + QPoint(12, 3)), before.pixelColor(at + QPoint(12, 3))); // the spot itself stays clear
        const auto isSeen = [&] { return isGreen(seen()->grab().toImage().pixelColor(disc.toPoint())); };
        // It covers nothing for long: it goes when the pointer rests, when a change was taken back, and with the pointer.
        QTRY_VERIFY_WITH_TIMEOUT(!isSeen(), 6000);
        const auto moveThere = [&] {
            QTest::mouseMove(seen(), at + QPoint(3, 0));
            QTest::mouseMove(seen(), at);
            QTest::qWait(60); // the window system tells of it later
        };
        moveThere();
        QVERIFY(isSeen());
        session().document.edit("a title", {}, [](Study& s) { s.title = "another"; });
        moveThere();
        QVERIFY(isSeen());
        QTest::keyClick(window_.get(), Qt::Key_Z, Qt::ControlModifier); // the window is in front already
        QCOMPARE(study().title, std::string("spot"));
        QVERIFY(!isSeen());
        moveThere();
        QVERIFY(isSeen());
        QTest::mouseMove(window_->workspace(), QPoint(2, 2));
        QEvent leaves(QEvent::Leave);
        QApplication::sendEvent(seen(), &leaves);
        QVERIFY(!isSeen());
    }
};

std::unique_ptr<QObject> makeSheetTest() {
    return std::make_unique<SheetTest>();
}

} // namespace zokran::test

#include "test_sheet.moc"
