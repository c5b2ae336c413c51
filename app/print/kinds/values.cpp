#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> valueSheets(StudySession& session) {
    Q_UNUSED(session);
    return {valuesSheet(paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind valuesSheetKind{"values", ZOKRAN_WORDS("Value strips"), lacksNothing, valueSheets};

} // namespace zokran
