#pragma once

#include "core/compare/rounds.h"
#include "core/messages/translator.h"

namespace zokran {

/// What a round of work did, in two or three sentences.
std::string roundWords(const Round& round, const Translator& translator = english());

} // namespace zokran
