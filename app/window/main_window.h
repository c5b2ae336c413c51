#pragma once

#include "app/course/step.h"
#include "app/document/scan_folder.h"
#include "app/document/study_session.h"
#include "app/print/sheet_kind.h"
#include "app/window/command_finder.h"
#include "app/window/place.h"

#include <QMainWindow>
#include <QPointer>
#include <QTemporaryDir>
#include <QUndoGroup>

class QPushButton;
class QStackedWidget;

namespace zokran {

class Workspace;
class CastRoom;
class Practice;
class ProgressPlace;
class Library;
class MessageBar;
class Manual;
class CameraDialog;
class LiveSitterDialog;
class TelephoneDialog;
class Walk;

/// The one window: places at the far left, the place itself beside them, a menu for everything.
class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    explicit MainWindow(Logbook& logbook, QWidget* parent = nullptr);
    ~MainWindow() override;

    using Place = zokran::Place;
    void goTo(Place place);
    Workspace* workspace() { return workspace_; }
    CastRoom* castRoom() { return castRoom_; }
    Practice* practice() { return practice_; }
    ProgressPlace* progress() { return progress_; }
    StudySession& session() { return session_; }
    Walk* walk() { return walk_; }
    /// Opens a photograph on the bench, takes several or folders of them and bundles in, and comes to the front.
    void openFiles(const QStringList& files);
    /// Says something above the place shown, until it is waved off or the next study is opened; with an
    /// action, offers it.
    void tell(const QString& message, std::optional<Action> action = {}, std::optional<Action> other = {});

    /// Puts the study last open back on the bench, when there is one.
    void reopenLast();

signals:
    /// By its code, empty for the system's; the window has to be built anew to speak it.
    void languageChosen(const std::string& code);
    /// The logbook's file is gone from its folder, and the learner wants to keep what is open elsewhere.
    void otherFolderWanted();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void buildPlaces();
    /// Sets a head of the cast room up and takes its picture.
    void takeHead(const Pose& pose);
    void takeNextHead();
    void layNextHead();
    void connectPlaces();
    void buildMenus();
    void buildLookMenu();
    void noteSaved(const QString& file);
    void buildColourMenu(QMenu* look);
    void buildLanguageMenu(QMenu* look);
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys,
                 const std::function<void()>& act);
    void choosePicture(Side side);
    /// Takes a picture, or a picture's file, off the clipboard as a sketch of the study on the bench, or
    /// else as a reference.
    void paste();
    void takeFolder();
    void watchScans(bool on);
    /// Shows a dialog from which pictures arrive, made where there is none yet.
    template <class Sheet>
    void showPictureDialog(QPointer<Sheet>& sheet);
    /// Opens the dialog with the code for a telephone, or brings it to the front.
    void openTelephone();
    void openCamera();
    void readLiveSitter();
    void saveSheet(Side side);
    void buildSheetMenus(QMenu* study);
    /// The sheets of a kind for the study on the bench; none, and why is told, where it lacks something.
    std::vector<PrintSheet> sheetsOf(const SheetKind& kind);
    void saveSheets(const SheetKind& kind);
    void printSheets(const SheetKind& kind);
    void showManual();
    void openManual(const QString& page);
    void showShortcuts();
    /// Everything that can be found by its name: what menus do, places, steps, marks and lines, studies, the manual's pages.
    std::vector<Command> commands();
    void findAnything();

    StudySession session_;
    QUndoGroup undo_; ///< the bench's way back, or that of the place to practise
    QStackedWidget* places_;
    MessageBar* trouble_;
    Walk* walk_;
    Manual* manual_ = nullptr;
    std::vector<QPushButton*> placeButtons_;
    Workspace* workspace_;
    Library* library_;
    CastRoom* castRoom_;
    Practice* practice_;
    ProgressPlace* progress_;
    ScanFolder scans_;
    QPointer<TelephoneDialog> telephone_;
    QPointer<CameraDialog> camera_;
    QPointer<LiveSitterDialog> liveSitter_;
    QAction* watching_ = nullptr;
    QTemporaryDir pasted_; ///< what was pasted lies here until the logbook has its copy
};

} // namespace zokran
