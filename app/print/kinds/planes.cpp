#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> planesSheets(StudySession& session) {
    return {
        planesSheet(*session.fit(), session.analysis.bust(), session.light.lighting(), paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind planesSheetKind{"planes", ZOKRAN_WORDS("The head in planes"), lacksFit, planesSheets};

} // namespace zokran
