#include "app/window/main_window.h"

#include "app/bench/bench.h"
#include "app/cast_room/cast_room.h"
#include "app/shelf/shelf.h"
#include "app/study/picture_file.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDialog>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <QStackedWidget>

namespace zokran {

MainWindow::MainWindow(Logbook& logbook, QWidget* parent) : QMainWindow(parent), session_(logbook) {
    setWindowTitle(tr("Zokran"));
    setAcceptDrops(true);
    resize(1280, 800);
    auto* centre = new QWidget;
    auto* row = new QHBoxLayout(centre);
    row->setContentsMargins(8, 8, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(4);
    const std::pair<QString, QKeySequence> places[] = {
        {tr("Bench"), QKeySequence(Qt::CTRL | Qt::Key_1)},
        {tr("Shelf"), QKeySequence(Qt::CTRL | Qt::Key_2)},
        {tr("Cast room"), QKeySequence(Qt::CTRL | Qt::Key_3)}};
    for (const auto& [name, keys] : places) {
        auto* button = new QPushButton(name);
        button->setProperty("role", "place");
        button->setCheckable(true);
        button->setShortcut(keys);
        button->setMinimumWidth(72);
        const auto place = static_cast<Place>(placeButtons_.size());
        connect(button, &QPushButton::clicked, this, [this, place] { goTo(place); });
        column->addWidget(button);
        placeButtons_.push_back(button);
    }
    column->addStretch();
    row->addLayout(column);
    places_ = new QStackedWidget;
    places_->addWidget(bench_ = new Bench(session_));
    places_->addWidget(shelf_ = new Shelf(session_));
    places_->addWidget(castRoom_ = new CastRoom);
    row->addWidget(places_, 1);
    setCentralWidget(centre);

    connect(bench_, &Bench::choosePicture, this, &MainWindow::choosePicture);
    connect(bench_, &Bench::toCastRoom, this, [this] { goTo(Place::CastRoom); });
    connect(castRoom_, &CastRoom::taken, this, [this](const QString& file, const QString& sitter) {
        goTo(Place::Bench);
        bench_->takePicture(file, Side::Seen, sitter);
    });
    connect(castRoom_, &CastRoom::troubled, this, [this](const QString& message) {
        goTo(Place::Bench);
        session_.tell(message);
    });
    connect(shelf_, &Shelf::newStudy, this, [this] { choosePicture(Side::Seen); });
    connect(shelf_, &Shelf::chosen, this, [this](StudyId id) {
        try {
            session_.open(id);
        } catch (const BadInput& e) {
            session_.tell(QString::fromStdString(e.what()));
        }
        goTo(Place::Bench);
    });
    connect(&session_, &StudySession::changed, this, [this] {
        setWindowTitle(session_.isOpen()
                           ? tr("%1 – Zokran").arg(QString::fromStdString(session_.study().title))
                           : tr("Zokran"));
    });
    buildMenus();
    QSettings settings;
    restoreGeometry(settings.value("geometry").toByteArray());
    goTo(Place::Bench);
}

void MainWindow::goTo(Place place) {
    if (place == Place::Shelf) {
        session_.saveNow();
        shelf_->refresh();
    }
    places_->setCurrentIndex(static_cast<int>(place));
    for (std::size_t i = 0; i < placeButtons_.size(); ++i)
        placeButtons_[i]->setChecked(i == static_cast<std::size_t>(place));
}

void MainWindow::reopenLast() {
    const std::string last = session_.logbook().remembered("open_study");
    if (last.empty())
        return;
    try {
        session_.open(std::stoll(last));
    } catch (const std::exception&) {
        // The study has gone; the bench is simply empty.
    }
}

void MainWindow::buildMenus() {
    auto add = [&](QMenu* menu, const QString& text, const QKeySequence& keys, auto action) {
        QAction* a = menu->addAction(text);
        a->setShortcut(keys);
        connect(a, &QAction::triggered, this, action);
        return a;
    };
    QMenu* study = menuBar()->addMenu(tr("&Study"));
    add(study, tr("&New from a photograph…"), QKeySequence::Open,
        [this] { choosePicture(Side::Seen); });
    add(study, tr("Open the &sketch's photograph…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O),
        [this] { choosePicture(Side::Drawn); });
    add(study, tr("Take a picture in the &cast room"), {}, [this] { goTo(Place::CastRoom); });
    study->addSeparator();
    add(study, tr("&Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* change = menuBar()->addMenu(tr("&Change"));
    QAction* undo = session_.undoStack().createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = session_.undoStack().createRedoAction(this, tr("&Redo"));
    redo->setShortcut(QKeySequence::Redo);
    change->addActions({undo, redo});

    QMenu* look = menuBar()->addMenu(tr("&Look"));
    auto both = [this](auto act) {
        return [this, act] {
            act(bench_->sheet(Side::Seen));
            act(bench_->sheet(Side::Drawn));
        };
    };
    add(look, tr("Zoom &in"), QKeySequence(Qt::CTRL | Qt::Key_Plus),
        both([](SheetView* v) { v->zoomBy(1.25); }));
    add(look, tr("Zoom &out"), QKeySequence(Qt::CTRL | Qt::Key_Minus),
        both([](SheetView* v) { v->zoomBy(0.8); }));
    add(look, tr("&Whole pictures"), QKeySequence(Qt::CTRL | Qt::Key_0),
        both([](SheetView* v) { v->fitWhole(); }));
    look->addSeparator();
    add(look, tr("Only what is &seen"), QKeySequence(Qt::Key_F7),
        [this] { bench_->toggleWide(Side::Seen); });
    add(look, tr("Only what is &drawn"), QKeySequence(Qt::Key_F8),
        [this] { bench_->toggleWide(Side::Drawn); });
    QAction* linked = add(look, tr("&Link the two sheets"), QKeySequence(Qt::Key_F9), [] {});
    linked->setCheckable(true);
    connect(linked, &QAction::toggled, bench_, &Bench::setLinked);
    QAction* overlay =
        add(look, tr("Lay the &construction over the sketch"), QKeySequence(Qt::Key_F6), [] {});
    overlay->setCheckable(true);
    overlay->setChecked(true);
    connect(overlay, &QAction::toggled, bench_, &Bench::setOverlay);
    look->addSeparator();
    QAction* dark = add(look, tr("Da&rk"), QKeySequence(Qt::Key_F4), [] {});
    dark->setCheckable(true);
    dark->setChecked(Theme::current().dark);
    connect(dark, &QAction::toggled, this, [this](bool on) {
        Theme::apply(*qApp, on);
        QSettings().setValue("dark", on);
        shelf_->refresh();
    });

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&Keys"), QKeySequence(Qt::Key_F1), [this] { showShortcuts(); });
}

void MainWindow::choosePicture(Side side) {
    if (side == Side::Drawn && !session_.isOpen())
        side = Side::Seen;
    QSettings settings;
    const QString file = QFileDialog::getOpenFileName(
        this, side == Side::Seen ? tr("A photograph of a head") : tr("A photograph of your sketch"),
        settings.value("folder").toString(), pictureFilter());
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    goTo(Place::Bench);
    bench_->takePicture(file, side);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QString file = event->mimeData()->urls().value(0).toLocalFile();
    const bool onDrawn =
        bench_->sheet(Side::Drawn)
            ->rect()
            .contains(bench_->sheet(Side::Drawn)->mapFrom(this, event->position().toPoint()));
    goTo(Place::Bench);
    bench_->takePicture(file, onDrawn && session_.isOpen() ? Side::Drawn : Side::Seen);
}

void MainWindow::showShortcuts() {
    QDialog dialog(this);
    dialog.setWindowTitle(tr("Keys"));
    auto* grid = new QGridLayout(&dialog);
    grid->setContentsMargins(24, 24, 24, 24);
    grid->setHorizontalSpacing(24);
    int row = 0;
    auto line = [&](const QString& keys, const QString& what) {
        auto* k = new QLabel(keys);
        k->setProperty(typeProperty, "strong");
        grid->addWidget(k, row, 0);
        grid->addWidget(new QLabel(what), row++, 1);
    };
    line(tr("Alt+1 … Alt+6"), tr("the steps of the course"));
    line(tr("Ctrl+1 … Ctrl+3"), tr("bench, shelf, cast room"));
    line(tr("Space"), tr("cannot see the next mark"));
    line(tr("Enter"), tr("drop the next mark where it is expected"));
    line(tr("Arrows"), tr("nudge the last mark by a pixel, with Shift by ten"));
    line(tr("Comma, full stop"), tr("while guessing: lean; the arrows turn and tilt"));
    line(tr("Backspace"), tr("back one"));
    line(tr("Plus, Minus, 0"), tr("zoom the sheet in use, or show the whole of it"));
    line(tr("Ctrl and drag"), tr("move the sheet; so does the middle button"));
    for (QMenu* menu : menuBar()->findChildren<QMenu*>(Qt::FindDirectChildrenOnly))
        for (const QAction* action : menu->actions())
            if (!action->shortcut().isEmpty())
                line(action->shortcut().toString(QKeySequence::NativeText),
                     action->text().remove('&').remove(QStringLiteral("…")));
    dialog.exec();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    session_.saveNow();
    QSettings().setValue("geometry", saveGeometry());
    event->accept();
}

} // namespace zokran
