#pragma once

#include "core/light/light_regions.h"
#include "core/light/light_terms.h"
#include "core/light/values.h"
#include "core/messages/translator.h"

namespace zokran {

/// Where a light stands: "from the left, high up".
std::string wordsFor(const LightDirection& light, const Translator& translator = english());

/// A place by its name, and of a pair on which side, the viewer's when the face looks at them: "the
/// cheekbone, left" is the sitter's right one.
std::string wordsFor(const LitPlace& place, const Translator& translator = english());
/// The same of any place; `side`: +1 the sitter's left, -1 the right, 0 in the middle.
std::string placeWords(const char* name, int side, const Translator& translator = english());

/// A term as it stands beside the picture, and what it means in a sentence.
std::string nameOf(LightTerm term, const Translator& translator = english());
std::string meaningOf(LightTerm term, const Translator& translator = english());

/// What a drawing's values lack, in a sentence; empty when nothing.
std::string wordsFor(ValueTrouble trouble, const Translator& translator = english());

} // namespace zokran
