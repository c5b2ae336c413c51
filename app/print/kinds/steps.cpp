#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> stepSheets(StudySession& session) {
    return {stepsSheet(formNamed(session.study().form), session.analysis.lines(Side::Reference), session.fit()->view,
                       paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind stepsSheetKind{"steps", ZOKRAN_WORDS("The form, step by step"), lacksFit, stepSheets};

} // namespace zokran
