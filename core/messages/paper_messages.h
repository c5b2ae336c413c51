#pragma once

#include "core/page/paper.h"
#include "core/messages/translator.h"

namespace zokran {

/// A sheet that `paperNames` knows, with its size: "A4, 210 by 297 mm".
std::string paperWords(std::string_view name, const Translator& translator = english());

} // namespace zokran
