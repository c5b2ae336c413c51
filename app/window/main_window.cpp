#include "app/window/main_window.h"

#include "app/camera/camera_dialog.h"
#include "app/cast_room/cast_room.h"
#include "app/document/picture_file.h"
#include "app/library/library.h"
#include "app/practice/drill_page.h"
#include "app/practice/practice.h"
#include "app/print/print.h"
#include "app/progress/progress_place.h"
#include "app/sheet/sheet_file.h"
#include "app/telephone/telephone_dialog.h"
#include "app/text/messages.h"
#include "app/widgets/theme.h"
#include "app/widgets/touch_targets.h"
#include "app/widgets/wheel_guard.h"
#include "app/window/live_sitter_dialog.h"
#include "app/window/manual.h"
#include "app/window/message_bar.h"
#include "app/window/shortcut_dialog.h"
#include "app/window/walk.h"
#include "app/window/workspace.h"
#include "core/files/canon_file.h"
#include "core/print/write.h"

#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QRandomGenerator>
#include <QSettings>
#include <QShortcut>
#include <QStackedWidget>

namespace zokran {

namespace {

bool isBundle(const QString& file) {
    return file.endsWith(".zokran", Qt::CaseInsensitive) || file.endsWith(".zip", Qt::CaseInsensitive);
}

} // namespace

MainWindow::MainWindow(Logbook& logbook, QWidget* parent) : QMainWindow(parent), session_(logbook) {
    setWindowTitle(tr("Zokran"));
    setAcceptDrops(true);
    qApp->installEventFilter(new WheelGuard(this));
    qApp->installEventFilter(new TouchTargets(this));
    resize(1280, 800);
    buildPlaces();
    connectPlaces();
    buildMenus();
    QSettings settings;
    restoreGeometry(settings.value("geometry").toByteArray());
    goTo(Place::Workspace);
}

void MainWindow::buildPlaces() {
    auto* centre = new QWidget;
    auto* row = new QHBoxLayout(centre);
    row->setContentsMargins(8, 8, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(4);
    for (const QString& name : {tr("Bench"), tr("Shelf"), tr("Cast room"), tr("Practice"), tr("Progress")}) {
        auto* button = new QPushButton(name);
        button->setProperty("role", "place");
        button->setCheckable(true);
        button->setMinimumWidth(atType(88));
        const auto place = static_cast<Place>(placeButtons_.size());
        const auto go = [this, place] { goTo(place); };
        connect(button, &QPushButton::clicked, this, go);
        // Not the button's own shortcut, which only acts once its press has been shown.
        const auto key = static_cast<Qt::Key>(Qt::Key_1 + placeButtons_.size());
        auto* keys = new QShortcut(QKeySequence(Qt::CTRL | key), this);
        connect(keys, &QShortcut::activated, this, go);
        column->addWidget(button);
        placeButtons_.push_back(button);
    }
    column->addStretch();
    row->addLayout(column);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    row->addLayout(right, 1);
    right->addWidget(trouble_ = new MessageBar);
    right->addWidget(walk_ = new Walk);
    places_ = new QStackedWidget;
    places_->addWidget(workspace_ = new Workspace(session_));
    places_->addWidget(library_ = new Library(session_.document, session_.pictures, session_.intake));
    places_->addWidget(castRoom_ = new CastRoom);
    places_->addWidget(practice_ = new Practice(session_.document, session_.clock, session_.sitting));
    places_->addWidget(progress_ = new ProgressPlace(session_.document));
    right->addWidget(places_, 1);
    setCentralWidget(centre);
    undo_.addStack(&session_.document.undoStack());
    undo_.addStack(&practice_->undoStack());
}

MainWindow::~MainWindow() {
    // What holds a reference to the session goes before the session.
    delete takeCentralWidget();
    delete manual_;
}

void MainWindow::tell(const QString& message, std::optional<Action> action, std::optional<Action> other) {
    trouble_->tell(message, std::move(action), std::move(other));
}

void MainWindow::noteSaved(const QString& file) {
    trouble_->note(tr("Saved: %1").arg(QFileInfo(file).fileName()));
}

void MainWindow::connectPlaces() {
    connect(&session_, &StudySession::fileSaved, this, &MainWindow::noteSaved);
    connect(walk_, &Walk::ownPhotograph, this, [this] {
        goTo(Place::Workspace);
        choosePicture(Side::Reference);
    });
    connect(walk_, &Walk::at, this, [this](const std::string& step, Place place) {
        goTo(place);
        if (place == Place::Workspace && session_.document.isOpen())
            session_.document.goTo(step);
    });
    connect(&session_.document, &Document::troubled, this, [this](const QString& message) { tell(message); });
    connect(&session_.document, &Document::opened, trouble_, &QWidget::hide);
    connect(&session_, &StudySession::pictureTaken, trouble_, &QWidget::hide);
    connect(&session_.document, &Document::logbookGone, this, [this](const QString& message) {
        tell(message, Action{tr("Keep it in another &folder…"), [this] { emit otherFolderWanted(); }});
    });
    connect(&session_.document, &Document::studyGone, this, [this](const QString& message) {
        tell(message,
             Action{tr("Keep it as a &new study"),
                    [this] {
                        if (session_.document.keepAsNew())
                            trouble_->hide();
                    }},
             Action{tr("&Let it go"), [this] {
                        session_.document.close();
                        trouble_->hide();
                        goTo(Place::Library);
                    }});
    });
    connect(&session_, &StudySession::choosePicture, this, &MainWindow::choosePicture);
    for (const auto& [wanted, act] :
         {std::pair{&StudySession::saveSheet, &MainWindow::saveSheets}, {&StudySession::printSheet, &MainWindow::printSheets}})
        connect(&session_, wanted, this, [this, act = act](const char* id) {
            for (const SheetKind* kind : sheetKinds())
                if (std::string_view(kind->id) == id)
                    (this->*act)(*kind);
        });
    connect(&session_, &StudySession::toTelephone, this, &MainWindow::openTelephone);
    connect(&session_, &StudySession::toCamera, this, &MainWindow::openCamera);
    connect(&session_, &StudySession::toShelf, this, [this] { goTo(Place::Library); });
    connect(&session_, &StudySession::toCastRoom, this, [this] { goTo(Place::CastRoom); });
    connect(castRoom_, &CastRoom::taken, this, [this](const QString& file, const QString& sitter) {
        goTo(Place::Workspace);
        session_.takePicture(file, Side::Reference, sitter);
    });
    connect(castRoom_, &CastRoom::troubled, &session_.document, &Document::troubled);
    connect(library_, &Library::newStudy, this, [this] { choosePicture(Side::Reference); });
    connect(library_, &Library::folderWanted, this, &MainWindow::takeFolder);
    connect(practice_, &Practice::nextHead, this, &MainWindow::layNextHead);
    connect(practice_, &Practice::lookAgain, this, [this](StudyId id) {
        session_.document.tryEdit([&] {
            session_.document.open(id);
            session_.document.goTo("check");
        });
        goTo(Place::Workspace);
    });
    connect(&session_.sitting, &TimedSitting::headWanted, this, &MainWindow::layNextHead);
    const auto lay = [this](StudyId id) {
        session_.document.tryEdit([&] { session_.document.open(id); });
        goTo(Place::Workspace);
    };
    connect(library_, &Library::chosen, this, lay);
    connect(progress_, &ProgressPlace::chosen, this, lay);
    connect(practice_, &Practice::studyWanted, this, lay);
    connect(progress_, &ProgressPlace::drillWanted, this, [this](const QString& drill) {
        goTo(Place::Practice);
        practice_->drills()->choose(drill.toStdString());
    });
    connect(progress_, &ProgressPlace::poseWanted, this, &MainWindow::takeHead);
    connect(&session_.document, &Document::changed, this, [this] {
        setWindowTitle(session_.document.isOpen() ? tr("%1 – Zokran").arg(qt(session_.study().title)) : tr("Zokran"));
    });
}

void MainWindow::takeHead(const Pose& pose) {
    goTo(Place::CastRoom);
    castRoom_->anotherSitter();
    castRoom_->stand(pose);
    castRoom_->take();
}

void MainWindow::takeNextHead() {
    // What was drawn least, or least well, comes first, so that no pose is avoided.
    std::vector<Drawing> drawings;
    session_.document.tryEdit([&] {
        for (const Logbook::DrawnFigures& row : session_.document.logbook().drawnFigures())
            if (!row.figures.empty()) {
                drawings.push_back(parseFigures(row.figures));
                drawings.back().head = row.study;
            }
    });
    constexpr std::size_t choice = 6;
    const auto cells = posesToDraw(progressOf(std::move(drawings)), choice);
    const PoseCell& c = cells[QRandomGenerator::global()->bounded(static_cast<quint32>(cells.size()))];
    const auto within = [](Degrees low, Degrees high) {
        return Degrees{low.value + QRandomGenerator::global()->generateDouble() * (high - low).value};
    };
    takeHead(poseFromDegrees(within(c.turnLow, c.turnHigh), within(c.tiltLow, c.tiltHigh),
                             within({-12}, {12})));
}

void MainWindow::layNextHead() {
    // The learner's own references first, those that wait longest; then the cast room's.
    StudyId wanted = 0;
    session_.document.tryEdit([&] {
        for (const StudySummary& study : session_.document.logbook().studies())
            if (study.drawn.empty() && !study.referencePicture.empty() && !session_.sitting.wasShown(study.id) &&
                (session_.sitting.isOn() || session_.document.id() != study.id))
                wanted = study.id;
    });
    if (!wanted)
        return takeNextHead();
    goTo(Place::Workspace);
    if (!session_.document.tryEdit([&] { session_.document.open(wanted); }))
        session_.sitting.end();
}

void MainWindow::goTo(Place place) {
    if (place == Place::Library) {
        session_.document.saveNow();
        library_->refresh();
    } else if (place == Place::Practice || place == Place::Progress) {
        session_.document.saveNow();
        place == Place::Practice ? practice_->refresh() : progress_->refresh();
    }
    undo_.setActiveStack(place == Place::Practice ? &practice_->undoStack() : &session_.document.undoStack());
    places_->setCurrentIndex(static_cast<int>(place));
    for (std::size_t i = 0; i < placeButtons_.size(); ++i)
        placeButtons_[i]->setChecked(i == static_cast<std::size_t>(place));
}

void MainWindow::reopenLast() {
    session_.document.tryEdit([&] {
        const std::string last = session_.document.logbook().remembered("open_study");
        char* end = nullptr;
        const StudyId id = std::strtoll(last.c_str(), &end, 10);
        // Where the study has gone the bench is simply empty.
        for (const StudySummary& study : session_.document.logbook().studies())
            if (!last.empty() && study.id == id)
                return session_.document.open(id);
    });
}

void MainWindow::saveSheet(Side side) {
    if (workspace_->sheet(side)->scene().picture.isNull() && workspace_->sheet(side)->scene().overlays.empty())
        return tell(tr("There is nothing on this sheet yet."));
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(
        this, tr("Save this sheet"), settings.value("folder").toString(), sheetFileFilter());
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    session_.document.tryEdit([&] {
        saveScene(workspace_->sheet(side)->scene(), file);
        noteSaved(file);
    });
}

std::vector<PrintSheet> MainWindow::sheetsOf(const SheetKind& kind) {
    std::vector<PrintSheet> sheets;
    if (const QString lacks = kind.lacks(session_); !lacks.isEmpty())
        emit session_.document.troubled(tr("%1: this needs %2.").arg(qt(learnersTranslator().say(kind.name)), lacks));
    else
        session_.document.tryEdit([&] { sheets = kind.make(session_); });
    return sheets;
}

void MainWindow::printSheets(const SheetKind& kind) {
    if (const auto sheets = sheetsOf(kind); !sheets.empty())
        previewSheets(sheets, this);
}

void MainWindow::saveSheets(const SheetKind& kind) {
    const auto sheets = sheetsOf(kind);
    if (sheets.empty())
        return;
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(
        this, tr("Save for printing"), QString("%1/%2.pdf").arg(settings.value("folder").toString(), kind.id),
        sheets.size() == 1 ? tr("Documents (*.pdf);;Drawings (*.svg)") : tr("Documents (*.pdf)"));
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    session_.document.tryEdit([&] {
        writeSheets(sheets, file.toStdString());
        noteSaved(file);
    });
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QString file = event->mimeData()->urls().value(0).toLocalFile();
    QStringList files;
    for (const QUrl& url : event->mimeData()->urls())
        files << url.toLocalFile();
    if (files.size() > 1 || QFileInfo(file).isDir() || isBundle(file))
        return openFiles(files);
    if (file.endsWith(".json", Qt::CaseInsensitive)) { // a school of the learner's own
        goTo(Place::Workspace);
        session_.document.tryEdit([&] {
            const Canon canon = keepCanon(file.toStdString());
            if (session_.document.isOpen())
                session_.document.edit(tr("Change the canon"), {}, [&](Study& s) { s.canon = canon.id; });
        });
        return;
    }
    SheetView* drawn = workspace_->sheet(Side::Sketch);
    const bool onDrawn = drawn->isVisible() &&
                         drawn->rect().contains(drawn->mapFrom(this, event->position().toPoint()));
    goTo(Place::Workspace);
    session_.takePicture(file, onDrawn ? Side::Sketch : Side::Reference);
}

void MainWindow::showManual() {
    constexpr const char* pages[] = {"", "shelf", "practice", "practice", "progress"};
    const QString page = pages[places_->currentIndex()];
    openManual(page.isEmpty() ? qt(workspace_->step().id()) : page);
}

void MainWindow::openManual(const QString& page) {
    if (!manual_)
        manual_ = new Manual(this);
    manual_->openAt(page);
}

void MainWindow::showShortcuts() {
    ShortcutDialog(menuBar(), static_cast<int>(workspace_->steps().size()), static_cast<int>(placeButtons_.size()), this).exec();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!session_.document.saveNow()) {
        goTo(Place::Workspace);
        tell(tr("The last change could not be saved, so Zokran stays open. %1").arg(session_.document.saveTrouble()),
             Action{tr("Try again and quit"), [this] { close(); }}, Action{tr("Quit without it"), [this] {
                                                                               session_.document.giveUp();
                                                                               close();
                                                                           }});
        event->ignore();
        return;
    }
    QSettings().setValue("geometry", saveGeometry());
    event->accept();
}

} // namespace zokran
