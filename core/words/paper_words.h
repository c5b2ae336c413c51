#pragma once

#include "core/page/paper.h"
#include "core/words/phrasebook.h"

namespace zokran {

/// A sheet that `paperNames` knows, with its size: "A4, 210 by 297 mm".
std::string paperWords(std::string_view name, const Phrasebook& book = english());

} // namespace zokran
