#include "app/camera/camera_source.h"
#include "app/library/demo.h"
#include "app/text/language.h"
#include "app/widgets/theme.h"
#include "app/window/workspace.h"
#include "app/window/launch.h"
#include "app/window/main_window.h"
#include "app/window/one_window.h"
#include "app/window/view_pictures.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <QUrl>
#include <cstdio>
#include <cstring>

namespace {

using namespace zokran;

/// The last net: what escapes a slot is told and the program goes on.
class Application : public QApplication {
public:
    using QApplication::QApplication;
    Launch* launch = nullptr;

    bool notify(QObject* receiver, QEvent* event) override {
        try {
            return QApplication::notify(receiver, event);
        } catch (const std::exception& e) {
            if (launch && launch->window())
                launch->window()->tell(QString::fromUtf8(e.what()));
            else
                std::fprintf(stderr, "zokran: %s\n", e.what());
            return false;
        }
    }
};

struct Options {
    QCommandLineParser parser;
    QCommandLineOption data{
        "data", QCoreApplication::translate("main", "Keep the logbook in this folder."), "folder"};
    QCommandLineOption demo{
        "demo", QCoreApplication::translate(
                    "main", "Use the demo's own logbook, filled with a course of studies.")};
    QCommandLineOption pictures{
        "pictures",
        QCoreApplication::translate("main",
                                    "Leave a PNG of each main view in this folder and quit."),
        "folder"};
    QCommandLineOption camera{
        "camera-folder",
        QCoreApplication::translate("main", "Play the pictures of this folder as a camera: \"Watch with a camera\" offers it."),
        "folder"};

    Options() {
        QCoreApplication::setApplicationName("zokran");
        QCoreApplication::setOrganizationName("zokran");
        QCoreApplication::setApplicationVersion(ZOKRAN_VERSION);
        parser.setApplicationDescription(QCoreApplication::translate(
            "main", "Measures portrait drawings against their reference."));
        parser.addHelpOption();
        parser.addVersionOption();
        parser.addOptions({data, demo, pictures, camera});
        parser.addPositionalArgument(
            "files",
            QCoreApplication::translate("main", "Photographs, folders of them, and bundles to open."),
            "[files...]");
    }
};

/// Help and version need no display, and there may be none.
bool asksOnlyForWords(int argc, char** argv) {
    for (int i = 1; i < argc; ++i)
        for (const char* word : {"-h", "--help", "--help-all", "-v", "--version"})
            if (std::strcmp(argv[i], word) == 0)
                return true;
    return false;
}

} // namespace

int main(int argc, char** argv) {
    Options options;
    if (asksOnlyForWords(argc, argv)) {
        QCoreApplication app(argc, argv);
        options.parser.process(app);
        return 0;
    }
    Application app(argc, argv);
    options.parser.process(app);
    QString folder =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/zokran";
    const bool demo = options.parser.isSet(options.demo);
    if (demo)
        folder += "/demo";
    if (options.parser.isSet(options.data))
        folder = options.parser.value(options.data);
    if (options.parser.isSet(options.camera))
        setCameraFolder(options.parser.value(options.camera));
    QStringList files;
    for (const QString& file : options.parser.positionalArguments()) {
        const QUrl url = QUrl::fromUserInput(file, QDir::currentPath(), QUrl::AssumeLocalFile);
        files << QFileInfo(url.isLocalFile() ? url.toLocalFile() : file).absoluteFilePath();
    }
    OneWindow one(folder.toStdString());
    const bool views = options.parser.isSet(options.pictures);
    if (!views && one.handOver(files))
        return 0;
    speak(app, QSettings().value("language").toString().toStdString());
    // As the desktop is, until the learner says otherwise.
    constexpr int middleGrey = 128;
    const bool desktopIsDark = app.palette().color(QPalette::Window).lightness() < middleGrey;
    if (!views) // the manual's pictures are alike everywhere
        Theme::followType(app.font());
    // "dark" is what was kept before there were three.
    const bool isDark = QSettings().value("dark", desktopIsDark).toBool();
    Theme::apply(app, QSettings().value("colours", isDark ? "dark" : "light").toString());
    Launch launch(folder.toStdString(), demo ? fillWithDemo : std::function<void(Logbook&)>());
    app.launch = &launch;
    launch.start();
    QObject::connect(&one, &OneWindow::wanted, &app, [&launch](const QStringList& wanted) {
        if (launch.window())
            launch.window()->openFiles(wanted);
        else if (launch.startWindow())
            launch.startWindow()->activateWindow();
    });
    if (!views)
        one.listen();
    if (launch.window() && !files.isEmpty())
        launch.window()->openFiles(files);
    if (views) {
        if (!launch.window())
            return 1;
        launch.window()->resize(1280, 800);
        return takePictures(app, *launch.window(), options.parser.value(options.pictures)) ? 0 : 1;
    }
    return app.exec();
}
