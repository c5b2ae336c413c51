#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> stepSheets(Desk& desk) {
    return {stepsSheet(formNamed(desk.study().form), desk.analysis.lines(Side::Reference), desk.fit()->view,
                       paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind stepsSheetKind{"steps", ZOKRAN_WORDS("The form, step by step"), lacksFit, stepSheets};

} // namespace zokran
