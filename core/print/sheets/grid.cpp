#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

std::vector<PrintSheet> gridSheets(const PrintPicture& photo, const std::vector<GuideLine>& overPhoto,
                                   const std::vector<GuideLine>& onPaper, const PaperSize& paper,
                                   const Translator& translator) {
    const PrintableArea area(paper);
    PrintSheet reference{paper, {}};
    const double width = area.width(), height = area.height() - 8;
    PrintPicture put = photo;
    const double scale = std::min(width / put.columns, height / put.rows);
    put.width = {scale * put.columns};
    put.height = {scale * put.rows};
    put.corner = PaperPoint((paper.width - put.width) / 2, sheetMargin);
    const PaperPoint corner = put.corner;
    reference.items.emplace_back(std::move(put));
    addLines(reference, overPhoto,
             [&](const PicturePoint& p) { return PaperPoint(corner + scale * p); }, false);
    addBar(reference, translator);
    std::vector<PrintSheet> both;
    both.push_back(std::move(reference));
    both.push_back(guideSheet(onPaper, paper, translator));
    return both;
}

} // namespace zokran
