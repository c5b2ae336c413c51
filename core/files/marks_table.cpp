#include "core/files/marks_table.h"

#include "core/base/json_file.h"
#include "core/files/marks_file.h"

#include <cmath>
#include <fstream>
#include <sstream>

namespace zokran {

namespace {

constexpr double furthest = 1e5; ///< px
constexpr std::uintmax_t longest = 16u << 20; ///< bytes

double numberFrom(const std::string& text) {
    std::size_t read = 0;
    double value = 0;
    try {
        value = std::stod(text, &read);
    } catch (const std::exception&) {
        read = 0;
    }
    if (read == 0 || text.find_first_not_of(" \r\t", read) != std::string::npos || !(std::abs(value) <= furthest))
        throw BadInput(fmt::format("\"{}\" is no place in a picture", text));
    return value;
}

/// The picture reaches at least as far as its marks, and a tenth more.
void takeSize(MarkSheet& sheet) {
    double right = 1, bottom = 1;
    for (Mark m : sheet.seenMarks()) {
        right = std::max(right, sheet.seen(m)->x());
        bottom = std::max(bottom, sheet.seen(m)->y());
    }
    constexpr double margin = 1.1;
    sheet.width = static_cast<int>(std::ceil(margin * right));
    sheet.height = static_cast<int>(std::ceil(margin * bottom));
}

MarkSheet fromCsv(std::istream& in) {
    MarkSheet sheet;
    std::string line;
    for (int number = 1; std::getline(in, line); ++number) {
        std::vector<std::string> cells;
        std::istringstream row(line);
        for (std::string cell; std::getline(row, cell, ',');)
            cells.push_back(cell);
        if (cells.empty() || (number == 1 && cells[0] == "mark"))
            continue;
        const auto mark = markNamed(cells[0]);
        if (!mark)
            throw BadInput(fmt::format("line {}: there is no mark \"{}\"", number, cells[0]));
        if (sheet.marks[*mark])
            throw BadInput(fmt::format("line {}: \"{}\" comes twice", number, cells[0]));
        const bool hidden = cells.size() > 3 && cells[3].starts_with("1");
        PlacedMark placed{std::nullopt, hidden};
        if (cells.size() > 2 && !cells[1].empty())
            placed.at = PicturePoint(numberFrom(cells[1]), numberFrom(cells[2]));
        else if (!hidden)
            throw BadInput(fmt::format("line {}: \"{}\" has no place", number, cells[0]));
        sheet.marks[*mark] = placed;
    }
    return sheet;
}

MarkSheet fromPts(std::istream& in) {
    std::string line, word;
    int points = -1;
    while (std::getline(in, line) && line.find('{') == std::string::npos) {
        std::istringstream row(line);
        if (row >> word && word == "n_points:" && !(row >> points))
            throw BadInput("\"n_points\" needs a number");
    }
    if (points != markCount)
        throw BadInput(fmt::format("it holds {} points where {} marks are wanted, in the order of `marks --list`",
                                   points, markCount));
    MarkSheet sheet;
    for (int i = 0; i < points; ++i) {
        std::string x, y;
        if (!(in >> x >> y))
            throw BadInput(fmt::format("it ends after {} points", i));
        const PicturePoint at(numberFrom(x), numberFrom(y));
        if (at.x() < 0 || at.y() < 0)
            sheet.marks[markAt(i)] = PlacedMark{std::nullopt, true};
        else
            sheet.marks[markAt(i)] = PlacedMark{at};
    }
    return sheet;
}

} // namespace

std::string marksCsv(const MarkSheet& sheet) {
    std::string text = "mark,x,y,hidden\n";
    for (int i = 0; i < markCount; ++i)
        if (const auto& placed = sheet.marks[markAt(i)])
            text += placed->at ? fmt::format("{},{:.3f},{:.3f},{:d}\n", idOf(markAt(i)), placed->at->x(),
                                             placed->at->y(), placed->hidden)
                               : fmt::format("{},,,1\n", idOf(markAt(i)));
    return text;
}

std::string marksPts(const MarkSheet& sheet) {
    std::string text = fmt::format("version: 1\nn_points: {}\n{{\n", markCount);
    for (int i = 0; i < markCount; ++i) {
        const auto at = sheet.seen(markAt(i));
        text += at ? fmt::format("{:.3f} {:.3f}\n", at->x(), at->y()) : "-1 -1\n";
    }
    return text + "}\n";
}

MarkSheet parseAnyMarks(const std::string& text, const std::string& ending, const std::string& name) {
    if (ending == ".json")
        return parseMarks(text, name);
    try {
        std::istringstream in(text);
        if (ending != ".csv" && ending != ".pts")
            throw BadInput("marks are read from .json, .csv and .pts");
        MarkSheet sheet = ending == ".csv" ? fromCsv(in) : fromPts(in);
        if (sheet.seenMarks().empty())
            throw BadInput("it holds no mark that is seen");
        takeSize(sheet);
        return sheet;
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    }
}

MarkSheet readAnyMarks(const std::filesystem::path& file) {
    if (file.extension() == ".json")
        return readMarks(file);
    std::error_code error;
    const auto size = std::filesystem::file_size(file, error);
    std::ifstream in(file);
    if (error || !in || size > longest)
        throw BadInput(fmt::format("{}: the file cannot be read", file.string()));
    std::ostringstream text;
    text << in.rdbuf();
    return parseAnyMarks(text.str(), file.extension().string(), file.string());
}

} // namespace zokran
