#pragma once

#include "core/base/points.h"
#include "core/page/paper.h"

#include <cstdint>
#include <string>
#include <variant>
#include <vector>

namespace zokran {

/// A colour on paper, each 0 to 1.
struct Ink {
    double red = 0, green = 0, blue = 0, strength = 1;
};

/// A line or an area on the sheet, mm.
struct PrintPath {
    std::vector<std::vector<PaperPoint>> lines;
    Millimetres width{0.3};
    Ink ink;
    std::vector<Millimetres> dashes = {}; ///< on, off; none: unbroken
    bool closed = false, filled = false;
};

/// Words on the sheet. `at` is where their baseline begins, ends, or has its middle.
struct PrintText {
    enum class Stands { Left, Middle, Right };
    PaperPoint at;
    std::string text;        ///< UTF-8, one line
    Millimetres size{3.5};   ///< of the em
    bool strong = false;
    Ink ink;
    Stands stands = Stands::Left;
};

/// A picture on the sheet: `pixels` are blue, green, red and one unused, row by row.
struct PrintPicture {
    PaperPoint corner;      ///< its top-left corner
    Millimetres width{0}, height{0};
    int columns = 0, rows = 0;
    std::vector<std::uint8_t> pixels;
    double strength = 1;    ///< 0 not to be seen, 1 as it is
};

/// One sheet of paper and all that is printed on it, the lowest first.
struct PrintSheet {
    PaperSize paper;
    std::vector<std::variant<PrintPath, PrintText, PrintPicture>> items;

    void line(std::vector<PaperPoint> points, Millimetres width, const Ink& ink,
              std::vector<Millimetres> dashes = {}) {
        items.emplace_back(PrintPath{{std::move(points)}, width, ink, std::move(dashes)});
    }
};

} // namespace zokran
