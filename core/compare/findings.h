#pragma once

#include "core/compare/compare.h"
#include "core/compare/explain.h"
#include "core/compare/outline.h"

namespace zokran {

/// What there is to say of an explanation, ranked in the order a drawing is mended; then of the outline.
std::vector<Finding> findingsFor(const Comparison& comparison, const Explanation& explanation,
                                 const std::vector<OutlineError>& outline, const CompareOptions& options);

/// The word in files: "fix", "watch" or "fine".
std::string_view severityWord(Severity severity);

} // namespace zokran
