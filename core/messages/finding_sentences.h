#pragma once

#include "core/base/translatable.h"

#include <span>
#include <string_view>

namespace zokran {

/// The words for one kind of error: its name, what is said when its amount is above zero, and below, and the hand
/// measurement that would have caught it, for any sitter.
///
/// {amount}: how much. {lower_it} and its like: which way along the head, said for how the head is drawn. {way}: left,
/// right, up or down on the paper. {mark}: the mark's name.
struct FindingSentences {
    std::string_view id;
    const char *name, *more, *less, *measure;
};

/// Of errors in the head's structure and its outline.
std::span<const FindingSentences> structureSentences();
/// Of eyebrows, lids, irises and lips.
std::span<const FindingSentences> expressionSentences();

/// Those of this id, whether its side is named in it or not; null where there are none.
const FindingSentences* sentencesFor(std::string_view id);

} // namespace zokran
