#pragma once

#include "core/measure/kinds.h"

namespace zokran {

/// Measurements as JSON: {"format":"zokran-measures","version":1,"measures":[{"kind","on":"reference" or
/// "sketch","ends":[mark id or [x,y],...]},...]}.
std::string measuresText(const std::vector<Measurement>& measures);

/// Reads them back; `name` stands for the file in what is thrown. Throws BadInput.
std::vector<Measurement> parseMeasures(const std::string& text, const std::string& name);

} // namespace zokran
