#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

QString lacks(const Desk& desk) {
    return desk.study().sketch() && desk.comparison()
               ? QString()
               : tr("a sketch that is marked and compared");
}

std::vector<PrintSheet> correctionSheets(Desk& desk) {
    const Sketch& attempt = *desk.study().sketch();
    return {correctionSheet(
        *desk.comparison(), [&](const View& view) { return desk.analysis.linesSeenBy(view); },
        printed(desk.picture(Side::Sketch)), attempt.page.perPixel({1.0 * attempt.marks.width}),
        desk.study().title, paperNamed("a4"), learnersBook())};
}

} // namespace

const SheetKind correctionSheetKind{"correction", ZOKRAN_WORDS("Correction sheet"), lacks, correctionSheets};

} // namespace zokran
