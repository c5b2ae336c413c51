#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> gridSheets(StudySession& session) {
    // Squares whatever form is chosen, edge coordinates where those are.
    const std::string form = session.study().form == "coordinates" ? "coordinates" : "grid";
    const auto squares = construct(formNamed(form), std::nullopt, session.fit()->head);
    return gridSheets(printed(session.photograph(Side::Reference)), squares->lines(session.fit()->view, Detail::Guides),
                      squares->lines(session.layoutController.plan().view, Detail::Guides),
                      session.layoutController.pageLayout().paper, learnersTranslator());
}

} // namespace

const SheetKind gridSheetKind{"grid", ZOKRAN_WORDS("Photo and paper under a grid"), lacksFit, gridSheets};

} // namespace zokran
