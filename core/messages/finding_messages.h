#pragma once

#include "core/compare/compare.h"
#include "core/messages/translator.h"

namespace zokran {

/// What a finding says: what is off, how much, and which way to move it on the paper.
std::string textOf(const Finding& finding, const Translator& translator = english());

/// The hand measurement that would have caught it, for any sitter; may be empty.
std::string measureOf(const Finding& finding, const Translator& translator = english());

/// The same as two numbers of this sitter, the photograph's and the drawing's; empty where there are none.
/// With a school's levels, what it would make of the share as well.
std::string handCheckWords(const Comparison& comparison, const Finding& finding, const Translator& translator = english(),
                           const Levels* school = nullptr);

/// How much it is about, such as "4 mm (1.8 % of the head)" or "12°".
std::string amountOf(const FindingFigures& figures, const Translator& translator = english());

/// How sure that is, two standard deviations either way, such as "give or take 1 mm"; empty for what is
/// no amount.
std::string doubtOf(const FindingFigures& figures, const Translator& translator = english());

/// What a kind of finding is about in a word or two, such as "height of the mouth".
std::string nameOfFinding(std::string_view id, const Translator& translator = english());

/// How many places were compared, what of and what not: "nothing is off" is said of no more than that.
std::string scopeWords(const Comparison& comparison, const Translator& translator = english());

/// Below this many compared places nobody says that a placement holds.
inline constexpr int fewestToJudge = 10;
int placesCompared(const Comparison& comparison);

/// What lies where it belongs, in one sentence; where nothing does, a word of courage.
std::string praiseWords(const Comparison& comparison, const Translator& translator = english());

} // namespace zokran
