#pragma once

#include "core/practice/before_after.h"
#include "core/practice/progress.h"
#include "core/messages/translator.h"

namespace zokran {

/// What progress says in sentences, the most telling first; one that there are too few drawings where there
/// are. Nothing is said that no interval carries.
std::vector<std::string> progressWords(const Progress& progress, const Translator& translator = english());

/// What changed from one drawing to another, in sentences.
std::vector<std::string> changeWords(const Change& change, const Translator& translator = english());

/// A range of poses: "turned 30° to 50° to the left, chin up".
std::string wordsFor(const PoseCell& cell, const Translator& translator = english());

} // namespace zokran
