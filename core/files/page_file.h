#pragma once

#include "core/page/page.h"

#include <string>

namespace zokran {

/// A page as JSON: {"format":"zokran-page","version":1,"shown_width_mm":number or null} and, where it
/// is laid flat, "corners":[[x,y] x 4] in the photograph's px, "paper_mm":[w,h], "photo_px":[w,h] and
/// "evened":bool,"paper_tone":"white"|"toned" (as it shows where missing).
std::string pageText(const Page& page);

/// Reads it back; `name` stands for the file in what is thrown. Throws BadInput.
Page parsePage(const std::string& text, const std::string& name);

} // namespace zokran
