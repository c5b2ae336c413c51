#include "app/window/view_pictures.h"

#include "app/cast_room/cast_room.h"
#include "app/cast_room/cast_view.h"
#include "app/document/marking.h"
#include "app/document/measuring.h"
#include "app/practice/drill_desk.h"
#include "app/practice/practice.h"
#include "app/progress/progress_place.h"
#include "app/widgets/theme.h"
#include "app/window/workspace.h"
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
    for (const auto& step : window.workspace()->steps()) {
        desk.document.goTo(step->id());
        take(QString::fromStdString(step->id()));
    }
    // The light as it is read off the photograph; it is taken back.
    desk.document.goTo("light");
    desk.light.read(desk.picture(Side::Reference));
    settle([&] { return !desk.light.isReading(); });
    int squinting = 0;
    settle([&] { return ++squinting > 60; });
    take("light");
    while (desk.study().lighting)
        desk.document.undoStack().undo();
    desk.document.goTo("check");
    // The plaster that the sketch shows takes a moment to be made.
    desk.viewMode.choose("drawn-head");
    settle([&] { return !window.workspace()->sheet(Side::Sketch)->scene().picture.isNull(); });
    take("head-you-drew");
    desk.viewMode.choose("laid-over");
    take("laid-over");
    desk.viewMode.choose("side-by-side");
    // The page as it came, its corners to be put right; then what looks wrong; each is taken back.
    if (desk.study().sketch()) {
        desk.page.look(desk.photograph(Side::Sketch));
        settle([&] { return !desk.page.isLooking(); });
        desk.page.adjust();
        take("page");
        desk.page.finish();
        while (desk.page.flat())
            desk.document.undoStack().undo();
        desk.document.edit({}, {}, [](Study& s) { s.sketch()->selfAssessment.reset(); });
        desk.selection.check.toggleAssessed(Part::Mouth);
        desk.selection.check.toggleAssessed(Part::Turn);
        take("say-it-first");
        desk.document.undoStack().undo();
    }
    // Three measurements, the last taken up.
    desk.document.goTo("measure");
    for (const auto& [kind, ends] :
         {std::pair{"stick", std::vector{Mark::Brow, Mark::Chin}},
          {"angle", {Mark::OuterEyeR, Mark::OuterEyeL}},
          {"plumb", {Mark::InnerEyeR}}}) {
        desk.selection.measuring.setCurrent({kind, {}, false});
        for (Mark m : ends)
            putEnd(desk, Side::Reference, {m, {0, 0}});
    }
    desk.selection.measuring.select(0);
    take("measure");
    while (!desk.study().measures.empty())
        desk.document.undoStack().undo();
    desk.document.goTo("check");
    Theme::apply(app, "dark");
    take("check-dark");
    Theme::apply(app, "light");
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
    window.goTo(MainWindow::Place::Library);
    int waited = 0;
    settle([&] { return ++waited > 120; });
    take("shelf");
    window.goTo(MainWindow::Place::CastRoom);
    settle([&] { return window.castRoom()->view()->picture().height() >= 800; });
    take("cast-room");
    window.goTo(MainWindow::Place::Progress);
    settle([&] { return !window.progress()->isWorking(); });
    take("progress");
    window.goTo(MainWindow::Place::Practice);
    window.practice()->drills()->choose("find");
    settle([&] { return !window.practice()->drills()->isMaking(); });
    take("practice");
    return good;
}

} // namespace zokran
