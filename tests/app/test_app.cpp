// Drives the real window with mouse and keys, offscreen, and checks what a learner sees.

#include "app/bench/bench.h"
#include "app/bench/words.h"
#include "app/cast_room/cast_room.h"
#include "app/demo.h"
#include "app/sheet/sheet_painter.h"
#include "app/shelf/shelf.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "cast/stand_in_camera.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMimeData>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QtTest>
#include <cmath>
#include <exiv2/exiv2.hpp>
#include <fstream>
#include <memory>

using namespace zokran;

namespace {

/// The picture point on the widget.
QPoint spot(SheetView* view, const PicturePoint& p) {
    return view->transform().toView(p).toPoint();
}

bool anyLabelSays(QWidget* window, const QString& text) {
    for (const QLabel* label : window->findChildren<QLabel*>())
        if (label->isVisible() && label->text().contains(text, Qt::CaseInsensitive))
            return true;
    return false;
}

template <typename W>
W* visibleNamed(QWidget* window, const QString& accessibleName) {
    for (W* w : window->findChildren<W*>())
        if (w->isVisible() && w->accessibleName() == accessibleName)
            return w;
    return nullptr;
}

QPushButton* buttonSaying(QWidget* window, const QString& text) {
    for (QPushButton* b : window->findChildren<QPushButton*>())
        if (b->isVisible() && b->text().remove('&').contains(text))
            return b;
    return nullptr;
}

} // namespace

class AppTest : public QObject {
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> folder_;
    std::unique_ptr<Logbook> logbook_;
    std::unique_ptr<MainWindow> window_;

    SheetView* seen() { return window_->bench()->sheet(Side::Seen); }
    SheetView* drawn() { return window_->bench()->sheet(Side::Drawn); }
    StudySession& session() { return window_->session(); }
    QString file(const char* name) { return folder_->filePath(name); }
    QPushButton* nextButton() { return window_->findChild<QPushButton*>("next"); }

    void openWindow() {
        window_ = std::make_unique<MainWindow>(*logbook_);
        window_->resize(1280, 800);
        window_->show();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
    }
    /// A cast's photograph and a sketch of it as files, with their exact marks.
    std::pair<MarkSheet, MarkSheet> photographs() {
        Shot shot;
        shot.size = 400;
        shot.pose = poseFromDegrees({35}, {12}, {-6});
        const Sitter head = sitterNamed("halcyon");
        const Sculpture sculpture(head);
        std::ofstream(file("head.png").toStdString(), std::ios::binary)
            << encoded(photograph(sculpture, shot), ".png");
        PlantedErrors planted;
        planted.errors = {{"mouth_height", 0.14}};
        const Sketch sketch = drawSketch(head, shot, planted, 2);
        std::ofstream(file("sketch.png").toStdString(), std::ios::binary)
            << encoded(sketch.picture, ".png");
        return {exactMarks(sculpture, viewOf(shot), 320, 400), sketch.marks};
    }
    /// Clicks every mark as the window asks for it; presses Space for what cannot be seen.
    void markAll(SheetView* view, Side side, const MarkSheet& truth) {
        view->setFocus();
        for (int i = 0; i < markCount; ++i) {
            const auto next = session().next(side);
            QVERIFY(next);
            QVERIFY(anyLabelSays(window_.get(), QString::fromUtf8(wordsFor(*next).data())));
            if (const auto at = truth.seen(*next)) {
                QTest::mouseMove(view, spot(view, *at));
                QTest::mouseClick(view, Qt::LeftButton, {}, spot(view, *at));
                // Where two marks lie close together a click takes hold of the one that is there.
                if (session().next(side) == next)
                    session().place(side, *next, *at);
            } else {
                QTest::keyClick(view, Qt::Key_Space);
            }
        }
        QVERIFY(!session().next(side));
    }

private slots:
    void init() {
        folder_ = std::make_unique<QTemporaryDir>();
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder_->path());
        QSettings().clear();
        logbook_ = std::make_unique<Logbook>(file("book").toStdString());
        Theme::apply(*qApp, false);
        openWindow();
    }
    void cleanup() {
        window_.reset();
        logbook_.reset();
    }

    void anEmptyBenchSaysWhatToDoFirst() {
        QVERIFY(anyLabelSays(window_.get(), "Choose a photograph"));
        QCOMPARE(nextButton()->text(), QString("Open a photograph…"));
        QVERIFY(nextButton()->isEnabled());
    }

    void theWholeCourseFromAPhotographToAReport() {
        const auto [truth, sketchTruth] = photographs();
        window_->bench()->takePicture(file("head.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QCOMPARE(window_->bench()->step(), Step::BlockIn);
        QCOMPARE(seen()->content().picture.size(), QSize(320, 400));

        markAll(seen(), Side::Seen, truth);
        QVERIFY(session().fit());
        // The readings stand in large figures and in words.
        QVERIFY(anyLabelSays(window_.get(), "turned to the right"));
        QVERIFY(anyLabelSays(window_.get(), "chin up"));
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value - 35) < 3);
        QVERIFY(!seen()->content().lines.empty());

        QTest::mouseClick(nextButton(), Qt::LeftButton); // on to the guides
        QCOMPARE(window_->bench()->step(), Step::Guides);
        QTest::mouseClick(nextButton(), Qt::LeftButton); // draw it
        QCOMPARE(window_->bench()->step(), Step::Draw);
        QVERIFY(drawn()->content().picture.isNull());
        QVERIFY(!drawn()->content().lines.empty()); // the form alone

        window_->bench()->takePicture(file("sketch.png"), Side::Drawn);
        QTRY_COMPARE(window_->bench()->step(), Step::Check);
        markAll(drawn(), Side::Drawn, sketchTruth);
        QVERIFY(session().comparison());
        QVERIFY(anyLabelSays(window_.get(), "The mouth sits too high"));
        QVERIFY(!drawn()->content().arrows.empty());
        auto* table = visibleNamed<QTableWidget>(window_.get(), "Placements");
        QVERIFY(table);
        QVERIFY(table->item(0, 0)->text().contains("mouth") ||
                table->item(0, 0)->text().contains("lips"));
        QVERIFY(table->item(0, 1)->text().startsWith('+'));

        QTest::mouseClick(nextButton(), Qt::LeftButton); // keep it
        auto* notes = visibleNamed<QPlainTextEdit>(window_.get(), "Notes");
        QVERIFY(notes);
        QTest::keyClicks(notes, "step the thirds first");

        // Killed and started again, the window is where it was.
        QTest::qWait(600);
        window_.reset();
        openWindow();
        window_->reopenLast();
        QCOMPARE(window_->bench()->step(), Step::Keep);
        QVERIFY(anyLabelSays(window_.get(), "The mouth sits too high"));
        QCOMPARE(session().study().notes, std::string("step the thirds first"));
    }

    void draggingAMarkMovesTheFitAndUndoesAsOne() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::BlockIn);
        const PicturePoint before = *session().study().reference.seen(Mark::Chin);
        const double tilt = session().fit()->pose.tilt.value;
        const QPoint from = spot(seen(), before);
        QTest::mousePress(seen(), Qt::LeftButton, {}, from);
        for (int i = 1; i <= 5; ++i)
            QTest::mouseMove(seen(), from + QPoint(0, 4 * i));
        QTest::mouseRelease(seen(), Qt::LeftButton, {}, from + QPoint(0, 20));
        QVERIFY((*session().study().reference.seen(Mark::Chin) - before).norm() > 5);
        QVERIFY(session().fit()->pose.tilt.value != tilt);
        session().undoStack().undo();
        QVERIFY((*session().study().reference.seen(Mark::Chin) - before).norm() < 1e-9);
        QVERIFY(std::abs(session().fit()->pose.tilt.value - tilt) < 1e-3);
    }

    void arrowsNudgeAndBackspaceGoesBack() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::BlockIn);
        const PicturePoint before = *session().study().reference.seen(Mark::Chin);
        session().touch(Mark::Chin);
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Right);
        QTest::keyClick(seen(), Qt::Key_Up, Qt::ShiftModifier);
        QCOMPARE(session().study().reference.seen(Mark::Chin)->x(), before.x() + 1);
        QCOMPARE(session().study().reference.seen(Mark::Chin)->y(), before.y() - 10);
        QTest::keyClick(seen(), Qt::Key_Backspace);
        QCOMPARE(session().study().reference.seen(Mark::Chin)->x(), before.x());
    }

    void marksCanBePlacedWithoutAMouse() {
        photographs();
        window_->bench()->takePicture(file("head.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY(session().study().reference.seen(Mark::Brow));
        QCOMPARE(session().next(Side::Seen), std::optional<Mark>(Mark::Chin));
        QTest::keyClick(seen(), Qt::Key_Space);
        QVERIFY(session().study().reference.marks[Mark::Chin]->hidden);
    }

    void marksAreSuggestedForAFaceAndCanBeTakenBack() {
        Shot shot;
        shot.size = 700;
        shot.pose = poseFromDegrees({8}, {0}, {0});
        const Sculpture sculpture(sitterNamed("halcyon"));
        std::ofstream(file("face.png").toStdString(), std::ios::binary)
            << encoded(photograph(sculpture, shot), ".png");
        const MarkSheet truth = exactMarks(sculpture, viewOf(shot), 560, 700);
        window_->bench()->takePicture(file("face.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QTest::mouseClick(buttonSaying(window_.get(), "Suggest marks"), Qt::LeftButton);
        QVERIFY(buttonSaying(window_.get(), "Looking for a face"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 60000);
        const MarkSheet& found = session().study().reference;
        for (Mark m : {Mark::PupilL, Mark::PupilR, Mark::NoseTip, Mark::LipLine, Mark::Chin})
            QVERIFY((*found.seen(m) - *truth.seen(m)).norm() < 20);
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value - 8) < 8);
        // They are drawn and listed as suggestions until the learner stands by them.
        QVERIFY(found.marks[Mark::NoseTip]->suggested);
        QVERIFY(found.marks[Mark::NoseTip]->noise);
        QVERIFY(anyLabelSays(window_.get(), "Look each suggested mark over"));
        seen()->setFocus();
        session().touch(Mark::NoseTip);
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY(!session().study().reference.marks[Mark::NoseTip]->suggested);
        QCOMPARE(nextButton()->text(), QString("They are right"));
        QTest::mouseClick(nextButton(), Qt::LeftButton);
        QCOMPARE(session().suggestionCount(), 0);
        session().undoStack().undo();
        session().undoStack().undo();
        session().undoStack().undo();
        QVERIFY(!session().fit());
    }

    void aGuessIsPulledCommittedAndSetAgainstTheFit() {
        const auto [truth, sketchTruth] = photographs();
        window_->bench()->takePicture(file("head.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QTest::mouseClick(buttonSaying(window_.get(), "Guess first"), Qt::LeftButton);
        QVERIFY(session().isGuessing());
        QVERIFY(anyLabelSays(window_.get(), "Pull the construction"));
        QVERIFY(anyLabelSays(window_.get(), "your guess"));
        QCOMPARE(seen()->content().handles.size(), std::size_t(7));

        // The centre line is pulled to the right: the construction turns to the right.
        const auto handle = [&](GuessHandle h) {
            return spot(seen(), handleAt(*session().study().guess, session().study().reference, h));
        };
        const QPoint from = handle(GuessHandle::Turn);
        QTest::mousePress(seen(), Qt::LeftButton, {}, from);
        for (int i = 1; i <= 6; ++i)
            QTest::mouseMove(seen(), from + QPoint(5 * i, 0));
        QTest::mouseRelease(seen(), Qt::LeftButton, {}, from + QPoint(30, 0));
        const double turn = toDegrees(session().study().guess->pose.turn).value;
        QVERIFY(turn > 8 && turn < 60);
        QVERIFY((handle(GuessHandle::Turn) - from - QPoint(30, 0)).manhattanLength() < 4);
        session().undoStack().undo(); // one drag, one step back
        QCOMPARE(session().study().guess->pose.turn.value, 0.0);

        // By keys and by typing.
        seen()->setFocus();
        for (int i = 0; i < 2; ++i)
            QTest::keyClick(seen(), Qt::Key_Right, Qt::ShiftModifier);
        QTest::keyClick(seen(), Qt::Key_Up);
        QTest::keyClick(seen(), Qt::Key_Comma);
        QVERIFY(std::abs(toDegrees(session().study().guess->pose.turn).value - 20) < 0.01);
        QVERIFY(std::abs(toDegrees(session().study().guess->pose.lean).value + 1) < 0.01);
        auto* lean = visibleNamed<QDoubleSpinBox>(window_.get(), "Lean, + to the right");
        QVERIFY(lean);
        lean->setValue(-6);
        QVERIFY(std::abs(toDegrees(session().study().guess->pose.lean).value + 6) < 0.01);

        QTest::mouseClick(nextButton(), Qt::LeftButton); // this is my guess
        QVERIFY(!session().isGuessing());
        QVERIFY(!session().study().reference.ball); // the guess does not bend the measuring
        markAll(seen(), Side::Seen, truth);
        QVERIFY(session().fit());
        QVERIFY(anyLabelSays(window_.get(), "too little"));
        QVERIFY(anyLabelSays(window_.get(), "guessed: 20°"));

        // Guess and fit are both kept.
        session().saveNow();
        window_.reset();
        openWindow();
        window_->reopenLast();
        QVERIFY(session().study().guess && session().study().guess->committed);
        QVERIFY(std::abs(toDegrees(session().study().guess->pose.turn).value - 20) < 0.01);
    }

    void marksCanBePlacedAtOnceWithoutAGuess() {
        photographs();
        window_->bench()->takePicture(file("head.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QTest::mouseClick(buttonSaying(window_.get(), "Guess first"), Qt::LeftButton);
        QTest::mouseClick(buttonSaying(window_.get(), "Mark at once"), Qt::LeftButton);
        QVERIFY(!session().study().guess);
        QTest::mouseClick(seen(), Qt::LeftButton, {}, spot(seen(), {160, 150}));
        QVERIFY(session().study().reference.seen(Mark::Brow));
    }

    void photographsOfOneSitterShareAShape() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        auto all = logbook_->studies();
        QVERIFY(all.size() >= 4);
        all.resize(4);
        for (const StudySummary& s : all) {
            session().open(s.id);
            session().edit("name", {}, [](Study& study) { study.sitter = "Marten"; });
            session().saveNow();
        }
        session().open(all.front().id);
        QCOMPARE(session().sharedWith(), static_cast<int>(all.size()) - 1);
        window_->bench()->setStep(Step::Guides);
        QVERIFY(anyLabelSays(window_.get(), "of this sitter sharpen"));
        const double shared = session().fit()->sigma.tilt.value;
        session().edit("name", {}, [](Study& study) { study.sitter = "Somebody else"; });
        QCOMPARE(session().sharedWith(), 0);
        QVERIFY(session().fit()->sigma.tilt.value > shared);
    }

    void aPictureIsTakenInTheCastRoomAndBecomesTheReference() {
        QTest::mouseClick(buttonSaying(window_.get(), "To the cast room"), Qt::LeftButton);
        CastRoom* room = window_->castRoom();
        QVERIFY(room->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(!room->view()->picture().isNull(), 20000);
        auto* sitter = visibleNamed<QComboBox>(room, "Sitter");
        QVERIFY(sitter && sitter->count() >= 6);
        sitter->setCurrentText("Wren");
        QVERIFY(anyLabelSays(room, "a child"));

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
        visibleNamed<QDoubleSpinBox>(room, "Tilt, + chin up")->setValue(-12);
        QVERIFY(std::abs(toDegrees(room->shot().pose.tilt).value + 12) < 0.5);
        visibleNamed<QDoubleSpinBox>(room, "Lens")->setValue(105);

        // A surprise stays within the ranges.
        visibleNamed<QDoubleSpinBox>(room, "Turn up to")->setValue(20);
        for (int i = 0; i < 20; ++i) {
            room->surprise();
            QVERIFY(std::abs(toDegrees(room->shot().pose.turn).value) <= 20.01);
        }
        QTest::mouseClick(buttonSaying(room, "Take the picture"), Qt::LeftButton);
        QVERIFY(room->isTaking());
        QVERIFY(buttonSaying(room, "Stop"));
        QTRY_VERIFY_WITH_TIMEOUT(session().isOpen(), 60000);
        QCOMPARE(window_->bench()->step(), Step::BlockIn);
        QCOMPARE(session().study().sitter, std::string("Wren"));
        // It came in as any photograph does: stood upright, its lens read from the EXIF.
        QCOMPARE(seen()->content().picture.size(), QSize(1280, 1600));
        QVERIFY(session().study().reference.focal);
        QVERIFY(std::abs(session().study().reference.focal->value / 1600 - 105 / 36.0) < 0.2);
    }

    void takingAPictureCanBeStopped() {
        window_->goTo(MainWindow::Place::CastRoom);
        CastRoom* room = window_->castRoom();
        QTest::mouseClick(buttonSaying(room, "Take the picture"), Qt::LeftButton);
        QTest::mouseClick(buttonSaying(room, "Stop"), Qt::LeftButton);
        QTRY_VERIFY_WITH_TIMEOUT(!room->isTaking(), 20000);
        QVERIFY(!session().isOpen());
        QVERIFY(buttonSaying(room, "Take the picture"));
    }

    void aSmileIsSaidAndLoosensTheMouth() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::BlockIn);
        const double before = session().fit()->sigma.tilt.value;
        for (QCheckBox* box : window_->findChildren<QCheckBox*>())
            if (box->isVisible() && box->text().contains("miling"))
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(10, box->height() / 2));
        QVERIFY(session().study().reference.smiling);
        QVERIFY(session().fit()->sigma.tilt.value > before);
    }

    void guidesCanBeSwitchedOffAndLight() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::Guides);
        auto has = [&](const char* id) {
            for (const GuideLine& l : seen()->content().lines)
                if (l.id == id)
                    return true;
            return false;
        };
        QVERIFY(has("eye_line"));
        for (QCheckBox* box : window_->findChildren<QCheckBox*>())
            if (box->isVisible() && box->text() == "Eye line")
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
        QVERIFY(!has("eye_line"));
        session().undoStack().undo();
        QVERIFY(has("eye_line"));

        // Pointing at a line on one sheet lights it on the other.
        for (const GuideLine& l : seen()->content().lines)
            if (l.id == "brow_line" && !l.hidden) {
                QTest::mouseMove(seen(), spot(seen(), l.points[l.points.size() / 3]));
                break;
            }
        QTRY_COMPARE(session().litLine(), QString("brow_line"));
        const QImage lit = drawn()->grab().toImage();
        session().light({});
        QVERIFY(drawn()->grab().toImage() != lit);
    }

    void theCanonChangesTheLevels() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::Guides);
        auto* canon = visibleNamed<QComboBox>(window_.get(), "Levels by");
        QVERIFY(canon);
        const auto before = seen()->content().lines;
        canon->setFocus();
        QTest::keyClick(canon, Qt::Key_Down);
        QCOMPARE(session().study().canon, std::string("thirds"));
        bool moved = false;
        for (std::size_t i = 0; i < std::min(before.size(), seen()->content().lines.size()); ++i)
            moved = moved || before[i].points != seen()->content().lines[i].points;
        QVERIFY(moved);
        QVERIFY(anyLabelSays(window_.get(), "rule of thumb"));
    }

    void theDemoIsThereMarkedFittedAndExplained() {
        fillWithDemo(*logbook_);
        window_->goTo(MainWindow::Place::Shelf);
        auto* shelf = visibleNamed<QListWidget>(window_.get(), "Your studies");
        QVERIFY(shelf);
        QCOMPARE(shelf->count(), 43);
        const char* firstFindings[] = {"less turned", "sits too high", "forehead and skull"};
        for (int i = 0; i < 3; ++i) {
            window_->goTo(MainWindow::Place::Shelf);
            for (int row = 0; row < shelf->count(); ++row)
                if (shelf->item(row)->data(Qt::UserRole).toInt() == 43 - i)
                    shelf->setCurrentRow(row);
            shelf->setFocus();
            QTest::keyClick(shelf, Qt::Key_Return);
            QCOMPARE(window_->bench()->step(), Step::Check);
            QVERIFY(session().fit());
            QVERIFY(session().comparison());
            QVERIFY2(anyLabelSays(window_.get(), firstFindings[i]), firstFindings[i]);
        }
        fillWithDemo(*logbook_); // a second start adds nothing
        QCOMPARE(int(logbook_->studies().size()), 43);
    }

    void aStudyPutAwayCanBePutBack() {
        fillWithDemo(*logbook_);
        window_->goTo(MainWindow::Place::Shelf);
        auto* shelf = visibleNamed<QListWidget>(window_.get(), "Your studies");
        QTest::mouseClick(buttonSaying(window_.get(), "Put away"), Qt::LeftButton);
        QCOMPARE(shelf->count(), 42);
        QTest::mouseClick(buttonSaying(window_.get(), "Put the last one back"), Qt::LeftButton);
        QCOMPARE(shelf->count(), 43);
    }

    void badPicturesAreToldInPlaceAndChangeNothing_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("cause");
        QImage grey(40, 30, QImage::Format_RGB32);
        grey.fill(Qt::gray);
        QByteArray jpeg;
        QBuffer buffer(&jpeg);
        buffer.open(QIODevice::WriteOnly);
        grey.save(&buffer, "JPG");
        QTest::newRow("no image") << QByteArray("just words") << "not a picture";
        QTest::newRow("truncated") << jpeg.left(jpeg.size() / 2) << "cut short";
        QTest::newRow("empty") << QByteArray() << "not a picture";
        QTest::newRow("no size") << QByteArray("P5 0 0 255\n") << "picture";
        QTest::newRow("far too wide")
            << QByteArray("P5 30000 2 255\n") + QByteArray(60000, 'x') << "30000";
    }
    void badPicturesAreToldInPlaceAndChangeNothing() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, cause);
        fillWithDemo(*logbook_);
        window_->reopenLast();
        const Study before = session().study();
        QFile bad(file("bad.jpg"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write(bytes);
        bad.close();
        window_->bench()->takePicture(bad.fileName(), Side::Seen);
        QTRY_VERIFY(anyLabelSays(window_.get(), "bad.jpg"));
        QVERIFY2(anyLabelSays(window_.get(), cause), qPrintable(cause));
        QVERIFY(session().study() == before);
        QCOMPARE(int(logbook_->studies().size()), 43);
    }

    void aRotatedPhotographStandsUpright() {
        // A JPEG of 40 by 20 whose EXIF says: turn a quarter clockwise to view.
        QImage wide(40, 20, QImage::Format_RGB32);
        wide.fill(Qt::white);
        QByteArray jpeg;
        QBuffer buffer(&jpeg);
        buffer.open(QIODevice::WriteOnly);
        wide.save(&buffer, "JPG");
        const QByteArray exif = QByteArray::fromHex(
            "ffe100224578696600004d4d002a00000008000101120003000000010006000000000000");
        jpeg.insert(2, exif);
        QFile rotated(file("rotated.jpg"));
        QVERIFY(rotated.open(QIODevice::WriteOnly));
        rotated.write(jpeg);
        rotated.close();
        window_->bench()->takePicture(rotated.fileName(), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QCOMPARE(seen()->content().picture.size(), QSize(20, 40));
        QCOMPARE(session().study().reference.height, 40);
    }

    void theLensIsReadFromExifUnlessThePictureWasCropped() {
        QImage photo(400, 300, QImage::Format_RGB32);
        photo.fill(Qt::white);
        for (const int recordedWidth : {400, 4000}) {
            const QString name = file("lens.jpg");
            photo.save(name, "JPG");
            auto image = Exiv2::ImageFactory::open(name.toStdString());
            image->exifData()["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{85};
            image->exifData()["Exif.Photo.PixelXDimension"] = std::uint32_t(recordedWidth);
            image->exifData()["Exif.Photo.PixelYDimension"] = std::uint32_t{300};
            image->writeMetadata();
            window_->bench()->takePicture(name, Side::Seen);
            QTRY_VERIFY(session().study().reference.width == 400 &&
                        session().study().reference.focal.has_value() == (recordedWidth == 400));
            // 85 mm against a diagonal of 43.27 mm; the picture's diagonal is 500 px.
            if (session().study().reference.focal)
                QVERIFY(std::abs(session().study().reference.focal->value - 982.2) < 0.5);
        }
    }

    void zoomKeepsTheSpotUnderThePointer() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
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

    void theBallIsLaidDraggedAndTakenUp() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::BlockIn);
        QTest::mouseClick(buttonSaying(window_.get(), "Lay the ball"), Qt::LeftButton);
        QVERIFY(!session().study().reference.ball); // the demo's had one: it is taken up
        QTest::mouseClick(buttonSaying(window_.get(), "Lay the ball"), Qt::LeftButton);
        const BallCircle laid = *session().study().reference.ball;
        QVERIFY((laid.centre - session().fit()->ball().centre).norm() < 2);
        const QPoint centre = spot(seen(), laid.centre);
        QTest::mousePress(seen(), Qt::LeftButton, {}, centre);
        QTest::mouseMove(seen(), centre + QPoint(12, 0));
        QTest::mouseMove(seen(), centre + QPoint(25, 10));
        QTest::mouseRelease(seen(), Qt::LeftButton, {}, centre + QPoint(25, 10));
        QVERIFY(session().study().reference.ball->centre.x() > laid.centre.x() + 5);
        const double r = session().study().reference.ball->radius.value;
        const QPoint rim =
            spot(seen(), session().study().reference.ball->centre + PicturePoint(r, 0));
        QTest::mousePress(seen(), Qt::LeftButton, {}, rim);
        QTest::mouseMove(seen(), rim + QPoint(20, 0));
        QTest::mouseRelease(seen(), Qt::LeftButton, {}, rim + QPoint(20, 0));
        QVERIFY(session().study().reference.ball->radius.value > r + 5);
        session().undoStack().undo();
        QCOMPARE(session().study().reference.ball->radius.value, r);
    }

    void aMarkFarOffIsCalledDoubtful() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::BlockIn);
        const PicturePoint chin = *session().study().reference.seen(Mark::Chin);
        session().place(Side::Seen, Mark::Chin, chin + PicturePoint(-120, 60));
        QVERIFY(!session().fit()->outliers.empty());
        QVERIFY(session().fit()->outliers.front() == Mark::Chin);
        QVERIFY(anyLabelSays(window_.get(), "The chin disagrees with the other marks"));
        QVERIFY(!seen()->content().doubtful.empty());
    }

    void theWidthOfThePaperTurnsPercentIntoMillimetres() {
        fillWithDemo(*logbook_);
        session().open(42); // the mouth too high
        window_->bench()->setStep(Step::SetUp);
        session().edit("no paper", {}, [](Study& s) { s.paperWidthMm = 0; });
        window_->bench()->setStep(Step::Check);
        QVERIFY(anyLabelSays(window_.get(), "eye-widths"));
        QVERIFY(!anyLabelSays(window_.get(), " mm ("));
        session().edit("paper", {}, [](Study& s) { s.paperWidthMm = 420; });
        QVERIFY(anyLabelSays(window_.get(), " mm ("));
    }

    void whatIsHeldCanBeChanged() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::Check);
        auto* hold = visibleNamed<QComboBox>(window_.get(), "Hold still while laying over");
        QVERIFY(hold);
        hold->setFocus();
        QTest::keyClick(hold, Qt::Key_Down);
        QCOMPARE(int(session().study().hold), int(Hold::Eyes));
        QVERIFY(session().comparison());
        session().undoStack().undo();
        QCOMPARE(int(session().study().hold), int(Hold::All));
        QCOMPARE(hold->currentIndex(), 0);
    }

    void theTitleIsTypedAndUndoneAsOne() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::SetUp);
        auto* title = visibleNamed<QLineEdit>(window_.get(), "Title");
        QVERIFY(title);
        const std::string before = session().study().title;
        title->setFocus();
        title->selectAll();
        QTest::keyClicks(title, "Lamp study");
        QCOMPARE(session().study().title, std::string("Lamp study"));
        QVERIFY(window_->windowTitle().contains("Lamp study"));
        session().undoStack().undo();
        QCOMPARE(session().study().title, before);
        QCOMPARE(title->text().toStdString(), before);
    }

    void aStepSaysWhatItStillLacks() {
        photographs();
        window_->bench()->takePicture(file("head.png"), Side::Seen);
        QTRY_VERIFY(session().isOpen());
        QPushButton* check = buttonSaying(window_.get(), "Check");
        QVERIFY(check);
        QVERIFY(check->toolTip().contains("Still lacks"));
        QVERIFY(check->text().startsWith(QStringLiteral("○")));
        QVERIFY(buttonSaying(window_.get(), "Set up")->text().startsWith(QStringLiteral("●")));
        QVERIFY(anyLabelSays(window_.get(), "more marks are needed"));
        window_->bench()->setStep(Step::Check);
        QVERIFY(anyLabelSays(window_.get(), "Photograph your sketch"));
    }

    void sheetsZoomTogetherWhenLinkedAndOneCanTakeTheWidth() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setLinked(true);
        const double before = drawn()->transform().scale;
        seen()->zoomBy(2);
        QVERIFY(drawn()->transform().scale != before);
        window_->bench()->setLinked(false);
        const double linked = drawn()->transform().scale;
        seen()->zoomBy(2);
        QCOMPARE(drawn()->transform().scale, linked);
        window_->bench()->toggleWide(Side::Seen);
        QVERIFY(!drawn()->isVisible());
        window_->bench()->toggleWide(Side::Seen);
        QVERIFY(drawn()->isVisible());
    }

    void theConstructionCanBeTakenOffTheSketch() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        window_->bench()->setStep(Step::Check);
        QVERIFY(!drawn()->content().lines.empty());
        window_->bench()->setOverlay(false);
        QVERIFY(drawn()->content().lines.empty());
    }

    void textStandsOutFromItsGroundInBothThemes() {
        // WCAG 2.1's contrast of relative luminances: 4.5 for text, 3 for lines against their halo.
        auto luminance = [](const QColor& c) {
            auto part = [](double v) {
                return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        auto contrast = [&](const QColor& a, const QColor& b) {
            const double x = luminance(a), y = luminance(b);
            return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
        };
        for (bool dark : {false, true}) {
            Theme::apply(*qApp, dark);
            const Theme& t = Theme::current();
            for (const QColor& ground : {t.bench, t.sheet}) {
                QVERIFY(contrast(t.text, ground) >= 4.5);
                QVERIFY(contrast(t.quiet, ground) >= 4.5);
            }
            for (const QColor& line : {t.chalk, t.ink, t.correction, t.mark})
                QVERIFY(contrast(line, t.halo) >= 3);
        }
        Theme::apply(*qApp, false);
    }

    void whatIsHiddenIsPaintedFainter() {
        SheetContent content;
        content.extent = {200, 100};
        content.labels = false;
        for (bool hidden : {false, true})
            content.lines.push_back({"brow_line",
                                     LineKind::Construction,
                                     hidden,
                                     {{10, hidden ? 70.0 : 30.0}, {190, hidden ? 70.0 : 30.0}}});
        QImage image(200, 100, QImage::Format_RGB32);
        {
            QPainter painter(&image);
            paintSheet(painter, image.rect(), content, {1, {0, 0}}, {});
        }
        auto ink = [&](int y) {
            int painted = 0;
            for (int x = 0; x < 200; ++x)
                painted += qGray(image.pixel(x, y)) < 180;
            return painted;
        };
        QVERIFY(ink(30) > 170);
        QVERIFY(ink(70) < ink(30));
        QCOMPARE(lineNear(content, {1, {0, 0}}, {100, 33}), QString("brow_line"));
        QCOMPARE(lineNear(content, {1, {0, 0}}, {100, 50}), QString());
    }

    void aStudyStartedByDroppingAPictureOnTheBench() {
        photographs();
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(file("head.png"))});
        QDragEnterEvent enter({300, 300}, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &drop);
        QTRY_VERIFY(session().isOpen());
        QCOMPARE(session().study().title, std::string("head"));
    }

    void anglesAreSaidInWords_data() {
        QTest::addColumn<int>("angle");
        QTest::addColumn<double>("degrees");
        QTest::addColumn<QString>("words");
        QTest::addColumn<QString>("figure");
        QTest::newRow("turn right") << int(Angle::Turn) << 32.4 << "turned to the right"
                                    << "32°";
        QTest::newRow("turn left") << int(Angle::Turn) << -7.0 << "turned to the left"
                                   << "7°";
        QTest::newRow("ahead") << int(Angle::Turn) << 0.6 << "faces you"
                               << "1°";
        QTest::newRow("up") << int(Angle::Tilt) << 20.0 << "chin up"
                            << "20°";
        QTest::newRow("down") << int(Angle::Tilt) << -20.0 << "chin down"
                              << "20°";
        QTest::newRow("level") << int(Angle::Tilt) << -1.0 << "looks straight ahead"
                               << "1°";
        QTest::newRow("lean") << int(Angle::Lean) << 12.0 << "leans to the right"
                              << "12°";
        QTest::newRow("other lean") << int(Angle::Lean) << -90.0 << "leans to the left"
                                    << "90°";
        QTest::newRow("upright") << int(Angle::Lean) << 0.0 << "upright"
                                 << "0°";
    }
    void anglesAreSaidInWords() {
        QFETCH(int, angle);
        QFETCH(double, degrees);
        QFETCH(QString, words);
        QFETCH(QString, figure);
        const Radians value = toRadians({degrees});
        QCOMPARE(wordsFor(static_cast<Angle>(angle), value), words);
        QCOMPARE(figureFor(value), figure);
        QCOMPARE(doubtFor(toRadians({0.2})), QString("± 1°")); // never a doubt of nothing
    }

    void everyControlHasANameAndTheCourseHasKeys() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        for (int i = 0; i < stepCount; ++i) {
            QTest::keyClick(window_.get(), static_cast<Qt::Key>(Qt::Key_1 + i), Qt::AltModifier);
            QCOMPARE(window_->bench()->step(), static_cast<Step>(i));
            for (QWidget* w : window_->findChildren<QWidget*>()) {
                const auto* button = qobject_cast<QAbstractButton*>(w);
                const bool control = button || qobject_cast<QComboBox*>(w) ||
                                     qobject_cast<QTableWidget*>(w) || qobject_cast<QLineEdit*>(w);
                if (!control || !w->isVisible() || w->focusPolicy() == Qt::NoFocus ||
                    w->objectName().startsWith("qt_"))
                    continue;
                const bool named =
                    !w->accessibleName().isEmpty() || (button && !button->text().isEmpty());
                QVERIFY2(named, w->metaObject()->className());
            }
        }
    }
};

QTEST_MAIN(AppTest)
#include "test_app.moc"
