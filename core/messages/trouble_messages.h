#pragma once

#include "core/head/marks_trouble.h"
#include "core/messages/translator.h"

namespace zokran {

/// What is wrong with the marks and what would help, as one sentence without a full stop, such as
/// "2 more marks are needed; these would serve: brow, chin".
std::string wordsFor(const MarksTrouble& trouble, const Translator& translator = english());

/// The message of anything thrown, fit to be shown. What a library says of its own inner workings is not.
std::string wordsFor(const std::exception& error, const Translator& translator = english());

} // namespace zokran
