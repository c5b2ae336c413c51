#include "app/bench/bench.h"
#include "app/cast_room/cast_room.h"
#include "app/demo.h"
#include "app/theme/theme.h"
#include "app/window/main_window.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QThread>
#include <cstdio>

namespace {

using namespace zokran;

/// Leaves one PNG of each main view in `folder`.
bool takePictures(QApplication& app, MainWindow& window, const QString& folder) {
    if (!QDir().mkpath(folder))
        return false;
    bool good = true;
    auto take = [&](const QString& name) {
        QCoreApplication::processEvents();
        QCoreApplication::processEvents();
        good = window.grab().save(folder + "/" + name + ".png") && good;
    };
    const std::pair<Step, const char*> steps[] = {
        {Step::SetUp, "set-up"}, {Step::BlockIn, "block-in"}, {Step::Guides, "guides"},
        {Step::Draw, "draw"},    {Step::Check, "check"},      {Step::Keep, "keep"}};
    for (const auto& [step, name] : steps) {
        window.bench()->setStep(step);
        take(name);
    }
    window.bench()->setStep(Step::Check);
    Theme::apply(app, true);
    take("check-dark");
    Theme::apply(app, false);
    // A guess as a learner might leave it, a little off; then it is taken back.
    StudySession& session = window.session();
    if (session.fit()) {
        window.bench()->setStep(Step::BlockIn);
        session.startGuess();
        Guess guess = *session.study().guess;
        guess.pose = session.fit()->pose;
        guess.pose.turn.value *= 0.7;
        guess.ball = session.fit()->ball();
        session.setGuess(app.translate("main", "Guess first"), {}, guess);
        take("guess");
        while (session.study().guess)
            session.undoStack().undo();
        window.bench()->setStep(Step::Check);
    }
    window.goTo(MainWindow::Place::Shelf);
    take("shelf");
    window.goTo(MainWindow::Place::CastRoom);
    for (int i = 0; i < 600 && window.castRoom()->view()->picture().height() < 800; ++i)
        QThread::msleep(20), QCoreApplication::processEvents();
    take("cast-room");
    return good;
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QCoreApplication::setApplicationName("zokran");
    QCoreApplication::setOrganizationName("zokran");
    QCommandLineParser parser;
    parser.setApplicationDescription(
        app.translate("main", "Measures portrait drawings against their reference."));
    parser.addHelpOption();
    const QCommandLineOption data("data", app.translate("main", "Keep the logbook in this folder."),
                                  "folder");
    const QCommandLineOption demo(
        "demo", app.translate("main", "Use the demo's own logbook, filled with a course of studies."));
    const QCommandLineOption pictures(
        "pictures", app.translate("main", "Leave a PNG of each main view in this folder and quit."),
        "folder");
    parser.addOptions({data, demo, pictures});
    parser.process(app);

    QString folder =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/zokran";
    if (parser.isSet(demo))
        folder += "/demo";
    if (parser.isSet(data))
        folder = parser.value(data);
    try {
        Logbook logbook(folder.toStdString());
        if (parser.isSet(demo))
            fillWithDemo(logbook);
        Theme::apply(app, QSettings().value("dark", false).toBool());
        MainWindow window(logbook);
        window.reopenLast();
        window.show();
        if (parser.isSet(pictures)) {
            window.resize(1280, 800);
            return takePictures(app, window, parser.value(pictures)) ? 0 : 1;
        }
        return app.exec();
    } catch (const BadInput& e) {
        std::fprintf(stderr, "zokran: %s\n", e.what());
        return 2;
    }
}
