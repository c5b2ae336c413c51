#include "app/print/sheet_kind.h"
#include "app/widgets/words.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> landmarkSheets(Desk& desk) {
    return {landmarksSheet(printed(desk.photograph(Side::Seen)), *desk.fit(),
                           desk.analysis.lines(Side::Seen, Detail::Guides), desk.planning.plan(),
                           paperNamed("a4"), learnersBook())};
}

} // namespace

const SheetKind landmarksSheetKind{"landmarks", ZOKRAN_WORDS("Photo beside its form, and a ruler of eyes"), lacksFit, landmarkSheets};

} // namespace zokran
