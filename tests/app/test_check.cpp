// The check in the real window: a phone's photograph of a page, marks that stand where they are
// expected, what the learner says first, and the ways of looking.

#include "app/overlays/arrows_overlay.h"
#include "app/overlays/page_overlay.h"
#include "app/overlays/self_assessment_overlay.h"
#include "app/overlays/veil_overlay.h"
#include "app/overlays/warped_overlay.h"
#include "tests/app/window_test.h"

#include <QClipboard>
#include <QDropEvent>
#include <QMimeData>
#include <QPainter>
#include <QProcess>
#include <random>

namespace zokran::test {

class CheckTest : public WindowTest {
    Q_OBJECT

    /// A sketch of 320 by 400 px on a white sheet of A4, 4 px to the millimetre, its corner here.
    static constexpr double sheetScale = 4, sketchScale = 2;
    static constexpr QPointF sketchAt{100, 150};
    /// The sheet's corners in the phone's photograph: tipped by 16 and 9 degrees, turned by two, 330 mm away
    /// from a lens of 1650 px.
    const QPolygonF corners_{{{109.4, 177.3}, {1299.4, 258.5}, {1134.4, 1632.6}, {204.0, 1692.3}}};

    /// Photographs the sketch's page on a table as a phone does, by Qt's own perspective.
    void photographPage(bool rim = true) {
        QImage sheet(210 * 4, 297 * 4, QImage::Format_RGB32);
        sheet.fill(QColor(246, 244, 238));
        {
            QPainter painter(&sheet);
            const QImage sketch(file("sketch.png"));
            painter.drawImage(QRectF(sketchAt, QSizeF(sketch.size()) * sketchScale), sketch);
        }
        QImage photo(1500, 2000, QImage::Format_RGB32);
        std::mt19937 random(5);
        for (int y = 0; y < photo.height(); ++y)
            for (int x = 0; x < photo.width(); ++x) {
                const int g = 70 + static_cast<int>(random() % 14) + 12 * ((x / 190) % 2);
                photo.setPixel(x, y, qRgb(g + 30, g + 8, g - 20));
            }
        if (rim) {
            QTransform lay;
            QVERIFY(QTransform::quadToQuad(QPolygonF(QRectF({0, 0}, QSizeF(sheet.size()))).mid(0, 4),
                                           corners_, lay));
            QPainter painter(&photo);
            painter.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
            painter.setTransform(lay);
            painter.drawImage(0, 0, sheet);
        }
        QVERIFY(photo.save(file("page.jpg"), "JPG", 93));
    }
    /// Where a mark of the sketch's own file lies on the sheet, mm.
    static PaperPoint onSheet(const PicturePoint& p) {
        return {(sketchAt.x() + sketchScale * p.x()) / sheetScale,
                (sketchAt.y() + sketchScale * p.y()) / sheetScale};
    }
    void drop(const QString& name, SheetView* on) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(name)});
        const QPointF at = on->mapTo(window_.get(), on->rect().center());
        QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(at, Qt::CopyAction, &data, Qt::LeftButton, {});
        QApplication::sendEvent(window_.get(), &drop);
        waitForPictures();
    }
    /// The reference marked, and a photograph of the sketch's page dropped on the sheet and laid flat;
    /// the sketch's marks in the flat picture.
    MarkSheet dropPage() {
        const auto [truth, sketchTruth] = photographs();
        photographPage();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        goToStep("check");
        drop(file("page.jpg"), drawn());
        MarkSheet marks = sketchTruth;
        const double fine = study().sketch() ? study().sketch()->marks.width / 210.0 : 1;
        for (auto& mark : marks.marks)
            if (mark && mark->at)
                mark->at = fine * onSheet(*mark->at);
        return marks;
    }

private slots:
    void aPhonesPhotographIsLaidFlat() {
        const MarkSheet marks = dropPage();
        const Sketch* attempt = study().sketch();
        QVERIFY(attempt && attempt->page.flat);
        QCOMPARE(attempt->page.flat->paper, (PaperSize{{210}, {297}}));
        for (std::size_t i = 0; i < 4; ++i)
            QVERIFY(QLineF(corners_[static_cast<qsizetype>(i)],
                           QPointF(attempt->page.flat->corners[i].x(),
                                   attempt->page.flat->corners[i].y()))
                        .length() < 3);
        // What lies on the sheet is the paper alone, true to shape.
        const QImage& shown = drawn()->scene().picture;
        QVERIFY(std::abs(1.0 * shown.width() / shown.height() - 210.0 / 297) < 0.002);
        QVERIFY(qGray(shown.pixel(20, 20)) > 200);
        QVERIFY(!session().page.isAdjusting());
        QVERIFY2(anyLabelSays("Click the brow"), said());
        QVERIFY(buttonSaying("Page laid flat: 210 by 297 mm"));

        // Three marks lay the reference over it; the rest stand where they are expected.
        QVERIFY(!drawn()->scene().find<MarksOverlay>()->shown.asked ||
                !drawn()->scene().find<MarksOverlay>()->shown.preplaced[Mark::NoseBase]);
        drawn()->setFocus();
        for (int i = 0; i < 3; ++i)
            click(drawn(), spot(drawn(), *marks.seen(*markToPlace(session(), Side::Sketch))));
        const auto* rings = drawn()->scene().find<MarksOverlay>();
        QVERIFY(rings->shown.asked);
        const double head = (*marks.seen(Mark::Brow) - *marks.seen(Mark::Chin)).norm();
        int near = 0, all = 0;
        for (Mark m : marks.seenMarks())
            if (const auto& ring = rings->shown.preplaced[m]) {
                ++all;
                near += (*ring - *marks.seen(m)).norm() < 0.12 * head;
            }
        QVERIFY(all >= 12);
        QVERIFY2(near > 0.8 * all, qPrintable(QString("%1 of %2").arg(near).arg(all)));

        // Enter stands by one, a click puts one right, one is not drawn yet.
        const Mark confirmed = *markToPlace(session(), Side::Sketch);
        const PicturePoint ring = *rings->shown.preplaced[confirmed];
        QVERIFY2(anyLabelSays("Is the ring on your"), said());
        QTest::keyClick(drawn(), Qt::Key_Return);
        QCOMPARE(study().sketch()->marks.seen(confirmed).value(), SketchPoint(ring));
        const Mark corrected = *markToPlace(session(), Side::Sketch);
        click(drawn(), spot(drawn(), *marks.seen(corrected)));
        QVERIFY((*study().sketch()->marks.seen(corrected) - *marks.seen(corrected)).norm() <
                0.02 * head);
        const Mark left = *markToPlace(session(), Side::Sketch);
        clickOn(buttonSaying("Not drawn yet"));
        QVERIFY(study().sketch()->marks.marks[left]->hidden);

        // What is confirmed can be judged alone.
        for (int i = 0; i < 3; ++i)
            QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(session().comparison());
        clickOn(buttonSaying("That is all I have drawn"));
        skipSaying();
        QVERIFY(!markToPlace(session(), Side::Sketch));
        QCOMPARE(static_cast<int>(study().sketch()->marks.seenMarks().size()), 8);
    }

    void cornersArePutRightByMouseAndByKeys() {
        const MarkSheet marks = dropPage();
        drawn()->setFocus();
        for (int i = 0; i < 2; ++i)
            click(drawn(), spot(drawn(), *marks.seen(*markToPlace(session(), Side::Sketch))));
        const SketchMarks before = study().sketch()->marks;
        clickOn(buttonSaying("Page laid flat"));
        QVERIFY(session().page.isAdjusting());
        QVERIFY2(anyLabelSays("Drag each ring"), said());
        QCOMPARE(drawn()->scene().picture.size(), QSize(1500, 2000)); // the photograph itself
        const auto* page = drawn()->scene().find<PageOverlay>();
        QVERIFY(page);
        const PicturePoint corner = page->corners[1];
        const PicturePoint to = corner + PicturePoint(-90, 120);
        drag(drawn(), spot(drawn(), corner), spot(drawn(), to));
        QVERIFY((session().page.flat()->corners[1] - SketchPoint(to)).norm() < 6);
        undo();
        QVERIFY((session().page.flat()->corners[1] - SketchPoint(corner)).norm() < 1e-9);
        QTest::keyClick(drawn(), Qt::Key_Space);
        QCOMPARE(int(drawn()->scene().find<PageOverlay>()->touched), 2);
        QTest::keyClick(drawn(), Qt::Key_Left, Qt::ShiftModifier);
        QVERIFY(std::abs(session().page.flat()->corners[2].x() - corners_[2].x() + 10) < 3);

        // Another paper: the millimetres follow, the marks stay on the drawing.
        auto* paper = visibleNamed<QComboBox>("Paper");
        QVERIFY(paper);
        paper->setFocus();
        QTest::keyClick(paper, Qt::Key_Down);
        QCOMPARE(session().page.flat()->paper, (PaperSize{{297}, {420}}));
        auto* tone = visibleNamed<QComboBox>("Its tone");
        QVERIFY(tone);
        tone->setFocus();
        QTest::keyClick(tone, Qt::Key_Down);
        QTest::keyClick(tone, Qt::Key_Down);
        QVERIFY(study().sketch()->page.tone() == PaperChoice::Toned);
        undo();
        QVERIFY(study().sketch()->page.tone() == PaperChoice::White);
        tone->setFocus();
        QTest::keyClick(tone, Qt::Key_Up);
        QVERIFY(study().sketch()->page.tone() == PaperChoice::AsItShows);
        tick("Even light, stronger pencil");
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(!session().page.isAdjusting());
        waitForPictures();
        QTRY_VERIFY(!drawn()->scene().picture.isNull());
        QVERIFY(qGray(drawn()->scene().picture.pixel(60, 60)) > 236); // bare paper is nearly white

        // Back to the photograph as it came, and the marks with it.
        clickOn(buttonSaying("Page laid flat"));
        clickOn(buttonSaying("Use the photograph as it is"));
        QVERIFY(!study().sketch()->page.flat);
        QCOMPARE(study().sketch()->marks.width, 1500);
        QTransform lay;
        QVERIFY(QTransform::quadToQuad(QPolygonF({{0, 0}, {210, 0}, {210, 297}, {0, 297}}), corners_,
                                       lay));
        const double fine = 1.0 * before.width / 210;
        for (Mark m : before.seenMarks()) {
            const PicturePoint mm = *before.seen(m) / fine;
            const QPointF truth = lay.map(QPointF(mm.x(), mm.y()));
            QVERIFY((*study().sketch()->marks.seen(m) - SketchPoint(truth.x(), truth.y())).norm() < 4);
        }
    }

    void whereNoPageIsSeenNothingIsLaidFlat() {
        photographs();
        photographPage(false);
        openReference(file("head.png"));
        goToStep("check");
        drop(file("page.jpg"), drawn());
        // Nothing, or only a guess that is asked about.
        QVERIFY(!session().page.flat() || session().page.isAdjusting());
    }

    void ofSeveralHeadsOnThePageOneIsChosen() {
        const auto [truth, sketch] = photographs();
        // The sketch twice on one sheet, the second smaller.
        QImage one = QImage(file("sketch.png")).convertToFormat(QImage::Format_RGB32);
        for (int y = 0; y < one.height(); ++y) // its grey paper white, so that the sheet is one
            for (int x = 0; x < one.width(); ++x) {
                const int grey = std::min(255, qGray(one.pixel(x, y)) * 13 / 10);
                one.setPixel(x, y, qRgb(grey, grey, grey));
            }
        QImage page(900, 520, QImage::Format_RGB32);
        page.fill(QColor(244, 240, 232));
        {
            QPainter painter(&page);
            painter.setCompositionMode(QPainter::CompositionMode_Darken);
            painter.drawImage(QPoint(60, 60), one);
            painter.drawImage(QRectF(540, 110, 0.9 * one.width(), 0.9 * one.height()), one);
        }
        QVERIFY(page.save(file("page.png")));
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        openSketch(file("page.png"));
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("Several heads are on this page"), said().constData(), 5000);
        QVERIFY(buttonSaying("Head 2") && !buttonSaying("Head 3"));
        click(drawn(), spot(drawn(), {560 + 0.45 * one.width(), 110 + 0.45 * one.height()}));
        QVERIFY2(anyLabelSays("on your sketch"), said());
        // It alone is looked at, and marked as any other.
        const QRectF shown(drawn()->transform().toPicture(QPointF(0, 0)).x(), 0,
                           drawn()->width() / drawn()->transform().scale, 1);
        QVERIFY2(shown.left() > 350, qPrintable(QString::number(shown.left())));
        MarkSheet second = sketch;
        for (auto& mark : second.marks)
            if (mark && mark->at)
                mark->at = PicturePoint(540, 110) + 0.9 * *mark->at;
        markAll(drawn(), Side::Sketch, second);
        skipSaying();
        QVERIFY(session().comparison());
        QVERIFY2(anyLabelSays("mouth"), said());
    }

    void aSketchThatFillsNoPageIsScaledByAKnownLength() {
        const auto [truth, sketch] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        openSketch(file("sketch.png"));
        if (buttonSaying("Page laid flat")) {
            clickOn(buttonSaying("Page laid flat"));
            clickOn(buttonSaying("Use the photograph as it is"));
        }
        QVERIFY(!study().sketch()->page.perPixel(Pixels{320}));
        // What stands there counts when it is right as it stands; left, nothing is scaled.
        clickOn(buttonSaying("Scale it by a known length"));
        clickOn(buttonSaying("Leave it"));
        QVERIFY(!study().sketch()->page.perPixel(Pixels{320}));
        clickOn(buttonSaying("Scale it by a known length"));
        clickOn(buttonSaying("That is its length"));
        QVERIFY(study().sketch()->page.perPixel(Pixels{320}));
        QVERIFY(std::abs(study().sketch()->page.perPixel(Pixels{320})->value - 100.0 / 160) < 1e-9);
        undo();
        QVERIFY(!study().sketch()->page.perPixel(Pixels{320}));
        clickOn(buttonSaying("Scale it by a known length"));
        QVERIFY2(anyLabelSays("A known length"), said());
        // From (80, 200) to (240, 200); its right end is drawn to (280, 200), and it is 150 mm long.
        drag(drawn(), spot(drawn(), {240, 200}), spot(drawn(), {280, 200}));
        auto* length = visibleNamed<QDoubleSpinBox>("It is so long on the paper");
        QVERIFY(length);
        length->setFocus();
        length->selectAll();
        QTest::keyClicks(length, "150");
        QTest::keyClick(length, Qt::Key_Tab);
        const auto perPixel = study().sketch()->page.perPixel(Pixels{320});
        QVERIFY(perPixel);
        QVERIFY2(std::abs(perPixel->value - 150.0 / 200) < 0.01, qPrintable(QString::number(perPixel->value)));
        // By keys: the other end, ten pixels out.
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Space);
        QTest::keyClick(drawn(), Qt::Key_Left, Qt::ShiftModifier);
        QVERIFY(study().sketch()->page.perPixel(Pixels{320})->value < perPixel->value - 0.02);
        undo();
        QVERIFY(std::abs(study().sketch()->page.perPixel(Pixels{320})->value - perPixel->value) < 1e-9);
        // The ring stays where it was put, 210 pixels from the other, and that is as long as the scale now says.
        QVERIFY2(std::abs(length->value() - 210 * 150.0 / 200) < 1.1, qPrintable(QString::number(length->value())));
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY2(anyLabelSays("on your sketch"), said());
        markAll(drawn(), Side::Sketch, sketch);
        skipSaying();
        QVERIFY2(anyLabelSays(" mm"), said());
    }

    void theLearnerSaysItFirst() {
        const auto [truth, sketchTruth] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        openSketch(file("sketch.png"));
        markAll(drawn(), Side::Sketch, sketchTruth);
        QVERIFY2(anyLabelSays("Say it first"), said());
        QVERIFY(!anyLabelSays("sits too high")); // nothing is told yet
        QVERIFY(!drawn()->scene().find<FindingOverlay>());
        click(drawn(), spot(drawn(), *sketchTruth.seen(Mark::LipLine)));
        QVERIFY(buttonSaying("1   Mouth"));
        clickOn(buttonSaying("Ears"));
        QVERIFY(buttonSaying("2   Ears"));
        QCOMPARE(int(drawn()->scene().find<SelfAssessmentOverlay>()->places.size()), 2);
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(study().sketch()->selfAssessment == std::vector<Part>({Part::Mouth, Part::Ears}));
        QVERIFY2(anyLabelSays("Your own eye put the mouth first, and so does the check"), said());
        QVERIFY2(anyLabelSays("One of the 2 you named is off"), said());
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.sketches[0].selfAssessment == study().sketch()->selfAssessment);
        undo();
        QVERIFY(anyLabelSays("Say it first"));
    }

    void fromADroppedPhotographToASheetOfCorrections() {
        const MarkSheet marks = dropPage();
        markAll(drawn(), Side::Sketch, marks);
        skipSaying();
        QVERIFY2(anyLabelSays("The mouth sits too high"), said());
        // Two to a sketch pixel, four to the millimetre: what is off is told on the real paper.
        QVERIFY(drawn()->scene().find<FindingOverlay>()->shown.arrow->length.endsWith("mm"));
        for (const char* name : {"mend.pdf", "mend.svg"}) {
            chooseFile(file(name), Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
            QFile sheet(file(name));
            QVERIFY(sheet.open(QIODevice::ReadOnly));
            const QByteArray bytes = sheet.readAll();
            QVERIFY(QString(name).endsWith("pdf")
                        ? bytes.startsWith("%PDF")
                        : bytes.contains("width=\"210mm\" height=\"297mm\""));
            QVERIFY(bytes.size() > 20000); // the sketch lies on it
        }
    }

    void scansAreTakenFromAFolderAndPicturesFromTheClipboard() {
        const auto [truth, sketchTruth] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        QDir().mkpath(file("scans"));
        // The folder is chosen by the menu, its name typed.
        chooseFile(file("scans"), [&] {
            for (QAction* action : window_->findChildren<QAction*>())
                if (action->text().contains("scans from a"))
                    action->trigger();
        });
        // The stand-in scanner lays a scan there; it says its resolution, so millimetres are known.
        QCOMPARE(QProcess::execute(ZOKRAN_CLI, {"scan", file("sketch.png"), "--into", file("scans"),
                                                "--paper", "A4", "--dpi", "200"}),
                 0);
        QTRY_COMPARE_WITH_TIMEOUT(int(study().sketches.size()), 1, 8000);
        waitForPictures();
        QCOMPARE(stepId(), std::string("check"));
        const Sketch& scan = *study().sketch();
        const auto perPixel = scan.page.perPixel({1.0 * scan.marks.width});
        QVERIFY(perPixel && std::abs(perPixel->value * scan.marks.width - 210) < 1);

        QApplication::clipboard()->setImage(QImage(file("sketch.png")));
        press(Qt::Key_V, Qt::ControlModifier);
        QTRY_COMPARE_WITH_TIMEOUT(int(study().sketches.size()), 2, 8000);
        QTRY_COMPARE(drawn()->scene().picture.size(), QImage(file("sketch.png")).size());
        QApplication::clipboard()->setText("no picture");
        press(Qt::Key_V, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("no picture on the clipboard"), said());
        QCOMPARE(int(study().sketches.size()), 2);
    }

    void withoutAComparisonThereIsNoSheetOfCorrections() {
        press(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY2(anyLabelSays("needs a sketch that is marked"), said());
    }

    void whatIsWorthMendingIsChosenAndUndone() {
        openDemo();
        goToStep("check");
        const auto toMend = [this] {
            const auto& all = session().comparison()->findings;
            return std::count_if(all.begin(), all.end(),
                                 [](const Finding& f) { return f.severity == Severity::Fix; });
        };
        QVERIFY(toMend() > 0);
        QVERIFY2(anyLabelSays("Give or take"), said());
        unfold("What is worth mending");
        auto* angle = visibleNamed<QDoubleSpinBox>("An angle");
        QVERIFY(angle);
        QCOMPARE(angle->value(), 5.0);
        angle->setFocus();
        angle->selectAll();
        QTest::keyClicks(angle, "30");
        QTest::keyClick(angle, Qt::Key_Return);
        QCOMPARE(study().tolerances.angle.value, 30.0);
        QTRY_COMPARE(int(toMend()), 0);
        QVERIFY(!anyLabelSays("Stop here first"));
        undo();
        QCOMPARE(study().tolerances, Tolerances());
        QTRY_VERIFY(toMend() > 0);
    }

    void theLastRoundOfWorkIsTold() {
        openDemo();
        const Sketch first = *study().sketch();
        photographs();
        openSketch(file("sketch.png"));
        // The same drawing once more: its mouth put wrong, everything else as it was.
        session().document.edit("mark", {}, [&](Study& s) {
            s.sketch()->marks = first.marks;
            s.sketch()->page = first.page;
            s.sketch()->selfAssessment.emplace();
            for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
                if (auto& mark = s.sketch()->marks.marks[m]; mark && mark->at)
                    *mark->at += PicturePoint(0, -0.12 * first.marks.height / 2);
        });
        QTRY_VERIFY(session().comparison());
        QVERIFY2(anyLabelSays("Further off: mouth"), said());
        QVERIFY(!anyLabelSays("has grown"));
    }

    void everyWayOfLookingHasItsKey() {
        openDemo();
        goToStep("check");
        QVERIFY(buttonSaying("Side by side")->isChecked());
        press(Qt::Key_O);
        const auto* laid = drawn()->scene().find<WarpedOverlay>();
        QVERIFY(laid && std::abs(laid->shown.strength - 0.5) < 1e-9);
        auto* slider = visibleNamed<QSlider>("How much of the photo shows");
        QVERIFY(slider);
        slider->setFocus();
        QTest::keyClick(slider, Qt::Key_Home);
        QVERIFY(drawn()->scene().find<WarpedOverlay>()->shown.strength == 0);
        // The photo's brow lies on the drawn brow, as the registration has it.
        const auto& c = *session().comparison();
        const Similarity registration = drawn()->scene().find<WarpedOverlay>()->shown.registration;
        QVERIFY((registration(*study().reference.seen(Mark::Brow)) -
                 *c.asSeen[Mark::Brow])
                    .norm() < 3);
        press(Qt::Key_W);
        QVERIFY(drawn()->scene().find<WarpedOverlay>()->shown.upTo < 1);
        press(Qt::Key_F);
        const double first = drawn()->scene().find<WarpedOverlay>()->shown.strength;
        QTRY_VERIFY(drawn()->scene().find<WarpedOverlay>()->shown.strength != first);
        press(Qt::Key_D);
        QVERIFY(drawn()->scene().find<VeilOverlay>() && seen()->scene().find<VeilOverlay>());
        press(Qt::Key_Q);
        QTRY_VERIFY(tones(seen()) < 12);
        press(Qt::Key_S);
        QVERIFY(tones(seen()) > 40);
        press(Qt::Key_H);
        QVERIFY(anyLabelSays("The head you drew"));
        // Of a sitter of the cast room it is the plaster itself, a little later than the form.
        QVERIFY(!drawn()->scene().picture.isNull() || hasLine(drawn(), "centre_line"));
        QTRY_VERIFY_WITH_TIMEOUT(!drawn()->scene().picture.isNull(), 30000);
        QVERIFY(drawn()->scene().picture.size() == seen()->scene().picture.size());
        QVERIFY(drawn()->scene().picture != seen()->scene().picture);
        goToStep("guides");
        QVERIFY(!buttonSaying("Side by side")); // offered where there is something to compare
    }

    void theDrawingIsMendedByItsOwnLines() {
        openDemo();
        goToStep("check");
        press(Qt::Key_S);
        const auto look = [&] { return drawn()->grab().toImage(); };
        press(Qt::Key_Y);
        QVERIFY(anyLabelSays("Your drawing, mended"));
        auto* slider = visibleNamed<QSlider>("From as drawn to as seen");
        QVERIFY(slider);
        QCOMPARE(slider->value(), 100);
        slider->setFocus();
        QTest::keyClick(slider, Qt::Key_Home);
        QTRY_VERIFY(!session().viewMode.mended.isBusy());
        const QImage asDrawn = look();
        QTest::keyClick(slider, Qt::Key_End);
        QTRY_VERIFY(!session().viewMode.mended.isBusy());
        const QImage all = look();
        QVERIFY(all != asDrawn);
        auto* alone = visibleNamed<QCheckBox>("This finding alone");
        QVERIFY(alone);
        QTest::keyClick(alone, Qt::Key_Space);
        QTRY_VERIFY(!session().viewMode.mended.isBusy());
        QVERIFY(anyLabelSays("Your drawing, this finding mended"));
        QVERIFY(look() != all && look() != asDrawn);
        // Nothing lies on the sheet but the drawing.
        QVERIFY(!drawn()->scene().find<ArrowsOverlay>() && drawn()->scene().overlays.size() == 1);
        press(Qt::Key_S);
        QVERIFY(!visibleNamed<QCheckBox>("This finding alone"));
    }

    void aMirroredSheetIsStillMarkedWhereItIsClicked() {
        openDemo();
        goToStep("check");
        const Mark m = Mark::Chin;
        const PicturePoint chin = *study().sketch()->marks.seen(m);
        const PicturePoint brow = *study().sketch()->marks.seen(Mark::Brow);
        const bool right = drawn()->transform().toView(*study().sketch()->marks.seen(Mark::OuterEyeL)).x() >
                           drawn()->transform().toView(brow).x();
        press(Qt::Key_M);
        QVERIFY(seen()->scene().flip == Flip::Mirrored && drawn()->scene().flip == Flip::Mirrored);
        QVERIFY((drawn()->transform().toView(*study().sketch()->marks.seen(Mark::OuterEyeL)).x() >
                 drawn()->transform().toView(brow).x()) != right);
        press(Qt::Key_U);
        QVERIFY(drawn()->transform().toView(chin).y() < drawn()->transform().toView(brow).y());
        // A mark dragged down on the turned sheet goes up on the drawing.
        unfold("All numbers");
        const QPoint from = spot(drawn(), chin);
        drag(drawn(), from, from + QPoint(0, 30));
        QVERIFY(study().sketch()->marks.seen(m)->y() < chin.y() - 5);
        undo();
        press(Qt::Key_S);
        QVERIFY(drawn()->scene().flip == Flip::None);
    }

private:
    /// How many greys cover nine tenths of the middle of a sheet.
    int tones(SheetView* view) {
        const QImage shown = view->grab().toImage();
        std::vector<int> count(256, 0);
        int all = 0;
        for (int y = shown.height() / 4; y < shown.height() * 3 / 4; y += 3)
            for (int x = shown.width() / 4; x < shown.width() * 3 / 4; x += 3, ++all)
                ++count[static_cast<std::size_t>(qGray(shown.pixel(x, y)))];
        std::sort(count.rbegin(), count.rend());
        int covered = 0, greys = 0;
        while (covered < 0.9 * all)
            covered += count[static_cast<std::size_t>(greys++)];
        return greys;
    }
};

std::unique_ptr<QObject> makeCheckTest() {
    return std::make_unique<CheckTest>();
}

} // namespace zokran::test

#include "test_check.moc"
