#pragma once

#include "core/construction/construction.h"
#include "core/page/paper.h"
#include "core/print/drawing.h"
#include "core/messages/translator.h"

#include <functional>

namespace zokran {

/// What every sheet has: its inks, and the bar that proves its size.

inline constexpr Ink graphite{0.15, 0.15, 0.16};
inline constexpr Ink paleGraphite{0.15, 0.15, 0.16, 0.35};
inline constexpr Ink chalkInk{0.66, 0.17, 0.10}; ///< where things belong; prints as a mid grey
inline constexpr Ink coolInk{0.11, 0.35, 0.55};

inline constexpr Millimetres sheetMargin{12};

/// What of a sheet is printed on, from corner to corner: all within its margin.
struct PrintableArea {
    PaperPoint low, high;

    explicit PrintableArea(const PaperSize& paper)
        : low(sheetMargin, sheetMargin), high(paper.width - sheetMargin, paper.height - sheetMargin) {}
    double width() const { return high.x() - low.x(); }  ///< mm
    double height() const { return high.y() - low.y(); } ///< mm
};

/// A bar of 100 mm at the foot of the sheet, ticked every ten, with the words that say what it is for.
void addBar(PrintSheet& sheet, const Translator& translator);

/// Words in a block no wider than `width`; returns where the line after them would stand.
PaperPoint addBlock(PrintSheet& sheet, PrintText text, Millimetres width);

/// An arrow with a filled head, mm.
void addArrow(PrintSheet& sheet, const PaperPoint& from, const PaperPoint& to, const Ink& ink);

/// The construction's lines, carried on to the sheet: `onSheet` takes a line's point to mm. Hidden parts
/// thin and dashed, helps pale; with `light` all of it pale, to be traced.
void addLines(PrintSheet& sheet, const std::vector<GuideLine>& lines,
              const std::function<PaperPoint(const PicturePoint&)>& onSheet, bool light);

/// A number in a ring.
void addNumber(PrintSheet& sheet, const PaperPoint& at, int number, const Ink& ink);

} // namespace zokran
