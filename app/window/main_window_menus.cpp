// The menus of the window.

#include "app/document/expression_marking.h"
#include "app/document/line_annotation.h"
#include "app/print/print.h"
#include "app/sheet/sheet_file.h"
#include "app/library/library.h"
#include "app/text/language.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "app/window/easel_view.h"
#include "app/window/workspace.h"
#include "app/window/main_window.h"
#include "app/window/walk.h"
#include "core/files/comparison_file.h"
#include "core/files/fit_file.h"
#include "core/messages/line_messages.h"

#include <QActionGroup>
#include <QApplication>
#include <QClipboard>
#include <QFileDialog>
#include <QMenuBar>
#include <QScreen>
#include <QSettings>

namespace zokran {

QAction* MainWindow::add(QMenu* menu, const QString& text, const QKeySequence& keys,
                         const std::function<void()>& act) {
    QAction* action = menu->addAction(text);
    action->setShortcut(keys);
    if (act)
        connect(action, &QAction::triggered, this, act);
    return action;
}

void MainWindow::buildMenus() {
    QMenu* study = menuBar()->addMenu(tr("&Study"));
    add(study, tr("&New from a photograph…"), QKeySequence::Open,
        [this] { choosePicture(Side::Reference); });
    add(study, tr("A s&itter who is there…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { readLiveSitter(); });
    add(study, tr("A f&older of photographs…"), {}, [this] { takeFolder(); });
    add(study, tr("Take in a &bundle of studies…"), {}, [this] {
        const QString file = QFileDialog::getOpenFileName(
            this, tr("A bundle of studies"), QSettings().value("folder").toString(),
            tr("Studies (*.zokran *.zip)"));
        if (!file.isEmpty())
            openFiles({file});
    });
    add(study, tr("Back &up the whole logbook…"), {}, [this] {
        goTo(Place::Library);
        library_->saveBundle(true);
    });
    add(study, tr("Open the &sketch's photograph…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O),
        [this] { choosePicture(Side::Sketch); });
    const auto atTheCheck = [this](void (PageDetection::*act)()) {
        goTo(Place::Workspace);
        if (!session_.study().sketch())
            return tell(tr("There is no sketch on the bench yet."));
        session_.document.goTo("check");
        (session_.page.*act)();
    };
    add(study, tr("Lay the sketch's pa&ge flat…"), {}, [=] { atTheCheck(&PageDetection::adjust); });
    add(study, tr("Scale the sketch by a &known length…"), {}, [=, this] {
        if (session_.page.flat())
            return tell(tr("The page is laid flat, and tells the scale by itself."));
        atTheCheck(&PageDetection::layLength);
    });
    QMenu* lines = study->addMenu(tr("Lay a dra&wn line over the sketch"));
    for (DrawnLine line : allDrawnLines)
        add(lines, capital(qt(wordsFor(line, learnersTranslator()))), {}, [this, line] {
            goTo(Place::Workspace);
            if (!session_.study().sketch())
                return tell(tr("There is no sketch on the bench yet."));
            startLineAnnotation(session_, line);
        });
    add(study, tr("Mark eyebrows, lids and lips"), {}, [this] {
        goTo(Place::Workspace);
        if (!session_.comparison())
            return tell(tr("Eyebrows, lids and lips are marked when the head is fitted and the sketch is compared."));
        startExpression(session_);
    });
    add(study, tr("Paste a &picture"), QKeySequence::Paste, [this] { paste(); });
    add(study, tr("Take it with the &telephone…"), QKeySequence(Qt::CTRL | Qt::Key_T), [this] { openTelephone(); });
    add(study, tr("Watch with a &camera…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T), [this] { openCamera(); });
    watching_ = add(study, tr("Take in scans from a &folder…"), {}, {});
    watching_->setCheckable(true);
    connect(watching_, &QAction::toggled, this, &MainWindow::watchScans);
    connect(&scans_, &ScanFolder::arrived, this, [this](const QString& file) {
        goTo(Place::Workspace);
        session_.takePicture(file, Side::Sketch);
    });
    add(study, tr("Take a picture in the &cast room"), {}, [this] { goTo(Place::CastRoom); });
    study->addSeparator();
    add(study, tr("Save the &left sheet…"), {}, [this] { saveSheet(Side::Reference); });
    add(study, tr("Save the &right sheet…"), QKeySequence(Qt::CTRL | Qt::Key_E),
        [this] { saveSheet(Side::Sketch); });
    study->addSeparator();
    buildSheetMenus(study);
    study->addSeparator();
    add(study, tr("&Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* change = menuBar()->addMenu(tr("&Change"));
    QAction* undo = undo_.createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = undo_.createRedoAction(this, tr("&Redo"));
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    change->addActions({undo, redo});
    change->addSeparator();
    for (const auto& [name, side, keys] :
         {std::tuple{tr("Copy the &left sheet"), Side::Reference, QKeySequence()},
          {tr("&Copy the right sheet"), Side::Sketch, QKeySequence(QKeySequence::Copy)}})
        add(change, name, keys, [this, side = side] {
            if (const Scene& scene = workspace_->sheet(side)->scene(); !scene.overlays.empty())
                QApplication::clipboard()->setImage(sceneImage(scene));
        });
    add(change, tr("Copy the &numbers"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), [this] {
        if (session_.comparison())
            QApplication::clipboard()->setText(
                qt(comparisonText(*session_.comparison(), session_.study().marks(Side::Sketch), session_.study().tolerances)));
        else if (session_.fit())
            QApplication::clipboard()->setText(qt(fitText(*session_.fit())));
    });
    buildLookMenu();
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&Manual: this step"), QKeySequence(Qt::Key_F1), [this] { showManual(); });
    add(help, tr("&Keys"), QKeySequence(Qt::SHIFT | Qt::Key_F1), [this] { showShortcuts(); });
    add(help, tr("&Find anything…"), QKeySequence(Qt::Key_F2), [this] { findAnything(); });
    add(help, tr("A &walk round, three minutes"), {}, [this] { walk_->begin(); });
}

void MainWindow::buildLookMenu() {
    QMenu* look = menuBar()->addMenu(tr("&Look"));
    auto both = [this](auto act) {
        return [this, act] {
            act(workspace_->sheet(Side::Reference));
            act(workspace_->sheet(Side::Sketch));
        };
    };
    add(look, tr("Zoom &in"), QKeySequence(Qt::CTRL | Qt::Key_Plus),
        both([](SheetView* v) { v->zoomBy(1.25); }));
    add(look, tr("Zoom &out"), QKeySequence(Qt::CTRL | Qt::Key_Minus),
        both([](SheetView* v) { v->zoomBy(0.8); }));
    add(look, tr("&Whole pictures"), QKeySequence(Qt::CTRL | Qt::Key_0),
        both([](SheetView* v) { v->fitWhole(); }));
    add(look, tr("From the &easel"), QKeySequence(Qt::Key_F11), [this] {
        goTo(Place::Workspace);
        auto* easel = new EaselView(*workspace_, this);
        easel->setGeometry(screen()->geometry());
        easel->showFullScreen();
    });
    look->addSeparator();
    const std::pair<QString, Detail> depths[] = {{tr("Ball and &planes"), Detail::Planes},
                                                 {tr("With &guides"), Detail::Guides},
                                                 {tr("Planes of the &head"), Detail::Head}};
    for (const auto& [name, detail] : depths)
        add(look, name, QKeySequence(Qt::Key_0 + static_cast<int>(detail)), [this, detail = detail] {
            if (session_.document.isOpen())
                session_.document.edit(tr("Change the depth of detail"), {}, [&](Study& s) { s.look.detail = detail; });
        });
    look->addSeparator();
    add(look, tr("Only what is &seen"), QKeySequence(Qt::Key_F7),
        [this] { workspace_->toggleWide(Side::Reference); });
    add(look, tr("Only what is &drawn"), QKeySequence(Qt::Key_F8),
        [this] { workspace_->toggleWide(Side::Sketch); });
    auto choice = [&](const QString& text, Qt::Key key, bool on, auto act) {
        QAction* action = add(look, text, QKeySequence(key), {});
        action->setCheckable(true);
        action->setChecked(on);
        connect(action, &QAction::toggled, this, act);
    };
    choice(tr("&Link the two sheets"), Qt::Key_F9, false,
           [this](bool on) { workspace_->setLinked(on); });
    choice(tr("Lay the &construction over the sketch"), Qt::Key_F6, true,
           [this](bool on) { workspace_->setOverlay(on); });
    choice(tr("Tell me when the drawing &drifts"), Qt::Key_F10, session_.history.tells(),
           [this](bool on) { session_.history.setTells(on); });
    look->addSeparator();
    buildColourMenu(look);
    buildLanguageMenu(look);
}

void MainWindow::buildColourMenu(QMenu* look) {
    QMenu* menu = look->addMenu(tr("&Colours"));
    auto* group = new QActionGroup(menu);
    for (const ThemeKind& kind : themeKinds()) {
        QAction* action = add(menu, qt(learnersTranslator().say(kind.name)), {}, [this, id = QString(kind.id)] {
            Theme::apply(*qApp, id);
            QSettings().setValue("colours", id);
            library_->refresh();
        });
        action->setCheckable(true);
        action->setChecked(Theme::current().id == kind.id);
        group->addAction(action);
    }
    menu->addSeparator();
    add(menu, tr("&Next colours"), QKeySequence(Qt::Key_F4), [group] {
        const auto all = group->actions();
        all[(all.indexOf(group->checkedAction()) + 1) % all.size()]->trigger();
    });
}

void MainWindow::buildLanguageMenu(QMenu* look) {
    QMenu* menu = look->addMenu(tr("Lan&guage"));
    auto* group = new QActionGroup(menu);
    const QString now = QSettings().value("language").toString();
    const auto offer = [&](const QString& name, const QString& code) {
        QAction* action = add(menu, name, {}, [this, code] {
            QSettings().setValue("language", code);
            emit languageChosen(code.toStdString());
        });
        action->setCheckable(true);
        action->setChecked(code == now);
        group->addAction(action);
    };
    offer(tr("The &system's"), QString());
    for (const Language& language : languages())
        offer(language.name, language.code);
}

void MainWindow::buildSheetMenus(QMenu* study) {
    QMenu* print = study->addMenu(tr("&Print on paper"));
    QMenu* save = study->addMenu(tr("Sa&ve for printing"));
    for (const SheetKind* kind : sheetKinds()) {
        const bool correction = kind == &correctionSheetKind;
        const QString name = qt(learnersTranslator().say(kind->name)) + "…";
        add(print, name, correction ? QKeySequence(QKeySequence::Print) : QKeySequence(), [this, kind] { printSheets(*kind); });
        add(save, name,
            correction ? QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E) : QKeySequence(),
            [this, kind] { saveSheets(*kind); });
    }
}

} // namespace zokran
