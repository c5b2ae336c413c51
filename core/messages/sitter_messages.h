#pragma once

#include "core/fit/fit.h"
#include "core/messages/translator.h"

namespace zokran {

/// How the sitter departs from an average adult; empty where nothing stands out.
std::string departureWords(const Fit& fit, const Translator& translator = english());

/// Where the sitter's two sides differ; empty where they do not.
std::string asymmetryWords(const Fit& fit, const Translator& translator = english());

/// How brow to nose base compares with nose base to chin.
std::string thirdsWords(const Fit& fit, const Translator& translator = english());

/// That other photographs of the sitter helped; empty for none.
std::string sharedWords(int photographs, const Translator& translator = english());

} // namespace zokran
