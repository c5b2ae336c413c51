#pragma once

#include "cast/bust_model.h"
#include "core/messages/translator.h"

#include <string>
#include <vector>

namespace zokran {

/// Hair, beard and brows as a sculptor masses them.
struct Hair {
    /// How it is worn; each is one entry of the list in hair_styles.cpp.
    std::string style = "swept";
    double mass = 1;        ///< of the hair's thickness
    double recession = 0;   ///< 0 a full hairline to 1 a bare crown
    double beard = 0;       ///< 0 shaven to 1 full
    double brows = 1;       ///< relief of the brows
    double parting = -0.35; ///< where the hair parts, ball radii from the middle
    unsigned seed = 1;      ///< of the locks
};

/// One plaster head of the cast room.
struct Sitter {
    std::string id, about; ///< a sentence to be translated, perhaps with {age}
    Recipe recipe;
    Hair hair;
};

/// Who a sitter is, in a few words.
std::string aboutWords(const Sitter& sitter, const Translator& book = english());

/// The sitters of data/heads/sitters.json in their order. Throws BadInput when it is not as it
/// should be.
const std::vector<Sitter>& sitters();

/// The sitter with this id; "someone-7" is someone(7). Throws BadInput listing the ids there are.
Sitter sitterNamed(const std::string& id);

/// Somebody who does not exist, called "someone-" and the seed. The same seed is the same person.
Sitter someone(unsigned seed);

} // namespace zokran
