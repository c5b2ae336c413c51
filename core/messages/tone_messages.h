#pragma once

#include "core/light/tone_comparison.h"
#include "core/messages/translator.h"

namespace zokran {

/// A place by its name and side, as `wordsFor(LitPlace)` has it.
std::string wordsFor(const TonePair& pair, const Translator& translator = english());

/// What is off, in a sentence: "the eye socket, left: two values of five too light"; `values`: how many the scale is
/// divided into.
std::string wordsFor(const ToneFinding& finding, const ToneComparison& comparison, int values,
                     const Translator& translator = english());

/// What to do about it, in one stroke of the pencil. The grades are common practice, no source.
std::string mendWords(const ToneFinding& finding, const ToneComparison& comparison, int values,
                      const Translator& translator = english());

/// Where a shadow's edge has crept, which way and how far, in a sentence.
std::string wordsFor(const ShadowEdgeShift& shift, const ToneComparison& comparison, const Translator& translator = english());

/// The whole of it in a sentence: that nothing stands out, or that there is no tone yet.
std::string verdictWords(const ToneComparison& comparison, const Translator& translator = english());

} // namespace zokran
