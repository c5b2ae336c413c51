// A camera over the easel, played from a folder of pictures, in the real window; and the strip of photographs of a drawing.

#include "app/camera/camera_dialog.h"
#include "app/course/snapshot_strip.h"
#include "core/compare/finding_lines.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QPainter>

namespace zokran::test {

class CameraTest : public WindowTest {
    Q_OBJECT

    /// A page on a dark table, some strokes drawn so far, a hand on it or not, in so much light.
    static QImage easel(int strokes, bool hand = false, int light = 225) {
        QImage picture(1200, 900, QImage::Format_RGB32);
        const double dimmed = light / 225.0;
        picture.fill(QColor(static_cast<int>(70 * dimmed), static_cast<int>(62 * dimmed), static_cast<int>(55 * dimmed)));
        QPainter painter(&picture);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(light, light, light - 6));
        painter.drawPolygon(QPolygon({{310, 90}, {880, 80}, {905, 820}, {290, 830}}));
        const int pencil = static_cast<int>(60 * dimmed);
        painter.setPen(QPen(QColor(pencil, pencil, pencil), 5));
        for (int i = 0; i < strokes; ++i)
            painter.drawEllipse(QPoint(590, 420), 60 + 25 * i, 90 + 25 * i);
        if (hand) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(QColor(190, 140, 120));
            painter.drawEllipse(QPoint(760, 640), 130, 110);
            painter.drawRect(780, 660, 420, 240);
        }
        return picture;
    }
    CameraDialog* sheet() { return window_->findChild<CameraDialog*>(); }
    void play(const std::vector<QImage>& pictures) {
        QDir().mkpath(file("camera"));
        for (std::size_t i = 0; i < pictures.size(); ++i)
            QVERIFY(pictures[i].save(file(qPrintable(QString("camera/%1.png").arg(i, 3, 10, QChar('0'))))));
        setCameraFolder(file("camera"));
    }
    QString status() { return sheet()->findChild<QLabel*>("status")->text(); }

private slots:
    void cleanupTestCase() { setCameraFolder({}); }

    void aPictureIsTakenWhenTheHandHasLeftAndSomethingWasDrawn() {
        play({easel(1)});
        std::vector<QImage> taken;
        EaselCamera camera;
        connect(&camera, &EaselCamera::taken, this, [&](const QImage& picture) { taken.push_back(picture); });
        std::optional<PageCorners> page;
        connect(&camera, &EaselCamera::seen, this, [&] { page = camera.page() ? camera.page() : page; });
        // Still, a hand twice, then more drawn, then only a cloud: each for longer than a page has to be still.
        play({easel(1), easel(1, true), easel(1, true), easel(3), easel(3, false, 205)});
        camera.watch(makeFolderCamera(file("camera"), 2600));
        QTRY_COMPARE_WITH_TIMEOUT(int(taken.size()), 2, 60000);
        QVERIFY(page);
        QVERIFY2(std::abs((*page)[0].x() - 310) < 12 && std::abs((*page)[2].y() - 820) < 12, "the page's corners are found");
        QTest::qWait(3500);
        QCOMPARE(int(taken.size()), 2);
        // Of the three ellipses the outermost was drawn meanwhile.
        const int middle = 420, edge = 590 + 60 + 25 * 2;
        int darkest = 255;
        for (int x = edge - 4; x <= edge + 4; ++x)
            darkest = std::min(darkest, taken[1].pixelColor(x, middle).lightness());
        QVERIFY2(darkest < 140, qPrintable(QString::number(darkest)));
    }

    void thePictureBecomesTheSketchByTheSpaceBar() {
        photographs();
        openReference(file("head.png"));
        play({easel(2)});
        press(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(sheet() && sheet()->isVisible());
        auto* when = sheet()->findChild<QComboBox*>("when");
        when->setFocus();
        QTest::keyClick(when, Qt::Key_Home);
        QTest::keyClick(when, Qt::Key_Down);
        QVERIFY2(when->currentText().contains("space bar"), qPrintable(when->currentText()));
        QTRY_VERIFY2_WITH_TIMEOUT(status().contains("The page is seen"), qPrintable(status()), 8000);
        QVERIFY(!study().sketch());
        sheet()->findChild<QPushButton*>("take")->setFocus();
        QTest::keyClick(sheet()->findChild<QPushButton*>("take"), Qt::Key_Space);
        QTRY_VERIFY_WITH_TIMEOUT(study().sketch(), 8000);
        QTRY_VERIFY2(status().contains("One picture is on the bench."), qPrintable(status()));
        sheet()->close();
        QTRY_VERIFY(!sheet());
        undo();
        QVERIFY(!study().sketch());
    }

    void withoutACameraItSaysSo() {
        setCameraFolder({});
        press(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(sheet() && sheet()->isVisible());
        if (sheet()->findChild<QComboBox*>("which")->count() == 0)
            QVERIFY2(status().contains("No camera is connected"), qPrintable(status()));
        play({});
        QDir().mkpath(file("camera"));
        QFile broken(file("camera/1.png"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("no picture");
        broken.close();
        sheet()->close();
        QTRY_VERIFY(!sheet());
        press(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(sheet());
        QTRY_VERIFY2(status().contains("cannot be read"), qPrintable(status()));
    }

    void thePhotographsOfADrawingAreSteppedThroughAndItsDriftIsTold() {
        openDemo();
        goToStep("check");
        auto* strip = window_->findChild<SnapshotStrip*>();
        QVERIFY(strip && !strip->isVisible()); // one photograph is no strip
        // Photographed again, 7 % larger on the paper.
        Study grown = study();
        QVERIFY(grown.sketch() && session().comparison());
        Sketch again = *grown.sketch();
        const PicturePoint middle = *again.marks.seen(Mark::Brow);
        for (auto& placed : again.marks.marks)
            if (placed && placed->at)
                placed->at = PicturePoint(middle + 1.07 * (*placed->at - middle));
        again.drawn = now();
        session().document.edit("Again", {}, [&](Study& s) {
            s.sketches.push_back(again);
            s.current = s.sketches.size() - 1;
        });
        QTRY_VERIFY(strip->isVisible());
        auto* word = strip->findChild<QLabel*>("snapshotWord");
        const bool hasScale = again.page.perPixel({1.0 * again.marks.width}).has_value();
        QVERIFY(hasScale);
        QTRY_VERIFY2_WITH_TIMEOUT(word->isVisible() && word->text().contains("The head has grown 7 %"), qPrintable(word->text()), 8000);
        // Keep says since when each error has been there.
        goToStep("keep");
        QVERIFY2(anyLabelSays("from the first photograph on") || anyLabelSays("since photograph 2") ||
                     toldFindings(*session().comparison()).empty(),
                 said());
        goToStep("check");
        // One key is silence, the same key speaks again.
        press(Qt::Key_F10);
        QTRY_VERIFY(!word->isVisible());
        press(Qt::Key_F10);
        QTRY_VERIFY(word->isVisible());
        // Where the two pages tell their scale otherwise nothing is said of size.
        session().document.edit("Another sheet", {}, [](Study& s) {
            const double w = s.sketch()->marks.width, h = s.sketch()->marks.height;
            s.sketch()->page.flat = PageRectification{{SketchPoint(0, 0), SketchPoint(w, 0), SketchPoint(w, h), SketchPoint(0, h)},
                                                      paperNamed("a3"), static_cast<int>(w), static_cast<int>(h), false};
        });
        QTRY_VERIFY2_WITH_TIMEOUT(!word->text().contains("grown"), qPrintable(word->text()), 5000);
        undo();
        drawn()->setFocus();
        press(Qt::Key_Comma);
        QCOMPARE(int(study().current), int(study().sketches.size()) - 2);
        press(Qt::Key_Period);
        QCOMPARE(int(study().current), int(study().sketches.size()) - 1);
        QTest::mouseClick(strip->findChildren<QPushButton*>()[1], Qt::LeftButton);
        QCOMPARE(int(study().current), 0);
        undo();
        QCOMPARE(int(study().current), int(study().sketches.size()) - 1);
    }
};

std::unique_ptr<QObject> makeCameraTest() {
    return std::make_unique<CameraTest>();
}

} // namespace zokran::test

#include "test_camera.moc"
