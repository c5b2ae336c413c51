#pragma once

#include "core/fit/head_problem.h"

namespace zokran {

/// The problem for a reference's seen marks, with the sitter's shape free under the prior of
/// `adultHeads()` and, where given, what other photographs say of the sitter; `unit` is about the
/// ball's radius in px.
HeadProblem shapeProblem(const MarkSheet& sheet, Pixels unit,
                         const ShapeKnowledge* sitter = nullptr);

} // namespace zokran
