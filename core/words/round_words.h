#pragma once

#include "core/compare/rounds.h"
#include "core/words/phrasebook.h"

namespace zokran {

/// What a round of work did, in two or three sentences.
std::string roundWords(const Round& round, const Phrasebook& book = english());

} // namespace zokran
