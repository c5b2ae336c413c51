#pragma once

#include "app/study/study_session.h"

#include <QMainWindow>

class QPushButton;
class QStackedWidget;

namespace zokran {

class Bench;
class CastRoom;
class Shelf;

/// The one window: places at the far left, the place itself beside them, a menu for everything.
class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    explicit MainWindow(Logbook& logbook, QWidget* parent = nullptr);

    enum class Place { Bench, Shelf, CastRoom };
    void goTo(Place place);
    Bench* bench() { return bench_; }
    CastRoom* castRoom() { return castRoom_; }
    StudySession& session() { return session_; }

    /// Puts the study last open back on the bench, when there is one.
    void reopenLast();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void buildMenus();
    void choosePicture(Side side);
    void showShortcuts();

    StudySession session_;
    QStackedWidget* places_;
    std::vector<QPushButton*> placeButtons_;
    Bench* bench_;
    Shelf* shelf_;
    CastRoom* castRoom_;
};

} // namespace zokran
