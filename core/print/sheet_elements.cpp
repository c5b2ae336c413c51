#include "core/print/sheet_elements.h"

#include "core/print/write.h"

namespace zokran {

void addBar(PrintSheet& sheet, const Translator& translator) {
    const PrintableArea area(sheet.paper);
    const double left = area.low.x(), y = area.high.y() + 3;
    PrintPath bar;
    bar.ink = graphite;
    bar.width = {0.25};
    bar.lines.push_back({{left, y}, {left + 100, y}});
    for (int i = 0; i <= 10; ++i)
        bar.lines.push_back({{left + 10 * i, y}, {left + 10 * i, y - (i % 5 ? 1.2 : 2.2)}});
    sheet.items.emplace_back(std::move(bar));
    PrintText words{{left + 103, y}, translator.say(ZOKRAN_WORDS("100 mm: measure it; print at 100 %")), {2.8},
                    false, graphite};
    if (words.at.x() + widthOf(words).value > area.high.x() + 8)
        words.at = PaperPoint(left, y - 4); // beside the bar is no room on a narrow sheet
    sheet.items.emplace_back(std::move(words));
}

PaperPoint addBlock(PrintSheet& sheet, PrintText text, Millimetres width) {
    constexpr double leading = 1.35;
    for (const std::string& line : broken(text, width)) {
        PrintText put = text;
        put.text = line;
        sheet.items.emplace_back(std::move(put));
        text.at += PaperPoint({}, leading * text.size);
    }
    return text.at;
}

void addArrow(PrintSheet& sheet, const PaperPoint& from, const PaperPoint& to, const Ink& ink) {
    const Eigen::Vector2d way = to - from;
    const double length = way.norm();
    if (length < 0.05)
        return;
    const Eigen::Vector2d along = way / length, aside(-along.y(), along.x());
    const double head = std::min(2.6, length);
    sheet.line({from, PaperPoint(to - 0.8 * head * along)}, {0.6}, ink);
    PrintPath tip;
    tip.lines = {{to, PaperPoint(to - head * along + 0.42 * head * aside),
                  PaperPoint(to - head * along - 0.42 * head * aside)}};
    tip.ink = ink;
    tip.closed = tip.filled = true;
    sheet.items.emplace_back(std::move(tip));
}

namespace {

std::vector<PaperPoint> circleRound(const PaperPoint& at, double radius) {
    std::vector<PaperPoint> ring;
    for (int i = 0; i < 36; ++i) {
        const double a = i * std::numbers::pi / 18;
        ring.push_back(PaperPoint(at.x() + radius * std::cos(a), at.y() + radius * std::sin(a)));
    }
    return ring;
}

/// A word before the end of a line, where neither the line nor one that meets it there runs through it; on a white ground,
/// since a photograph may lie under it.
void addLabel(PrintSheet& sheet, const PaperPoint& end, const PaperPoint& next, const std::string& word, Ink ink) {
    constexpr double before = 3.4, radius = 2.2, size = 2.8; // mm
    const double length = (end - next).norm();
    const PaperPoint at = length > 0 ? PaperPoint(end + before / length * (end - next)) : end;
    PrintPath ground{{circleRound(at, radius)}, {0.1}, {1, 1, 1}};
    ground.closed = ground.filled = true;
    sheet.items.emplace_back(std::move(ground));
    ink.strength = 1;
    sheet.items.emplace_back(PrintText{{at.x(), at.y() + 0.36 * size}, word, {size}, false, ink, PrintText::Stands::Middle});
}

} // namespace

void addLines(PrintSheet& sheet, const std::vector<GuideLine>& lines,
              const std::function<PaperPoint(const PicturePoint&)>& onSheet, bool light) {
    for (const GuideLine& line : lines) {
        PrintPath path;
        path.lines.emplace_back();
        for (const PicturePoint& p : line.points)
            path.lines.back().push_back(onSheet(p));
        path.ink = line.kind == LineKind::Construction ? chalkInk : coolInk;
        path.ink.strength = line.hidden ? 0.35 : line.light || light ? 0.5 : 1;
        path.width = {line.hidden ? 0.15 : line.light || light ? 0.22 : 0.45};
        if (line.hidden)
            path.dashes = {{1}, {1.2}};
        if (!line.label.empty() && path.lines.back().size() > 1)
            addLabel(sheet, path.lines.back()[0], path.lines.back()[1], line.label, path.ink);
        sheet.items.emplace_back(std::move(path));
    }
}

void addNumber(PrintSheet& sheet, const PaperPoint& at, int number, const Ink& ink) {
    constexpr double radius = 2.6;
    PrintPath disc{{circleRound(at, radius)}, {0.4}, {1, 1, 1}};
    disc.closed = disc.filled = true;
    sheet.items.emplace_back(disc);
    disc.filled = false;
    disc.ink = ink;
    sheet.items.emplace_back(std::move(disc));
    sheet.items.emplace_back(PrintText{{at.x(), at.y() + 1.25},
                                    std::to_string(number),
                                    {3.4},
                                    true,
                                    ink,
                                    PrintText::Stands::Middle});
}

} // namespace zokran
