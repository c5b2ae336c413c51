#pragma once

#include "core/page/page.h"

#include <string>

namespace zokran {

/// A page as JSON: {"format":"zokran-page","version":1,"shown_width_mm":number or null}.
std::string pageText(const Page& page);

/// Reads it back; `name` stands for the file in what is thrown. Throws BadInput.
Page parsePage(const std::string& text, const std::string& name);

} // namespace zokran
