#include "app/print/sheet_kind.h"
#include "app/widgets/words.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> guideSheets(Desk& desk) {
    return {guideSheet(desk.planning.lines(desk.planning.plan()), desk.planning.placing().paper,
                       learnersBook())};
}

} // namespace

const SheetKind guideSheetKind{"guide", ZOKRAN_WORDS("The form alone, to trace"), lacksNothing, guideSheets};

} // namespace zokran
