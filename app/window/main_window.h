#pragma once

#include "app/document/desk.h"
#include "app/document/scan_folder.h"
#include "app/print/sheet_kind.h"

#include <QMainWindow>
#include <QTemporaryDir>

class QPushButton;
class QStackedWidget;

namespace zokran {

class Bench;
class CastRoom;
class Practice;
class ProgressPlace;
class Shelf;

/// The one window: places at the far left, the place itself beside them, a menu for everything.
class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    explicit MainWindow(Logbook& logbook, QWidget* parent = nullptr);

    enum class Place { Bench, Shelf, CastRoom, Practice, Progress };
    void goTo(Place place);
    Bench* bench() { return bench_; }
    CastRoom* castRoom() { return castRoom_; }
    Practice* practice() { return practice_; }
    ProgressPlace* progress() { return progress_; }
    Desk& desk() { return desk_; }

    /// Puts the study last open back on the bench, when there is one.
    void reopenLast();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void buildPlaces();
    /// Sets a head of the cast room up and takes its picture.
    void takeHead(const Pose& pose);
    void takeNextHead();
    void connectPlaces();
    void buildMenus();
    void buildLookMenu();
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys,
                 const std::function<void()>& act);
    void choosePicture(Side side);
    /// Takes a picture, or a picture's file, off the clipboard as a sketch of the study on the bench, or
    /// else as a reference.
    void paste();
    void watchScans(bool on);
    void saveSheet(Side side);
    void buildSheetMenus(QMenu* study);
    /// The sheets of a kind for the study on the bench; none, and why is told, where it lacks something.
    std::vector<PrintSheet> sheetsOf(const SheetKind& kind);
    void saveSheets(const SheetKind& kind);
    void showShortcuts();

    Desk desk_;
    QStackedWidget* places_;
    std::vector<QPushButton*> placeButtons_;
    Bench* bench_;
    Shelf* shelf_;
    CastRoom* castRoom_;
    Practice* practice_;
    ProgressPlace* progress_;
    ScanFolder scans_;
    QAction* watching_ = nullptr;
    QTemporaryDir pasted_; ///< what was pasted lies here until the logbook has its copy
};

} // namespace zokran
