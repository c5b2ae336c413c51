#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

std::vector<PrintSheet> landmarkSheets(StudySession& session) {
    return {landmarksSheet(printed(session.photograph(Side::Reference)), *session.fit(),
                           session.analysis.lines(Side::Reference, Detail::Guides), session.layoutController.plan(),
                           paperNamed("a4"), learnersTranslator())};
}

} // namespace

const SheetKind landmarksSheetKind{"landmarks", ZOKRAN_WORDS("Photo beside its form, and a ruler of eyes"), lacksFit, landmarkSheets};

} // namespace zokran
