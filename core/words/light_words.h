#pragma once

#include "core/light/places.h"
#include "core/light/values.h"
#include "core/words/phrasebook.h"

namespace zokran {

/// Where a light stands: "from the left, high up".
std::string wordsFor(const LightDirection& light, const Phrasebook& book = english());

/// A place by its name, and of a pair on which side, the viewer's when the face looks at them: "the
/// cheekbone, left" is the sitter's right one.
std::string wordsFor(const LitPlace& place, const Phrasebook& book = english());

/// What a drawing's values lack, in a sentence; empty when nothing.
std::string wordsFor(ValueTrouble trouble, const Phrasebook& book = english());

} // namespace zokran
