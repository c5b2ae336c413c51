#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

#include <algorithm>

namespace zokran {

namespace {

constexpr double gap = 4, under = 9; // mm: between cards, and for the words under one

/// The words as far as they fit.
std::string shortened(PrintText text, Millimetres most) {
    if (widthOf(text) <= most)
        return text.text;
    std::string whole = text.text;
    while (!whole.empty()) {
        whole.pop_back();
        while (!whole.empty() && (static_cast<unsigned char>(whole.back()) & 0xC0) == 0x80)
            whole.pop_back(); // not in the middle of a letter
        if (!whole.empty() && static_cast<unsigned char>(whole.back()) >= 0xC0)
            whole.pop_back();
        text.text = whole + "…";
        if (widthOf(text) <= most)
            break;
    }
    return text.text;
}

} // namespace

std::vector<PrintSheet> contactSheets(const std::string& title, const std::vector<ContactHead>& heads,
                                      const PaperSize& paper, const Translator& translator) {
    const PrintableArea area(paper);
    const double margin = area.low.x(), top = margin + 12;
    const double room = area.width();
    const int columns = std::max(2, static_cast<int>(room / 60));
    const double wide = (room - (columns - 1) * gap) / columns, half = (wide - 1) / 2, high = 0.62 * wide;
    const int rows = std::max(1, static_cast<int>((area.high.y() - top - 8 + gap) / (high + under + gap)));
    const std::size_t each = static_cast<std::size_t>(columns * rows);
    const std::size_t pages = std::max<std::size_t>(1, (heads.size() + each - 1) / each);
    std::vector<PrintSheet> sheets;
    for (std::size_t page = 0; page < pages; ++page) {
        PrintSheet sheet{paper, {}};
        sheet.items.emplace_back(
            PrintText{{margin, margin + 5}, title, {5}, true, graphite, PrintText::Stands::Left});
        sheet.items.emplace_back(PrintText{{area.high.x(), margin + 5},
                                           translator.say(ZOKRAN_WORDS("{page} of {pages}"),
                                                          {{"page", std::to_string(page + 1)}, {"pages", std::to_string(pages)}}),
                                           {3},
                                           false,
                                           graphite,
                                           PrintText::Stands::Right});
        for (std::size_t i = page * each; i < std::min(heads.size(), (page + 1) * each); ++i) {
            const int place = static_cast<int>(i - page * each);
            const double x = margin + (place % columns) * (wide + gap),
                         y = top + (place / columns) * (high + under + gap);
            for (const auto& [picture, left] :
                 {std::pair{&heads[i].reference, x}, {&heads[i].sketch, x + half + 1}}) {
                PrintPath edge;
                edge.lines = {{{left, y}, {left + half, y}, {left + half, y + high}, {left, y + high}}};
                edge.ink = paleGraphite;
                edge.width = {0.15};
                edge.closed = true;
                if (picture->columns > 0) {
                    PrintPicture laid = *picture;
                    laid.corner = {left, y};
                    laid.width = {half};
                    laid.height = {high};
                    sheet.items.emplace_back(std::move(laid));
                }
                sheet.items.emplace_back(std::move(edge));
            }
            PrintText name{{x, y + high + 3.6}, heads[i].title, {3}, true, graphite};
            name.text = shortened(name, {wide});
            sheet.items.emplace_back(std::move(name));
            PrintText about{{x, y + high + 7.2}, heads[i].about, {2.6}, false, graphite};
            about.text = shortened(about, {wide});
            sheet.items.emplace_back(std::move(about));
        }
        sheets.push_back(std::move(sheet));
    }
    return sheets;
}

} // namespace zokran
