#include "core/base/tone.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"

namespace zokran {

PrintSheet valuesSheet(const PaperSize& paper, const Translator& translator) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), width = std::min(180.0, area.width());
    double y = margin + 6;
    sheet.items.emplace_back(PrintText{{margin, y}, translator.say(ZOKRAN_WORDS("Value strips")), {6}, true,
                                       graphite});
    y += 5;
    y = addBlock(sheet,
                 {{margin, y + 3},
                  translator.say(ZOKRAN_WORDS(
                      "Cut them out and lay them beside the drawing, eyes half shut. Paper is the "
                      "lightest value and your softest pencil the darkest: a printer's black is neither, "
                      "so compare steps, not blacks.")),
                  {3.4}, false, graphite},
                 {width})
            .y();
    for (const int values : {3, 5, 10}) {
        y += 8;
        constexpr double high = 26;
        const double each = width / values;
        for (int i = 0; i < values; ++i) {
            const double grey =
                displayOfLinear(linearOfLightness(lightnessOfValue(i, values)));
            const double x = margin + i * each;
            PrintPath patch;
            patch.lines = {{{x, y}, {x + each, y}, {x + each, y + high}, {x, y + high}}};
            patch.ink = {grey, grey, grey};
            patch.closed = patch.filled = true;
            sheet.items.emplace_back(std::move(patch));
            sheet.items.emplace_back(PrintText{{x + each / 2, y + high + 5}, std::to_string(i + 1), {3.2},
                                               false, graphite, PrintText::Stands::Middle});
        }
        PrintPath edge;
        edge.lines = {{{margin, y}, {margin + width, y}, {margin + width, y + high}, {margin, y + high}}};
        edge.ink = paleGraphite;
        edge.width = {0.2};
        edge.closed = true;
        sheet.items.emplace_back(std::move(edge));
        if (values % 2)
            sheet.items.emplace_back(PrintText{{margin + width / 2, y + high + 9.5},
                                               translator.say(ZOKRAN_WORDS("middle of the scale")), {2.8}, false,
                                               graphite, PrintText::Stands::Middle});
        y += high + 10;
    }
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
