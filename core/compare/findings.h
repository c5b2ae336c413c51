#pragma once

#include "core/compare/compare.h"
#include "core/compare/model_selection.h"
#include "core/compare/expression_errors.h"
#include "core/compare/outline.h"

namespace zokran {

/// Errors that are told when the structure that carries them is: of the outline, and of the features that move.
struct OtherErrors {
    std::vector<OutlineError> outline;
    std::vector<ExpressionError> expression;
};

/// What there is to say of an explanation, ranked in the order a drawing is mended: structure, outline, features that
/// move, expression.
std::vector<Finding> findingsFor(const Comparison& comparison, const ModelSelection& explanation,
                                 const OtherErrors& others, const CompareOptions& options);

/// Moves a head by an admitted error, or by a share of it; the features that move go along with what carries them.
void move(HeadMarks& head, ExpressionPlaces& expression, const AdmittedError& error, double share);

/// The word in files: "fix", "watch" or "fine".
std::string_view severityWord(Severity severity);

} // namespace zokran
