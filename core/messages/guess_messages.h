#pragma once

#include "core/fit/guess.h"
#include "core/messages/translator.h"

namespace zokran {

/// What a guess was to the fit, such as "Your guess, against the fit: turned 12° too little."
std::string guessWords(const Guess& guess, const Fit& fit, const Translator& translator = english());

} // namespace zokran
