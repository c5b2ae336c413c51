#pragma once

#include "core/fit/guess.h"

#include <string>

namespace zokran {

/// A guess as JSON: {"format":"zokran-guess","version":1,"pose":{...},"ball":{...},
/// "side_plane":ball radii,"chin":ball radii,"committed":bool}.
std::string guessText(const Guess& guess);

/// Reads it back; `name` stands for the file in what is thrown.
Guess parseGuess(const std::string& text, const std::string& name);

} // namespace zokran
