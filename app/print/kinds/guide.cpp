#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> guideSheets(StudySession& session) {
    return {guideSheet(session.layoutController.lines(session.layoutController.plan()),
                       session.layoutController.pageLayout().paper, learnersTranslator())};
}

} // namespace

const SheetKind guideSheetKind{"guide", ZOKRAN_WORDS("The form alone, to trace"), lacksNothing, guideSheets};

} // namespace zokran
