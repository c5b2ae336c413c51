#pragma once

#include "logbook/study.h"

#include <string>

namespace zokran {

/// When was measured, in a word: "before", "after", "never"; empty while unsaid.
std::string wordOf(Measured measured);
Measured measuredFrom(const std::string& word);

/// Parts that looked wrong, as a column of the logbook has them for searching: their ids with a space between them, "-"
/// for none, empty while nobody was asked.
std::string wordsOf(const std::optional<std::vector<Part>>& said);

} // namespace zokran
