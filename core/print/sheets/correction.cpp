#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"
#include "core/messages/finding_messages.h"

#include <algorithm>

namespace zokran {

namespace {

constexpr std::size_t mostFindings = 3;
constexpr double wordsHeight = 78; ///< mm at the foot of the sheet, for what is said and the bar

/// The part of the sketch that holds the head, hair and the beginning of the neck, px.
struct HeadBox {
    PicturePoint low, high;
};
HeadBox headBox(const Comparison& c) {
    const double r = c.registeredView.outlineRadius().value;
    const PicturePoint middle = c.registeredView.project(HeadPoint(0, -0.35, 0));
    HeadBox box{middle - PicturePoint(1.25, 1.6) * r, middle + PicturePoint(1.25, 1.45) * r};
    for (const auto& p : c.placements)
        if (p) {
            box.low = box.low.cwiseMin(p->drawn);
            box.high = box.high.cwiseMax(p->drawn);
        }
    return box;
}

/// Words on a white plate, so that they read over a drawing.
void addOnPlate(PrintSheet& sheet, const PrintText& text) {
    const PaperPoint size(widthOf(text), text.size);
    const double wide = size.x(), high = size.y();
    const double left = text.at.x() - (text.stands == PrintText::Stands::Right ? wide : 0) - 0.6;
    const double top = text.at.y() - 0.95 * high, right = left + wide + 1.2, foot = top + 1.3 * high;
    PrintPath plate{{{{left, top}, {right, top}, {right, foot}, {left, foot}}}, {0.1}, {1, 1, 1, 0.8}};
    plate.closed = plate.filled = true;
    sheet.items.emplace_back(std::move(plate));
    sheet.items.emplace_back(text);
}

/// The head as it lies on the paper.
struct LaidHead {
    HeadBox box;
    PaperPoint corner;
    double scale; ///< mm for each px of the sketch
    PaperPoint at(const PicturePoint& p) const { return PaperPoint(corner + scale * (p - box.low)); }
};

/// The part of a picture that is shown of the sketch, as laid; `strength`: 1 as dark as it is drawn.
void addPart(PrintSheet& sheet, const PrintPicture& picture, const LaidHead& laid, double strength) {
    if (picture.columns == 0)
        return;
    PrintPicture part;
    const int left = std::clamp(static_cast<int>(laid.box.low.x()), 0, picture.columns - 1);
    const int upper = std::clamp(static_cast<int>(laid.box.low.y()), 0, picture.rows - 1);
    part.columns = std::clamp(static_cast<int>(laid.box.high.x()), left + 1, picture.columns) - left;
    part.rows = std::clamp(static_cast<int>(laid.box.high.y()), upper + 1, picture.rows) - upper;
    for (int y = upper; y < upper + part.rows; ++y) {
        const auto row = picture.pixels.begin() + 4L * (static_cast<long>(y) * picture.columns + left);
        part.pixels.insert(part.pixels.end(), row, row + 4L * part.columns);
    }
    part.corner = laid.at(PicturePoint(left, upper));
    part.width = {laid.scale * part.columns};
    part.height = {laid.scale * part.rows};
    part.strength = strength;
    sheet.items.emplace_back(std::move(part));
}

/// The drawing with its lines where they belong, small at the foot's right; how wide it is with its air, mm.
double addMended(PrintSheet& sheet, const HeadBox& box, const PrintPicture& mended, const Translator& translator) {
    if (mended.columns == 0)
        return 0;
    constexpr double high = 58, air = 6;
    const PrintableArea area(sheet.paper);
    const double scale = high / (box.high - box.low).y(), wide = scale * (box.high - box.low).x();
    const PaperPoint corner(area.high.x() - wide, area.high.y() - wordsHeight + 4);
    addPart(sheet, mended, {box, corner, scale}, 1);
    addBlock(sheet,
             {PaperPoint(corner.x(), corner.y() + high + 4), translator.say(ZOKRAN_WORDS("Your own lines, where the photo has them.")),
              {2.8}, false, graphite},
             {wide});
    return wide + air;
}

} // namespace

PrintSheet correctionSheet(const Comparison& c, const LinesSeenBy& lines,
                           const PrintPicture& sketch,
                           const std::optional<MillimetresPerPixel>& perPixel,
                           const std::string& title, const PaperSize& paper,
                           const Translator& translator, const PrintPicture& mended) {
    PrintSheet sheet{paper, {}};
    const PrintableArea area(paper);
    const double margin = area.low.x(), width = area.width();
    sheet.items.emplace_back(PrintText{{margin, margin + 6}, title, {6}, true, graphite});

    // The head on the sheet: true to size, or at 1 to 2, 3 ... of it.
    const HeadBox box = headBox(c);
    const PicturePoint size = box.high - box.low;
    const double top = margin + 17, room = area.high.y() - top - wordsHeight;
    double scale = std::min(width / size.x(), room / size.y());
    std::string note = translator.say(ZOKRAN_WORDS("Not to size: how large the paper is was not said."));
    if (perPixel) {
        int smaller = 1;
        while (perPixel->value / smaller > scale)
            ++smaller;
        scale = perPixel->value / smaller;
        note = smaller == 1
                   ? translator.say(ZOKRAN_WORDS("True to size: lay it under your drawing or measure on it."))
                   : translator.say(ZOKRAN_WORDS("At 1 to {ratio} of your drawing; lengths are those on your "
                                           "paper."),
                              {{"ratio", std::to_string(smaller)}});
    }
    sheet.items.emplace_back(PrintText{{margin, margin + 12}, note, {3.2}, false, graphite});
    const LaidHead laid{box, PaperPoint(margin + (width - scale * size.x()) / 2, top), scale};
    // Faint, for what is said of it to stand out.
    addPart(sheet, sketch, laid, 0.4);
    const auto at = [&](const PicturePoint& p) { return laid.at(p); };

    const auto told = toldFindings(c);
    std::vector<PaperPoint> numbers;
    const std::size_t count = std::min(told.size(), mostFindings);
    for (std::size_t i = 0; i < count; ++i) {
        const FindingLines on = linesOn(c, *told[i], lines);
        const double weight = i == 0 ? 1 : 0.6; // the first stands out
        const auto put = [&](const FindingLines::Lines& from, Millimetres wide, const Ink& ink,
                             const std::vector<Millimetres>& dashes) {
            PrintPath path{{}, wide, ink, dashes};
            for (const auto& line : from) {
                path.lines.emplace_back();
                for (const PicturePoint& p : line)
                    path.lines.back().push_back(at(p));
            }
            sheet.items.emplace_back(std::move(path));
        };
        put(on.drawn, {0.5 * weight}, graphite, {{1.6}, {1.2}});
        put(on.belongs, {0.9 * weight}, chalkInk, {});
        if (!on.way)
            continue;
        const PaperPoint from = at(on.way->first), to = at(on.way->second);
        addArrow(sheet, from, to, chalkInk);
        const Eigen::Vector2d way = to - from;
        const Eigen::Vector2d along = way / std::max(1e-9, way.norm());
        // Behind the arrow, and clear of the numbers that stand there already.
        PaperPoint place(from - 4 * along);
        const auto isTaken = [&](const PaperPoint& other) { return (other - place).norm() < 6; };
        while (std::any_of(numbers.begin(), numbers.end(), isTaken))
            place = PaperPoint(place - along);
        numbers.push_back(place);
        addNumber(sheet, place, static_cast<int>(i) + 1, chalkInk);
        if (const auto said = lengthOf(c, *told[i], perPixel); said && said->onPaper)
            addOnPlate(sheet,
                       {PaperPoint(to + 2 * along + Eigen::Vector2d(0, 1.2)),
                        translator.say(ZOKRAN_WORDS("{length} mm"),
                                 {{"length", fmt::format("{:.0f}", said->onPaper->value)}}),
                        {3.4}, true, chalkInk,
                        way.x() < -1e-3 ? PrintText::Stands::Right : PrintText::Stands::Left});
    }

    const double wordsWidth = width - addMended(sheet, box, mended, translator);
    PaperPoint next(margin + 8, area.high.y() - wordsHeight + 8);
    if (count == 0)
        addBlock(sheet, {next, textOf(c.findings.front(), translator), {4.2}, true, graphite}, {wordsWidth - 8});
    for (std::size_t i = 0; i < count; ++i) {
        addNumber(sheet, PaperPoint(margin + 2.6, next.y() - 1.2), static_cast<int>(i) + 1, chalkInk);
        next = addBlock(sheet, {next, textOf(*told[i], translator), {i == 0 ? 4.2 : 3.6}, i == 0, graphite},
                        {wordsWidth - 8});
        const std::string ownNumbers = handCheckWords(c, *told[i], translator);
        if (const std::string measure = ownNumbers.empty() ? measureOf(*told[i], translator) : ownNumbers; !measure.empty())
            next = addBlock(sheet, {next, measure, {3}, false, graphite}, {wordsWidth - 8});
        next.y() += 2.5;
    }
    addBar(sheet, translator);
    return sheet;
}

} // namespace zokran
