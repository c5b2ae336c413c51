#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

PrintSheet guideSheet(const std::vector<GuideLine>& lines, const PaperSize& paper,
                      const Translator& translator) {
    PrintSheet sheet{paper, {}};
    addLines(sheet, lines, [](const PicturePoint& p) { return PaperPoint(p); }, true);
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
