#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> landmarkSheets(Desk& desk) {
    return {landmarksSheet(printed(desk.photograph(Side::Reference)), *desk.fit(),
                           desk.analysis.lines(Side::Reference, Detail::Guides), desk.layoutController.plan(),
                           paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind landmarksSheetKind{"landmarks", ZOKRAN_WORDS("Photo beside its form, and a ruler of eyes"), lacksFit, landmarkSheets};

} // namespace zokran
