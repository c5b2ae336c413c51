#pragma once

#include "core/page/plan.h"
#include "core/words/phrasebook.h"

namespace zokran {

/// What is wrong with a page, in a sentence.
std::string wordsFor(PlanTrouble trouble, const Phrasebook& book = english());

} // namespace zokran
