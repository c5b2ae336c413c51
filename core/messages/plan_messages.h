#pragma once

#include "core/compare/on_page.h"
#include "core/messages/translator.h"

namespace zokran {

/// What is wrong with a page, in a sentence.
std::string wordsFor(PlanTrouble trouble, const Translator& translator = english());

/// How a drawing kept to its plan: "grown by 12 %, slid 9 mm to the left".
std::string wordsFor(const PlanKept& kept, const Translator& translator = english());

/// Where to lay the head off with a ruler, one place a line, mm from the paper's edges.
std::vector<std::string> layOffWords(const PagePlan& plan, const PaperSize& paper,
                                     const Translator& translator = english());

} // namespace zokran
