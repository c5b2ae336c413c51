#include "app/document/mended_picture.h"
#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

namespace {

QString lacks(const Desk& desk) {
    return desk.study().sketch() && desk.comparison()
               ? QString()
               : tr("a sketch that is marked and compared");
}

std::vector<PrintSheet> correctionSheets(Desk& desk) {
    const Sketch& attempt = *desk.study().sketch();
    const Comparison& c = *desk.comparison();
    const QImage drawing = desk.picture(Side::Sketch);
    PrintPicture mended;
    if (!drawing.isNull()) {
        constexpr double mostPixels = 1e6; // some 300 to the inch of what is shown
        const QImage small =
            mendedPicture(drawing, mendingOf(c, desk.study().reference, attempt.marks, nullptr), 1, mostPixels);
        mended = printed(small.scaled(drawing.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
    }
    return {correctionSheet(
        c, [&](const View& view) { return desk.analysis.linesSeenBy(view); }, printed(drawing),
        attempt.page.perPixel({1.0 * attempt.marks.width}), desk.study().title, paperNamed("a4"), learnersTranslator(), mended)};
}

} // namespace

const SheetKind correctionSheetKind{"correction", ZOKRAN_WORDS("Correction sheet"), lacks, correctionSheets};

} // namespace zokran
