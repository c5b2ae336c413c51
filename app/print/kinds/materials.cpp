#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> materialSheets(StudySession& session) {
    return {materialsSheet(formNamed(session.study().form), paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind materialsSheetKind{"materials", ZOKRAN_WORDS("Materials and steps"), lacksNothing, materialSheets};

} // namespace zokran
