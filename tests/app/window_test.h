#pragma once

#include "app/cast_room/cast_room.h"
#include "app/cast_room/cast_view.h"
#include "app/document/marking.h"
#include "app/library/demo.h"
#include "app/library/library.h"
#include "app/overlays/arrows_overlay.h"
#include "app/overlays/finding_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/progress/progress_place.h"
#include "app/text/messages.h"
#include "app/widgets/settled_button.h"
#include "app/widgets/theme.h"
#include "app/window/main_window.h"
#include "app/window/workspace.h"
#include "cast/picture_encoding.h"
#include "cast/stand_in_camera.h"
#include "core/construction/forms.h"
#include "core/messages/mark_messages.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPrintPreviewDialog>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QTimer>
#include <QToolButton>
#include <QtTest>
#include <fstream>
#include <functional>
#include <memory>

#ifdef __SANITIZE_ADDRESS__
// With the sanitizers everything takes several times as long, and is waited for as much longer.
#undef QTRY_IMPL
#define QTRY_IMPL(expr, timeout)                                                                                     \
    const int qt_test_timeoutValue = 10 * (timeout);                                                                 \
    { QTRY_LOOP_IMPL(expr, qt_test_timeoutValue, 50) }
#endif

namespace zokran::test {

/// Drives the real window with mouse and keys, offscreen, and looks at what a learner sees. A click
/// that misses and a key that does nothing fail the test.
class WindowTest : public QObject {
    Q_OBJECT

protected:
    std::unique_ptr<QTemporaryDir> folder_;
    std::unique_ptr<Logbook> logbook_;
    std::unique_ptr<MainWindow> window_;
    /// Most tests mark by hand what they open.
    bool findsFaces_ = false;

    SheetView* seen() { return window_->workspace()->sheet(Side::Reference); }
    SheetView* drawn() { return window_->workspace()->sheet(Side::Sketch); }
    StudySession& session() { return window_->session(); }
    const Study& study() { return session().study(); }
    QString file(const char* name) { return folder_->filePath(name); }
    QPushButton* nextButton() { return window_->findChild<QPushButton*>("next"); }

    void openWindow() {
        window_ = std::make_unique<MainWindow>(*logbook_);
        window_->resize(1280, 800);
        window_->show();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
    }
    void closeWindow() {
        QVERIFY(window_->close());
        window_.reset();
    }
    /// The demo's studies, the last of them on the bench with its pictures.
    void openDemo() {
        fillWithDemo(*logbook_);
        window_->reopenLast();
        waitForPictures();
    }
    /// Until every picture is decoded, and the page looked for in a new one.
    void waitForPictures() {
        QTRY_VERIFY_WITH_TIMEOUT(!session().pictures.decoding() && !session().page.isLooking(), 20000);
        QTRY_COMPARE_WITH_TIMEOUT(session().pictures.decoding(), 0, 20000);
    }
    void openStudy(StudyId id) {
        session().document.open(id);
        waitForPictures();
    }

    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) {
        // Keys go to the window in front; a chooser that has just closed may have been that.
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window_.get()));
        QTest::keyClick(window_.get(), key, modifiers);
        QCoreApplication::processEvents();
    }
    void undo() { press(Qt::Key_Z, Qt::ControlModifier); }
    /// Goes to a step by its key.
    void goToStep(const std::string& id) {
        const auto& steps = window_->workspace()->steps();
        for (std::size_t i = 0; i < steps.size(); ++i)
            if (steps[i]->id() == id)
                press(static_cast<Qt::Key>(Qt::Key_1 + i), Qt::AltModifier);
        QCOMPARE(study().step, id);
        waitForPictures();
    }
    std::string stepId() { return window_->workspace()->step().id(); }

    /// Does what opens the preview of what is printed, and closes it; whether it was seen.
    bool showsPreview(const std::function<void()>& open) {
        bool shown = false;
        QTimer poll;
        connect(&poll, &QTimer::timeout, [&] {
            if (auto* dialog = qobject_cast<QPrintPreviewDialog*>(QApplication::activeModalWidget())) {
                shown = dialog->isVisible();
                dialog->reject();
            }
        });
        poll.start(200);
        open();
        return shown;
    }
    /// Does what opens a file chooser, types the name into it and presses Enter.
    void chooseFile(const QString& name, const std::function<void()>& open) {
        bool typed = false;
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            auto* edit = dialog ? dialog->findChild<QLineEdit*>("fileNameEdit") : nullptr;
            if (!edit || typed)
                return;
            typed = true;
            edit->setText(name);
            QTest::keyClick(edit, Qt::Key_Return);
        });
        poll.start(30);
        open();
        QVERIFY(typed);
    }
    void chooseFile(const QString& name, Qt::Key key, Qt::KeyboardModifiers modifiers) {
        chooseFile(name, [&] { press(key, modifiers); });
    }
    void openReference(const QString& name) {
        chooseFile(name, Qt::Key_O, Qt::ControlModifier);
        waitForPictures();
    }
    void openSketch(const QString& name) {
        chooseFile(name, Qt::Key_O, Qt::ControlModifier | Qt::ShiftModifier);
        waitForPictures();
    }

    static QPoint spot(SheetView* view, const PicturePoint& p) {
        return view->transform().toView(p).toPoint();
    }
    void click(SheetView* view, const QPoint& at) {
        QVERIFY2(view->rect().contains(at), "the click would miss the sheet");
        QTest::mouseMove(view, at);
        QTest::mouseClick(view, Qt::LeftButton, {}, at);
    }
    void clickOn(QWidget* widget) {
        QVERIFY(widget);
        QVERIFY(widget->isVisible() && widget->isEnabled());
        QTest::mouseClick(widget, Qt::LeftButton);
        QCoreApplication::processEvents();
    }
    /// Ticks a box by its own square.
    void tick(const QString& text) {
        for (QCheckBox* box : window_->findChildren<QCheckBox*>())
            if (box->isVisible() && QString(box->text()).remove('&') == text) {
                const bool before = box->isChecked();
                QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
                QVERIFY(box->isChecked() != before);
                return;
            }
        QFAIL(qPrintable("no box says " + text));
    }
    void drag(SheetView* view, const QPoint& from, const QPoint& to) {
        QVERIFY2(view->rect().contains(from) && view->rect().contains(to),
                 "the drag would leave the sheet");
        QTest::mousePress(view, Qt::LeftButton, {}, from);
        constexpr int steps = 6;
        for (int i = 1; i <= steps; ++i) {
            const QPointF at = from + QPointF(to - from) * i / steps;
            QMouseEvent move(QEvent::MouseMove, at, view->mapToGlobal(at), Qt::NoButton,
                             Qt::LeftButton, {});
            QApplication::sendEvent(view, &move);
        }
        QTest::mouseRelease(view, Qt::LeftButton, {}, to);
    }

    /// What a label says, without the places where its long words may break.
    static QString wordsOf(const QLabel* label) { return QString(label->text()).remove(QChar(0x200B)); }
    bool anyLabelSays(const QString& text, const QWidget* in = nullptr) {
        // What was just laid out is seen once the window has had its turn.
        QCoreApplication::processEvents();
        QCoreApplication::processEvents();
        for (const QLabel* label : (in ? in : window_.get())->findChildren<QLabel*>())
            if (label->isVisible() && wordsOf(label).contains(text, Qt::CaseInsensitive))
                return true;
        return false;
    }
    /// Everything the labels say, for a failing test to show.
    QByteArray said() {
        QStringList all;
        for (const QLabel* label : window_->findChildren<QLabel*>())
            if (label->isVisible())
                all << wordsOf(label);
        return all.join(" | ").toUtf8();
    }
    /// Of another window than the one under test.
    static QPushButton* buttonIn(QWidget* window, const QString& text) {
        for (QPushButton* b : window->findChildren<QPushButton*>())
            if (b->isVisible() && b->text().remove('&').contains(text))
                return b;
        return nullptr;
    }
    static bool says(QWidget* window, const QString& text) {
        for (const QLabel* label : window->findChildren<QLabel*>())
            if (label->isVisible() && wordsOf(label).contains(text))
                return true;
        return false;
    }
    template <typename W>
    W* visibleNamed(const QString& accessibleName) {
        for (W* w : window_->findChildren<W*>())
            if (w->isVisible() && w->accessibleName() == accessibleName)
                return w;
        return nullptr;
    }
    QPushButton* buttonSaying(const QString& text, const QWidget* in = nullptr) {
        for (QPushButton* b : (in ? in : window_.get())->findChildren<QPushButton*>())
            if (b->isVisible() &&
                (b->text().isEmpty() ? b->accessibleName() : b->text().remove('&')).contains(text))
                return b;
        return nullptr;
    }
    /// Opens what is folded away under a word.
    void unfold(const QString& title) {
        for (QToolButton* b : window_->findChildren<QToolButton*>())
            if (b->isVisible() && b->text() == title) {
                if (!b->isChecked())
                    QTest::mouseClick(b, Qt::LeftButton);
                QVERIFY(b->isChecked());
                QCoreApplication::processEvents();
                return;
            }
        QFAIL(qPrintable("nothing is folded under " + title));
    }
    const std::vector<GuideLine>& linesOn(SheetView* view) {
        static const std::vector<GuideLine> none;
        const auto* lines = view->scene().find<LinesOverlay>();
        return lines ? lines->lines : none;
    }
    bool hasLine(SheetView* view, const std::string& id) {
        for (const GuideLine& l : linesOn(view))
            if (l.id == id)
                return true;
        return false;
    }

    /// A cast's photograph and a sketch of it as files, with their exact marks.
    std::pair<MarkSheet, MarkSheet> photographs() {
        Shot shot;
        shot.size = 400;
        shot.pose = poseFromDegrees({35}, {12}, {-6});
        const Bust head(sitterNamed("halcyon"));
        std::ofstream(file("head.png").toStdString(), std::ios::binary)
            << encoded(photograph(head, shot), ".png");
        PlantedErrors planted;
        planted.errors = {{"mouth_height", 0.14}};
        const SimulatedSketch sketch = drawSketch(head, shot, planted, 2);
        std::ofstream(file("sketch.png").toStdString(), std::ios::binary)
            << encoded(sketch.picture, ".png");
        return {exactMarks(head, viewOf(shot), 320, 400), sketch.marks};
    }
    /// Clicks every mark as the window asks for it; presses Space for what cannot be seen. Where a
    /// mark already placed lies so close that a click would take hold of it, the learner zooms in.
    void markAll(SheetView* view, Side side, const MarkSheet& truth) {
        view->setFocus();
        // Of a sketch nobody is asked for what the reference does not show.
        while (const auto next = markToPlace(session(), side)) {
            QVERIFY(anyLabelSays(qt(wordsFor(*next))));
            const int placed = placedCount(session(), side);
            if (const auto at = truth.seen(*next)) {
                int zoomed = 0;
                while (view->scene().near<Mark>(view->transform(), spot(view, *at)) &&
                       zoomed < 12) {
                    const QPoint where = spot(view, *at);
                    QWheelEvent wheel(where, view->mapToGlobal(where), {}, {0, 240}, Qt::NoButton,
                                      Qt::NoModifier, Qt::NoScrollPhase, false);
                    QApplication::sendEvent(view, &wheel);
                    ++zoomed;
                }
                click(view, spot(view, *at));
                if (zoomed)
                    QTest::keyClick(view, Qt::Key_0);
            } else {
                QTest::keyClick(view, Qt::Key_Space);
            }
            QCOMPARE(placedCount(session(), side), placed + 1);
        }
        QCoreApplication::processEvents();
    }
    /// Goes past the question what looks wrong.
    void skipSaying() {
        QVERIFY2(anyLabelSays("Say it first"), said());
        clickOn(buttonSaying("Skip"));
    }

private slots:
    void init() {
        SettledButton::settlingMs = 0; // the tests wait for what they click on
        folder_ = std::make_unique<QTemporaryDir>();
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder_->path());
        QSettings().clear();
        logbook_ = std::make_unique<Logbook>(file("book").toStdString());
        logbook_->remember("find_faces", findsFaces_ ? "yes" : "no");
        Theme::apply(*qApp, "light");
        openWindow();
    }
    void cleanup() {
        window_.reset();
        logbook_.reset();
    }
};

} // namespace zokran::test
