#pragma once

#include "app/document/study_session.h"
#include "core/print/drawing.h"

#include <span>

namespace zokran {

/// A sheet that can be printed for the study on the bench. Each kind is one file of app/print/kinds; the
/// list of them stands below.
struct SheetKind {
    const char* id;   ///< also what its file is called
    const char* name; ///< in English, to be translated
    /// What it still needs, such as "a head that is blocked in"; empty when it can be made.
    QString (*lacks)(const StudySession& session);
    std::vector<PrintSheet> (*make)(StudySession& session);
};

/// The list: one name for each file of app/print/kinds.
#define ZOKRAN_SHEET_KINDS \
    correctionSheetKind, guideSheetKind, stepsSheetKind, gridSheetKind, landmarksSheetKind, valuesSheetKind, \
    planesSheetKind, ballsSheetKind, materialsSheetKind
extern const SheetKind ZOKRAN_SHEET_KINDS;

std::span<const SheetKind* const> sheetKinds();

/// What most of them lack.
QString lacksFit(const StudySession& session);
QString lacksNothing(const StudySession& session);

/// A picture of the bench as it is printed; no columns while it is being decoded.
PrintPicture printed(const QImage& picture);

} // namespace zokran
