#include "app/document/mended_picture.h"
#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

QString lacks(const StudySession& session) {
    return session.study().sketch() && session.comparison() ? QString() : tr("a sketch that is marked and compared");
}

std::vector<PrintSheet> correctionSheets(StudySession& session) {
    const Sketch& attempt = *session.study().sketch();
    const Comparison& c = *session.comparison();
    const QImage drawing = session.picture(Side::Sketch);
    PrintPicture mended;
    if (!drawing.isNull()) {
        constexpr double mostPixels = 1e6; // some 300 to the inch of what is shown
        const QImage small =
            mendedPicture(drawing, mendingOf(c, session.study().reference, attempt.marks, nullptr), 1, mostPixels);
        mended = printed(small.scaled(drawing.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
    }
    return {correctionSheet(
        c, [&](const View& view) { return session.analysis.linesSeenBy(view); }, printed(drawing),
        attempt.page.perPixel({1.0 * attempt.marks.width}), session.study().title, paperNamed("a4"), learnersTranslator(),
        mended)};
}

} // namespace

const SheetKind correctionSheetKind{"correction", ZOKRAN_WORDS("Correction sheet"), lacks, correctionSheets};

} // namespace zokran
