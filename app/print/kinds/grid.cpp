#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> gridSheets(Desk& desk) {
    // Squares whatever form is chosen, edge coordinates where those are.
    const std::string form = desk.study().form == "coordinates" ? "coordinates" : "grid";
    const auto squares = construct(formNamed(form), std::nullopt, desk.fit()->head);
    return gridSheets(printed(desk.photograph(Side::Reference)),
                      squares->lines(desk.fit()->view, Detail::Guides),
                      squares->lines(desk.layoutController.plan().view, Detail::Guides),
                      desk.layoutController.pageLayout().paper, learnersTranslator());
}

} // namespace

const SheetKind gridSheetKind{"grid", ZOKRAN_WORDS("Photo and paper under a grid"), lacksFit, gridSheets};

} // namespace zokran
