#pragma once

#include "core/print/drawing.h"

#include <filesystem>

namespace zokran {

/// How wide words stand on paper, in the fonts that the sheets are printed in.
Millimetres widthOf(const PrintText& text);

/// Words broken into lines no wider than `most`.
std::vector<std::string> broken(const PrintText& text, Millimetres most);

/// Writes sheets true to size: as PDF one page each, the fonts embedded; as SVG in millimetres, one
/// sheet only. By the file's ending; throws BadInput for another, or for more sheets than an SVG holds,
/// StorageError when it cannot be written.
void writeSheets(const std::vector<PrintSheet>& sheets, const std::filesystem::path& file);

/// The same for one sheet.
void writeSheet(PrintSheet sheet, const std::filesystem::path& file);

} // namespace zokran
