#include "core/base/quantity_text.h"
#include "core/construction/lines.h"
#include "core/messages/line_messages.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

#include <algorithm>

namespace zokran {

namespace {

/// A ruler with a unit of its own: long ticks at wholes, middle at halves, short at thirds.
void addRuler(PrintSheet& sheet, const PaperPoint& at, Millimetres length, Millimetres unit,
              const std::string& name) {
    PrintPath ruler;
    ruler.ink = graphite;
    ruler.width = {0.25};
    ruler.lines.push_back({at, PaperPoint(at.x() + length.value, at.y())});
    const int sixths = static_cast<int>(6 * (length / unit));
    for (int i = 0; i <= sixths; ++i) {
        const double x = at.x() + i * unit.value / 6;
        const double tick = i % 6 == 0 ? 7 : i % 3 == 0 ? 5 : i % 2 == 0 ? 3 : 0;
        if (tick > 0)
            ruler.lines.push_back({{x, at.y()}, {x, at.y() - tick}});
        if (i % 6 == 0 && i > 0)
            sheet.items.emplace_back(PrintText{{x, at.y() - 8}, std::to_string(i / 6), {3.2}, true,
                                            graphite, PrintText::Stands::Middle});
    }
    sheet.items.emplace_back(std::move(ruler));
    sheet.items.emplace_back(PrintText{{at.x(), at.y() + 4.5}, name, {3}, false, graphite});
}

} // namespace

PrintSheet landmarksSheet(const PrintPicture& photo, const Fit& fit,
                          const std::vector<GuideLine>& form, const PagePlan& plan,
                          const PaperSize& paper, const Translator& translator) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), gap = 8, foot = 46;
    const double width = (area.width() - gap) / 2, height = area.height() - foot;
    // The head with its neck, the same part of both.
    const double r = fit.view.outlineRadius().value;
    const PicturePoint low = fit.view.project(HeadPoint(0, -0.35, 0)) - PicturePoint(1.5, 1.75) * r;
    const double scale = std::min(width / (3 * r), height / (3.4 * r));
    if (photo.columns > 0) {
        PrintPicture part;
        const int left = std::clamp(static_cast<int>(low.x()), 0, photo.columns - 1);
        const int top = std::clamp(static_cast<int>(low.y()), 0, photo.rows - 1);
        part.columns = std::clamp(static_cast<int>(low.x() + 3 * r), left + 1, photo.columns) - left;
        part.rows = std::clamp(static_cast<int>(low.y() + 3.4 * r), top + 1, photo.rows) - top;
        for (int y = top; y < top + part.rows; ++y) {
            const auto row = photo.pixels.begin() + 4L * (static_cast<long>(y) * photo.columns + left);
            part.pixels.insert(part.pixels.end(), row, row + 4L * part.columns);
        }
        part.corner = PaperPoint(PicturePoint(margin, margin) + scale * (PicturePoint(left, top) - low));
        part.width = {scale * part.columns};
        part.height = {scale * part.rows};
        sheet.items.emplace_back(std::move(part));
    }
    const PicturePoint corner(margin + width + gap, margin);
    std::vector<GuideLine> head = form;
    std::erase_if(head, [](const GuideLine& line) { return isOfBody(line.id); });
    addLines(sheet, head,
             [&](const PicturePoint& p) { return PaperPoint(corner + scale * (p - low)); }, false);
    // The levels named at the edge, a leader to each, none upon another.
    struct Name {
        PicturePoint end;
        std::string words;
    };
    std::vector<Name> names;
    for (const GuideLine& line : form)
        if (const LineEntry* entry = lineNamed(line.id); entry && entry->level && !line.hidden) {
            const auto rightmost =
                std::max_element(line.points.begin(), line.points.end(),
                                 [](const auto& a, const auto& b) { return a.x() < b.x(); });
            const PicturePoint end = corner + scale * (*rightmost - low);
            const std::string words = wordsForLine(line.id, translator);
            const auto known = std::find_if(names.begin(), names.end(),
                                            [&](const Name& n) { return n.words == words; });
            if (known == names.end())
                names.push_back({end, words});
            else if (end.x() > known->end.x())
                known->end = end;
        }
    std::sort(names.begin(), names.end(),
              [](const Name& a, const Name& b) { return a.end.y() < b.end.y(); });
    double free = 0;
    for (const Name& name : names) {
        const double y = std::max(name.end.y(), free);
        free = y + 4.2;
        const double x = area.high.x();
        const PrintText text{{x, y + 1}, name.words, {3}, true, coolInk, PrintText::Stands::Right};
        sheet.line({PaperPoint(name.end), PaperPoint(x - widthOf(text).value - 1, y)}, {0.15}, coolInk);
        sheet.items.emplace_back(text);
    }
    // The nearer eye as the plan has it, a ruler to cut out.
    using enum Mark;
    const auto eye = [&](Mark inner, Mark outer) {
        return Millimetres{
            (plan.view.project(fit.head[inner]) - plan.view.project(fit.head[outer])).norm()};
    };
    const Millimetres unit = std::max(eye(InnerEyeL, OuterEyeL), eye(InnerEyeR, OuterEyeR));
    addRuler(sheet, PaperPoint(margin, area.high.y() - 22), {area.width()}, unit,
             translator.say(ZOKRAN_WORDS("This drawing's own ruler: one unit is the nearer eye, {length} mm; "
                                         "halves and thirds between."),
                            {{"length", fmt::format("{:.1f}", unit)}}));
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
