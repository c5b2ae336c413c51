#include "app/text/language.h"
#include "tests/app/tests.h"

#include <QApplication>
#include <QtTest>

/// Runs every class of window tests; a name as the first argument runs that class alone.
int main(int argc, char** argv) {
    QApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    QApplication app(argc, argv);
    zokran::speak(app, "en"); // the catalogue of plurals
    QString only;
    QStringList arguments = app.arguments();
    if (arguments.size() > 1 && arguments[1].endsWith("Test"))
        only = arguments.takeAt(1);
    int failed = 0;
    for (const auto& make : zokran::test::windowTests()) {
        const std::unique_ptr<QObject> test = make();
        const QString name = QString(test->metaObject()->className()).section("::", -1);
        if (only.isEmpty() || name == only)
            failed += QTest::qExec(test.get(), arguments);
    }
    return failed ? 1 : 0;
}
