#pragma once

#include "core/compare/compare.h"
#include "core/compare/explain.h"

namespace zokran {

/// What there is to say of an explanation, ranked in the order a drawing is mended. `perPixel`
/// gives lengths in millimetres on the learner's paper where it is known.
std::vector<Finding> findingsFor(const Comparison& comparison, const Explanation& explanation,
                                 const CompareOptions& options);

/// The word in files: "fix", "watch" or "fine".
std::string_view severityWord(Severity severity);

} // namespace zokran
