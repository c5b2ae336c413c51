#include "app/window/view_pictures.h"

#include "app/cast_room/cast_room.h"
#include "app/document/marking.h"
#include "app/widgets/theme.h"
#include "app/window/bench.h"
#include "app/window/main_window.h"

#include <QApplication>
#include <QDeadlineTimer>
#include <QDir>
#include <QThread>

namespace zokran {

namespace {

void settle(const std::function<bool()>& ready) {
    const QDeadlineTimer limit(12000);
    while (!limit.hasExpired()) {
        QCoreApplication::processEvents();
        if (ready())
            break;
        QThread::msleep(10);
    }
    QCoreApplication::processEvents();
}

} // namespace

bool takePictures(QApplication& app, MainWindow& window, const QString& folder) {
    if (!QDir().mkpath(folder))
        return false;
    Desk& desk = window.desk();
    bool good = true;
    auto take = [&](const QString& name) {
        settle([&] { return desk.pictures.decoding() == 0; });
        good = window.grab().save(folder + "/" + name + ".png") && good;
    };
    for (const auto& step : window.bench()->steps()) {
        desk.document.goTo(step->id());
        take(QString::fromStdString(step->id()));
    }
    desk.document.goTo("check");
    Theme::apply(app, true);
    take("check-dark");
    Theme::apply(app, false);
    // A guess as a learner might leave it, a little off; then it is taken back.
    if (desk.fit()) {
        desk.document.goTo("block-in");
        startGuess(desk);
        Guess guess = *desk.study().guess;
        guess.pose = desk.fit()->pose;
        guess.pose.turn *= 0.7;
        guess.ball = desk.fit()->ball();
        setGuess(desk, {}, {}, guess);
        take("guess");
        while (desk.study().guess)
            desk.document.undoStack().undo();
        desk.document.goTo("check");
    }
    window.goTo(MainWindow::Place::Shelf);
    int waited = 0;
    settle([&] { return ++waited > 120; });
    take("shelf");
    window.goTo(MainWindow::Place::CastRoom);
    settle([&] { return window.castRoom()->view()->picture().height() >= 800; });
    take("cast-room");
    return good;
}

} // namespace zokran
