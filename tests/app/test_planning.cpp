// The page planned in the real window, and the sheets printed from it.

#include "app/overlays/frame_overlay.h"
#include "app/overlays/plan_overlay.h"
#include "app/print/print.h"
#include "app/print/sheet_kind.h"
#include "tests/app/window_test.h"

#include <QMenu>
#include <QPrinter>
#include <QProcess>

namespace zokran::test {

class PlanningTest : public WindowTest {
    Q_OBJECT

    const PlanOverlay* paper() { return drawn()->scene().find<PlanOverlay>(); }
    QPoint onPaper(const PaperPoint& p) { return spot(drawn(), p); }
    PaperPoint middle() {
        const PagePlan plan = session().layoutController.plan();
        return PaperPoint((plan.head.low + plan.head.high) / 2);
    }

private slots:
    void theHeadIsDraggedAndSizedOnThePaper() {
        openDemo();
        goToStep("set-up");
        QVERIFY(paper());
        QVERIFY(!study().pageLayout);
        const PaperPoint before = middle();
        const double perPixel = 1 / drawn()->transform().scale;
        drag(drawn(), onPaper(before), onPaper(before) + QPoint(-20, 12));
        QVERIFY(study().pageLayout);
        QVERIFY(std::abs(middle().x() - (before.x() - 20 * perPixel)) < 1);
        QVERIFY(std::abs(middle().y() - (before.y() + 12 * perPixel)) < 1);
        // By the ring on the crown: the chin stays where it is.
        const PagePlan was = session().layoutController.plan();
        const QPoint crown = onPaper(was.crown);
        drag(drawn(), crown, crown + QPoint(4, 24));
        QVERIFY(study().pageLayout->head < Millimetres{124});
        QVERIFY((session().layoutController.plan().chin - was.chin).norm() < 0.01);
        undo();
        QVERIFY((session().layoutController.plan().crown - was.crown).norm() < 0.01);
        undo();
        QVERIFY(!study().pageLayout);
    }

    void keysMoveItAndPutItWell() {
        openDemo();
        goToStep("set-up");
        drawn()->setFocus();
        const PaperPoint before = middle();
        const Millimetres size = session().layoutController.pageLayout().head;
        QTest::keyClick(drawn(), Qt::Key_Left);
        QTest::keyClick(drawn(), Qt::Key_Up, Qt::ShiftModifier);
        QTest::keyClick(drawn(), Qt::Key_Plus);
        QVERIFY(std::abs(middle().x() - (before.x() - 1)) < 0.01);
        QVERIFY(std::abs(middle().y() - (before.y() - 10)) < 0.01);
        QCOMPARE(session().layoutController.pageLayout().head, size + Millimetres{1});
        // Off the sheet it is warned, and put well again by one key or one button.
        for (int i = 0; i < 14; ++i)
            QTest::keyClick(drawn(), Qt::Key_Left, Qt::ShiftModifier);
        QVERIFY2(anyLabelSays("hair runs over the border"), said());
        clickOn(nextButton());
        QVERIFY2(!anyLabelSays("runs over the border"), said());
        QVERIFY(session().layoutController.plan().troubles.empty());
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.pageLayout == study().pageLayout);
    }

    void paperAndCompositionAreChosen() {
        openDemo();
        goToStep("set-up");
        auto* sheets = visibleNamed<QComboBox>("Paper");
        sheets->setFocus();
        const int wanted = sheets->findData("a3");
        QVERIFY(wanted >= 0);
        while (sheets->currentIndex() != wanted)
            QTest::keyClick(sheets, sheets->currentIndex() < wanted ? Qt::Key_Down : Qt::Key_Up);
        QCOMPARE(session().layoutController.pageLayout().paper, paperNamed("a3"));
        QVERIFY(anyLabelSays("297 × 420 mm"));
        tick("Lying on its side");
        QCOMPARE(session().layoutController.pageLayout().paper, paperNamed("a3-landscape"));
        QCOMPARE(paper()->pageLayout.paper, paperNamed("a3-landscape"));
        clickOn(visibleNamed<QPushButton>("With air"));
        const Millimetres small = session().layoutController.pageLayout().head;
        clickOn(visibleNamed<QPushButton>("Close"));
        QVERIFY(session().layoutController.pageLayout().head > 1.6 * small);
        QVERIFY2(anyLabelSays("Crown: "), said());
        QVERIFY(anyLabelSays(QString("Crown: %1 from the top").arg(std::lround(session().layoutController.plan().crown.y()))));
    }

    void howTheDrawingKeptToItsPlanIsToldAtTheCheck() {
        openDemo();
        session().page.look(session().photograph(Side::Sketch));
        waitForPictures();
        session().page.finish();
        QTRY_VERIFY_WITH_TIMEOUT(session().page.flat().has_value(), 5000);
        QVERIFY(!session().layoutController.kept()); // nothing was planned
        goToStep("set-up");
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Left, Qt::ShiftModifier);
        for (int i = 0; i < 4; ++i)
            QTest::keyClick(drawn(), Qt::Key_Minus, Qt::ShiftModifier);
        goToStep("check");
        QTRY_VERIFY2(anyLabelSays("Against its plan the drawing has grown by"), said());
        const PlanKept kept = *session().layoutController.kept();
        QVERIFY(kept.grown > 1.1);
        // Where it was drawn has not changed: planned ten millimetres further left, it stands ten further right.
        goToStep("set-up");
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Left, Qt::ShiftModifier);
        QVERIFY(std::abs(session().layoutController.kept()->right.value - kept.right.value - 10) < 0.01);
    }

    void anAverageHeadStandsInBeforeThereIsAFit() {
        photographs();
        openReference(file("head.png"));
        goToStep("set-up");
        QVERIFY2(anyLabelSays("An average head stands for your sitter"), said());
        QVERIFY(!linesOn(drawn()).empty());
    }

    void theReferenceIsFramedByHandAndTheStepsLookThere() {
        openDemo();
        goToStep("set-up");
        const auto whole = seen()->transform();
        const PicturePoint low(0.3 * study().reference.width, 0.2 * study().reference.height),
            high(0.7 * study().reference.width, 0.6 * study().reference.height);
        drag(seen(), spot(seen(), low), spot(seen(), high));
        QVERIFY(study().framing);
        QVERIFY((study().framing->low - low).norm() < 3 && (study().framing->high - high).norm() < 3);
        QVERIFY(seen()->scene().find<FrameOverlay>());
        QCOMPARE(seen()->transform().scale, whole.scale); // here the whole photograph stays in sight
        // Its corner and its middle take hold of it.
        drag(seen(), spot(seen(), study().framing->high), spot(seen(), high + PicturePoint(20, 30)));
        QVERIFY((study().framing->high - (high + PicturePoint(20, 30))).norm() < 4);
        const Framing before = *study().framing;
        const PicturePoint middle = (before.low + before.high) / 2;
        drag(seen(), spot(seen(), middle), spot(seen(), middle + PicturePoint(-15, 10)));
        QVERIFY((study().framing->low - before.low - PicturePoint(-15, 10)).norm() < 4);
        QVERIFY(((study().framing->high - study().framing->low) - (before.high - before.low)).norm() < 1e-6);
        goToStep("block-in");
        QVERIFY(seen()->transform().scale > 1.3 * whole.scale);
        session().document.saveNow();
        QVERIFY(logbook_->load(*session().document.id()).study.framing == study().framing);
        goToStep("set-up");
        unfold("The photograph itself");
        clickOn(buttonSaying("Whole photograph"));
        QVERIFY(!study().framing);
        clickOn(buttonSaying("Frame the head"));
        QVERIFY(study().framing);
        // By keys alone: smaller about its middle, moved, taken away.
        seen()->setFocus();
        const Framing by = *study().framing;
        QTest::keyClick(seen(), Qt::Key_Down, Qt::ShiftModifier);
        QVERIFY((study().framing->high - study().framing->low).x() < (by.high - by.low).x());
        QTest::keyClick(seen(), Qt::Key_Right);
        QTest::keyClick(seen(), Qt::Key_Backspace);
        QVERIFY(!study().framing);
        undo();
        QVERIFY(study().framing);
    }

    void theLensIsTypedAndThePoseReadWithIt() {
        const auto [truth, unused] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        goToStep("set-up");
        unfold("The photograph itself");
        QVERIFY(!study().reference.focal);
        auto* lens = visibleNamed<QDoubleSpinBox>("Lens, as on 36 × 24 mm");
        QVERIFY(lens);
        lens->setFocus();
        lens->selectAll();
        QTest::keyClicks(lens, "50");
        QTest::keyClick(lens, Qt::Key_Tab);
        // A frame of 36 by 24 has 43.27 mm across its corners.
        QVERIFY(study().reference.focal);
        QVERIFY(std::abs(study().reference.focal->value - 50 / 43.27 * std::hypot(320, 400)) < 0.5);
        const double near = session().fit()->view.nearness;
        lens->selectAll();
        QTest::keyClicks(lens, "200");
        QTest::keyClick(lens, Qt::Key_Tab);
        QVERIFY(session().fit()->view.nearness < near); // a longer lens stood further off
        undo();
        QVERIFY(!study().reference.focal); // typed in one go, taken back in one
    }

    void theReferenceIsMirroredAndTurnedWithItsMarks() {
        const auto [truth, unused] = photographs();
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        const PhotoMarks before = study().reference;
        const double turn = session().fit()->view.pose().turn.value, lean = session().fit()->view.pose().lean.value;
        goToStep("set-up");
        unfold("The photograph itself");
        clickOn(buttonSaying("Mirror it"));
        QTRY_VERIFY_WITH_TIMEOUT(!(study().reference == before), 10000);
        waitForPictures();
        // The marks are those of the head as it now looks: its turn and lean change sign.
        QVERIFY(std::abs(session().fit()->view.pose().turn.value + turn) < 0.03);
        QVERIFY(std::abs(session().fit()->view.pose().lean.value + lean) < 0.03);
        QVERIFY((*study().reference.seen(Mark::MouthCornerL) -
                 PicturePoint(before.width - before.seen(Mark::MouthCornerR)->x(),
                              before.seen(Mark::MouthCornerR)->y()))
                    .norm() < 1e-9);
        const QImage mirrored = session().picture(Side::Reference);
        clickOn(buttonSaying("Turn a quarter"));
        QTRY_COMPARE_WITH_TIMEOUT(study().reference.width, before.height, 10000);
        waitForPictures();
        QCOMPARE(session().picture(Side::Reference).size(), QSize(before.height, before.width));
        QVERIFY(std::abs(std::abs(session().fit()->view.pose().lean.value) - std::numbers::pi / 2) < 0.4);
        undo();
        QCOMPARE(study().reference.width, before.width);
        waitForPictures();
        undo();
        QVERIFY(study().reference == before);
        QVERIFY(mirrored.size() == QSize(before.width, before.height));
    }

    void aReferenceThatWasDrawnFromStaysAsItLies() {
        openDemo();
        goToStep("set-up");
        unfold("The photograph itself");
        QVERIFY(!buttonSaying("Mirror it")->isEnabled());
        QVERIFY(!buttonSaying("Turn a quarter")->isEnabled());
    }

    void severalPhotographsOfOneSitterAreGathered() {
        photographs();
        QVERIFY(QFile::copy(file("head.png"), file("second.png")));
        openReference(file("head.png"));
        goToStep("set-up");
        unfold("The photograph itself");
        clickOn(buttonSaying("More of this sitter"));
        QVERIFY2(anyLabelSays("Give the sitter a name first"), said());
        auto* sitter = visibleNamed<QLineEdit>("Sitter");
        QVERIFY(sitter->hasFocus());
        QTest::keyClicks(sitter, "Halcyon");
        chooseFile(file("second.png"), [this] { clickOn(buttonSaying("More of this sitter")); });
        QTRY_VERIFY_WITH_TIMEOUT(!session().intake.isRunning(), 10000);
        QVERIFY2(anyLabelSays("2 photographs of this sitter"), said());
        QCOMPARE(int(logbook_->studiesOf("Halcyon").size()), 2);
        QVERIFY(study().sitter == "Halcyon"); // the bench stays as it is
    }

    void fromAPhotographWithASmallHeadToAPrintedSheet() {
        // A head a tenth as high as the picture, off to one side; the rest is wall.
        const auto [truth, unused] = photographs();
        const QImage head(file("head.png"));
        QImage wide(1900, 2700, QImage::Format_RGB32);
        wide.fill(QColor(120, 116, 110));
        const QPoint corner(1200, 300);
        {
            QPainter painter(&wide);
            painter.drawImage(corner, head);
        }
        QVERIFY(wide.save(file("wall.png")));
        MarkSheet shifted = truth;
        shifted.width = wide.width();
        shifted.height = wide.height();
        for (auto& placed : shifted.marks)
            if (placed && placed->at)
                *placed->at += PicturePoint(corner.x(), corner.y());
        // Its hair hides the crown: from brow to chin is about half the head.
        const double half = (*shifted.seen(Mark::Chin) - *shifted.seen(Mark::Brow)).norm();
        QVERIFY2(half < 0.05 * wide.height(), qPrintable(QString::number(half)));
        openReference(file("wall.png"));
        goToStep("set-up");
        drag(seen(), spot(seen(), {corner.x() + 2.0, corner.y() + 2.0}),
             spot(seen(), {corner.x() + 318.0, corner.y() + 398.0}));
        QVERIFY(study().framing);
        goToStep("block-in");
        markAll(seen(), Side::Reference, shifted);
        QVERIFY(session().fit());
        QVERIFY(std::abs(toDegrees(session().fit()->view.pose().turn).value - 35) < 8);
        goToStep("set-up");
        if (!session().layoutController.plan().troubles.empty())
            clickOn(buttonSaying("Put it well"));
        QVERIFY(session().layoutController.plan().troubles.empty());
        for (const SheetKind* kind : {&guideSheetKind, &gridSheetKind, &landmarksSheetKind}) {
            // As a learner saves it, from the menu; then the same sheets on a printer that is a file.
            const QString to = file(kind->id) + ".pdf", saved = file(kind->id) + "-saved.pdf";
            QAction* save = nullptr;
            for (QMenu* menu : window_->findChildren<QMenu*>())
                if (menu->title().remove('&') == "Save for printing")
                    for (QAction* action : menu->actions())
                        if (action->text().startsWith(kind->name))
                            save = action;
            QVERIFY(save);
            chooseFile(saved, [&] { save->trigger(); });
            QVERIFY(QFileInfo(saved).size() > 1000);
            const auto sheets = kind->make(session());
            QPrinter printer(QPrinter::HighResolution);
            printer.setOutputFormat(QPrinter::PdfFormat);
            printer.setOutputFileName(to);
            printer.setFullPage(true);
            {
                QPainter painter(&printer);
                for (std::size_t i = 0; i < sheets.size(); ++i) {
                    if (i > 0)
                        QVERIFY(printer.newPage());
                    paintSheet(painter, sheets[i], printer.resolution() / 25.4);
                }
            }
            QProcess info;
            info.start("pdfinfo", {to});
            QVERIFY(info.waitForFinished(20000));
            QVERIFY(info.readAllStandardOutput().contains(
                QString("Pages:           %1").arg(sheets.size()).toUtf8()));
        }
    }

    void everySheetIsSavedFromTheMenuOrSaysWhatItLacks() {
        openDemo();
        goToStep("set-up");
        for (const SheetKind* kind : sheetKinds()) {
            QAction* save = nullptr;
            for (QMenu* menu : window_->findChildren<QMenu*>())
                if (menu->title().remove('&') == "Save for printing")
                    for (QAction* action : menu->actions())
                        if (action->text().startsWith(kind->name))
                            save = action;
            QVERIFY2(save, kind->id);
            const QString to = file(kind->id) + ".pdf";
            chooseFile(to, [&] { save->trigger(); });
            QFile sheet(to);
            QVERIFY2(sheet.open(QIODevice::ReadOnly), kind->id);
            QVERIFY(sheet.readAll().startsWith("%PDF"));
        }
        // The form to trace stands where the page was planned, as rendered by another program.
        QCOMPARE(QProcess::execute("pdftoppm", {"-r", "127", "-singlefile", "-png", file("guide.pdf"), file("guide")}), 0);
        const QImage page(file("guide.png"));
        QVERIFY(std::abs(page.width() / 5.0 - 210) < 0.3);
        QRect inked;
        for (int y = 0; y < 5 * 280; ++y)
            for (int x = 0; x < page.width(); ++x)
                if (qGray(page.pixel(x, y)) < 235)
                    inked |= QRect(x, y, 1, 1);
        const PagePlan plan = session().layoutController.plan();
        QVERIFY2(std::abs(inked.top() / 5.0 - plan.head.low.y()) < 1.2, qPrintable(QString::number(inked.top() / 5.0)));
    }

    void aSheetIsPrintedToAFileTrueToSize() {
        openDemo();
        const auto sheets = valuesSheetKind.make(session());
        {
            QPrinter printer(QPrinter::HighResolution);
            printer.setOutputFormat(QPrinter::PdfFormat);
            printer.setOutputFileName(file("printed.pdf"));
            printer.setFullPage(true);
            printer.setPageSize(QPageSize(QPageSize::A4));
            QPainter painter(&printer);
            paintSheet(painter, sheets.front(), printer.resolution() / 25.4);
        }
        QCOMPARE(QProcess::execute("pdftoppm", {"-r", "254", "-singlefile", "-png", file("printed.pdf"), file("printed")}), 0);
        const QImage page(file("printed.png"));
        // The bar of 100 mm near the foot, without the words right of it.
        QRect bar;
        for (int y = 10 * (297 - 12); y < 10 * (297 - 8); ++y)
            for (int x = 50; x < 10 * 113; ++x)
                if (qGray(page.pixel(x, y)) < 200)
                    bar |= QRect(x, y, 1, 1);
        QVERIFY2(std::abs(bar.width() / 10.0 - 0.25 - 100) < 0.25, qPrintable(QString::number(bar.width() / 10.0)));
    }

    void thePreviewShowsTheSheetsBeforeTheyArePrinted() {
        openDemo();
        QVERIFY(showsPreview([&] { press(Qt::Key_P, Qt::ControlModifier); }));
    }
};

std::unique_ptr<QObject> makePlanningTest() {
    return std::make_unique<PlanningTest>();
}

} // namespace zokran::test

#include "test_planning.moc"
