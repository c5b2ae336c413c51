#include "app/window/view_pictures.h"

#include "app/cast_room/cast_room.h"
#include "app/cast_room/cast_view.h"
#include "app/document/marking.h"
#include "app/document/measuring.h"
#include "app/practice/drill_page.h"
#include "app/practice/practice.h"
#include "app/progress/progress_place.h"
#include "app/widgets/theme.h"
#include "app/window/main_window.h"
#include "app/window/workspace.h"

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
    StudySession& session = window.session();
    bool good = true;
    auto take = [&](const QString& name) {
        settle([&] { return session.pictures.decoding() == 0; });
        good = window.grab().save(folder + "/" + name + ".png") && good;
    };
    for (const auto& step : window.workspace()->steps()) {
        session.document.goTo(step->id());
        take(QString::fromStdString(step->id()));
    }
    // The light as it is read off the photograph; it is taken back.
    session.document.goTo("light");
    session.light.read(session.picture(Side::Reference));
    settle([&] { return !session.light.isReading(); });
    int squinting = 0;
    settle([&] { return ++squinting > 60; });
    take("light");
    while (session.study().lighting)
        session.document.undoStack().undo();
    session.document.goTo("check");
    // The plaster that the sketch shows takes a moment to be made.
    session.viewMode.choose("drawn-head");
    settle([&] { return !window.workspace()->sheet(Side::Sketch)->scene().picture.isNull(); });
    take("head-you-drew");
    session.viewMode.choose("laid-over");
    take("laid-over");
    session.viewMode.choose("side-by-side");
    // The page as it came, its corners to be put right; then what looks wrong; each is taken back.
    if (session.study().sketch()) {
        session.page.look(session.photograph(Side::Sketch));
        settle([&] { return !session.page.isLooking(); });
        session.page.adjust();
        take("page");
        session.page.finish();
        while (session.page.flat())
            session.document.undoStack().undo();
        session.document.edit({}, {}, [](Study& s) { s.sketch()->selfAssessment.reset(); });
        session.selection.check.toggleAssessed(Part::Mouth);
        session.selection.check.toggleAssessed(Part::Turn);
        take("say-it-first");
        session.document.undoStack().undo();
    }
    // Three measurements, the last selected.
    session.document.goTo("measure");
    for (const auto& [kind, ends] :
         {std::pair{"stick", std::vector{Mark::Brow, Mark::Chin}},
          {"angle", {Mark::OuterEyeR, Mark::OuterEyeL}},
          {"plumb", {Mark::InnerEyeR}}}) {
        session.selection.measuring.setCurrent({kind, {}, false});
        for (Mark m : ends)
            putEnd(session, Side::Reference, {m, {0, 0}});
    }
    session.selection.measuring.select(0);
    take("measure");
    while (!session.study().measures.empty())
        session.document.undoStack().undo();
    session.document.goTo("check");
    Theme::apply(app, "dark");
    take("check-dark");
    Theme::apply(app, "light");
    // A guess as a learner might leave it, a little off; then it is taken back.
    if (session.fit()) {
        session.document.goTo("block-in");
        startGuess(session);
        Guess guess = *session.study().guess;
        guess.pose = session.fit()->pose;
        guess.pose.turn *= 0.7;
        guess.ball = session.fit()->ball();
        setGuess(session, {}, {}, guess);
        take("guess");
        while (session.study().guess)
            session.document.undoStack().undo();
        session.document.goTo("check");
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
