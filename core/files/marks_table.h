#pragma once

#include "core/head/marks.h"

#include <filesystem>
#include <string>

namespace zokran {

/// Marks as other programs exchange points. Neither knows the picture's size: it comes from what is read, as the
/// furthest place and a margin, unless it is known.

/// As CSV: mark,x,y,hidden and a line for each mark placed or hidden.
std::string marksCsv(const MarkSheet& sheet);
/// As .pts (version 1): all 25 marks in the order of `Mark`; one that is not placed or not seen is -1 -1.
std::string marksPts(const MarkSheet& sheet);

/// Reads marks by the file's ending: .json (zokran-marks), .csv, .pts. Throws BadInput naming file and cause.
MarkSheet readAnyMarks(const std::filesystem::path& file);
/// The same from text, by the ending (".csv", ".pts", ".json"); `name` stands for the file in messages.
MarkSheet parseAnyMarks(const std::string& text, const std::string& ending, const std::string& name);

} // namespace zokran
