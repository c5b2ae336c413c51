#pragma once

#include "core/words/phrasebook.h"

namespace zokran {

/// A line's name in plain words, such as "brow line"; the id has a side at its end or none.
std::string wordsForLine(std::string_view id, const Phrasebook& book = english());

} // namespace zokran
