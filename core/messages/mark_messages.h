#pragma once

#include "core/head/marks.h"
#include "core/messages/translator.h"

namespace zokran {

/// The name in plain words, such as "inner corner of the left eye".
std::string wordsFor(Mark mark, const Translator& translator = english());

/// The same, and of a mark of one side whose side that is and where the viewer sees it: left and right are always the
/// sitter's own.
std::string sidedWordsFor(Mark mark, const Translator& translator = english());

/// Where to look for it, in one sentence for someone who has not met the term.
std::string whereToFind(Mark mark, const Translator& translator = english());

} // namespace zokran
