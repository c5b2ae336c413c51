#pragma once

#include "core/compare/parts.h"
#include "core/messages/translator.h"

namespace zokran {

/// A part of the drawing in a word or two, such as "mouth".
std::string wordsFor(Part part, const Translator& translator = english());

/// How near the learner's own eye came, in two sentences; empty where nothing was said.
std::string selfAssessmentWords(const std::vector<SelfAssessmentAnswer>& answers, const Translator& translator = english());

} // namespace zokran
