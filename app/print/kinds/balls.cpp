#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> ballSheets(StudySession& session) {
    // Another twelve for each study.
    return ballSheets(static_cast<std::uint32_t>(session.document.id().value_or(1)), paperNamed("a4"), learnersTranslator());
}

} // namespace

const SheetKind ballsSheetKind{"balls", ZOKRAN_WORDS("Twelve balls to draw on"), lacksNothing, ballSheets};

} // namespace zokran
