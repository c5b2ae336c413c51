#pragma once

#include "core/construction/construction.h"

#include <string>

namespace zokran {

/// The text of a `zokran-look`: how a learner wants the construction.
std::string lookText(const FormLook& look);

/// Reads it back. Throws BadInput naming `name` and the cause.
FormLook parseLook(const std::string& text, const std::string& name);

} // namespace zokran
