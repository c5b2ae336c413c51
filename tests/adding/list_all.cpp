// Prints what is registered, one a line: the list it stands in, and its id. For tools/adding.

#include "app/course/draw/approach.h"
#include "app/course/step.h"
#include "app/print/sheet_kind.h"
#include "app/progress/chart.h"
#include "app/view_modes/view_mode.h"
#include "app/widgets/theme.h"
#include "cast/drills/drill.h"
#include "core/construction/forms.h"
#include "core/files/canon_file.h"
#include "core/measure/kinds.h"

#include <QApplication>
#include <QTemporaryDir>
#include <fmt/format.h>

int main(int count, char** words) {
    using namespace zokran;
    QApplication app(count, words);
    for (const FormKind* form : forms())
        fmt::print("form {}\n", form->id);
    for (const MeasureKind* kind : measureKinds())
        fmt::print("measure {}\n", kind->id);
    for (const Drill* drill : drills())
        fmt::print("drill {}\n", drill->id);
    for (const ProgressChart* chart : progressCharts())
        fmt::print("chart {}\n", chart->id);
    for (const SheetKind* sheet : sheetKinds())
        fmt::print("sheet {}\n", sheet->id);
    for (const Canon& canon : canons())
        fmt::print("canon {}\n", canon.id);
    for (const auto& mode : viewModes())
        fmt::print("view-mode {}\n", mode->id());
    for (const auto& approach : approaches())
        fmt::print("approach {}\n", approach->id());
    for (const ThemeKind& theme : themeKinds())
        fmt::print("theme {}\n", theme.id);
    QTemporaryDir folder;
    Logbook logbook(folder.path().toStdString());
    StudySession session(logbook);
    for (const auto& step : course(session))
        fmt::print("step {}\n", step->id());
}
