#pragma once

#include "core/head/drawn_lines.h"
#include "core/messages/translator.h"

namespace zokran {

/// A line's name in plain words, such as "brow line"; the id has a side at its end or none.
std::string wordsForLine(std::string_view id, const Translator& translator = english());

/// A drawn line's name, such as "edge of the hair", and where to put its points in one sentence.
std::string wordsFor(DrawnLine line, const Translator& translator = english());
std::string whereToLay(DrawnLine line, const Translator& translator = english());

} // namespace zokran
