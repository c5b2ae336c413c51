#include "core/construction/lines.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

#include <algorithm>
#include <cmath>

namespace zokran {

PrintSheet stepsSheet(const FormKind& form, const std::vector<GuideLine>& lines, const View& view,
                      const PaperSize& paper, const Translator& translator) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), foot = 14, gap = 6;
    const int count = static_cast<int>(form.steps.size());
    const double width = area.width(), height = area.height() - foot;
    // As many columns as make the panels largest.
    const double r = view.outlineRadius().value, needs = 3.4, words = 16;
    int columns = 1;
    double scale = 0;
    for (int c = 1; c <= count; ++c) {
        const int rows = (count + c - 1) / c;
        const double panel = std::min((width - gap * (c - 1)) / c,
                                      (height - gap * (rows - 1)) / rows - words);
        if (panel / (needs * r) > scale) {
            scale = panel / (needs * r);
            columns = c;
        }
    }
    const int rows = (count + columns - 1) / columns;
    const double across = (width - gap * (columns - 1)) / columns,
                 down = (height - gap * (rows - 1)) / rows;
    const PicturePoint middle = view.project(HeadPoint(0, -0.35, 0));
    for (int i = 0; i < count; ++i) {
        const PaperPoint corner(margin + (i % columns) * (across + gap),
                                margin + (i / columns) * (down + gap));
        const PaperPoint at(corner.x() + across / 2, corner.y() + (down - words) / 2);
        std::vector<GuideLine> before, now;
        for (const GuideLine& line : lines)
            if (isOfBody(line.id))
                continue;
            else if (line.step == i + 1 || (line.step == 0 && i + 1 == count))
                now.push_back(line);
            else if (line.step > 0 && line.step <= i)
                before.push_back(line);
        const auto onSheet = [&](const PicturePoint& p) { return PaperPoint(at + scale * (p - middle)); };
        addLines(sheet, before, onSheet, true);
        addLines(sheet, now, onSheet, false);
        addNumber(sheet, PaperPoint(corner.x() + 3, corner.y() + 3), i + 1, graphite);
        addBlock(sheet,
                 {{corner.x(), corner.y() + down - words + 5},
                  translator.say(form.steps[static_cast<std::size_t>(i)].words), {3.2}, false, graphite},
                 {across});
    }
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
