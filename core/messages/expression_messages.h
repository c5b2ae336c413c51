#pragma once

#include "core/head/expression_marks.h"
#include "core/messages/translator.h"

namespace zokran {

/// The name in plain words, such as "peak of the left eyebrow"; left and right are the sitter's.
std::string wordsFor(ExpressionMark mark, const Translator& translator = english());

/// Where to look for it, in one sentence.
std::string whereToFind(ExpressionMark mark, const Translator& translator = english());

} // namespace zokran
