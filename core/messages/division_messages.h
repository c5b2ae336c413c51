#pragma once

#include "core/fit/sitter_table.h"
#include "core/messages/translator.h"

#include <string>
#include <vector>

namespace zokran {

/// What a division is called, such as "nose base below the eyes".
std::string wordsForDivision(std::string_view id, const Translator& translator = english());

/// A number of a division with its unit, such as "1.62 eyes" or "48 % of the head".
std::string divisionNumber(const Division& division, double number,
                           const Translator& translator = english());

/// The three departures from a school that stand out most beside how adults differ, one sentence
/// each, the most telling first; an empty list without the school's numbers.
std::vector<std::string> likenessWords(const std::vector<SitterRow>& rows, const std::string& canon,
                                       const Translator& translator = english());

} // namespace zokran
