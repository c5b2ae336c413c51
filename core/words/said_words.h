#pragma once

#include "core/compare/parts.h"
#include "core/words/phrasebook.h"

namespace zokran {

/// A part of the drawing in a word or two, such as "mouth".
std::string wordsFor(Part part, const Phrasebook& book = english());

/// How near the learner's own eye came, in two sentences; empty where nothing was said.
std::string saidWords(const std::vector<SaidAnswer>& answers, const Phrasebook& book = english());

} // namespace zokran
