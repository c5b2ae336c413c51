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
    const auto perPixel = attempt.page.perPixel({1.0 * attempt.marks.width});
    const std::string& title = desk.study().title;
    std::vector<PrintSheet> sheets{correctionSheet(
        c, [&](const View& view) { return desk.analysis.linesSeenBy(view); }, printed(drawing), perPixel, title,
        paperNamed("a4"), learnersBook())};
    if (!drawing.isNull()) {
        constexpr double mostPixels = 3e6; // some 200 to the inch of the sheet
        const QImage mended =
            mendedPicture(drawing, mendingOf(c, desk.study().reference, attempt.marks, nullptr), 1, mostPixels);
        sheets.push_back(mendedSheet(c, printed(mended.scaled(drawing.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation)),
                                     perPixel, title, paperNamed("a4"), learnersBook()));
    }
    return sheets;
}

} // namespace

const SheetKind correctionSheetKind{"correction", ZOKRAN_WORDS("Correction sheet"), lacks, correctionSheets};

} // namespace zokran
