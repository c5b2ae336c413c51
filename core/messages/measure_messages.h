#pragma once

#include "core/measure/kinds.h"
#include "core/messages/translator.h"

namespace zokran {

/// A reading's number with its unit and its doubt, such as "2.6 eyes ± 0.1".
std::string numberWords(const Reading& reading, const Translator& translator = english());

/// The same without its doubt, short enough to stand on a drawing.
std::string shortNumber(const Reading& reading, const Translator& translator = english());

/// What a line passes, the nearest three: "through the chin; 0.2 left of the nose's wing".
std::string passWords(const Reading& reading, const Translator& translator = english());

/// The further numbers a measurement gives: "1.4 eyes ± 0.1 to its twin, across the picture"; empty for none.
std::string secondaryWords(const Reading& reading, const Translator& translator = english());

/// What a guess missed by: "You said 4.5; it is 4.92 eyes ± 0.05: 9 % short." `guess` in the reading's unit.
std::string guessedWords(double guess, const Reading& reading, const Translator& translator = english());

/// How the drawing's reading differs from the reference's: "yours is 12 % longer", with `unitOnPaper`, the
/// length of the drawing's own unit, in millimetres as well. Says so where the doubts leave no difference.
std::string differenceWords(const Reading& seen, const Reading& drawn,
                            const std::optional<Millimetres>& unitOnPaper = {},
                            const Translator& translator = english());

} // namespace zokran
