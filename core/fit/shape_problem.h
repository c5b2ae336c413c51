#pragma once

#include "core/fit/head_problem.h"

namespace zokran {

/// The problem for a reference's seen marks, with the sitter's shape free under the prior of
/// `adultHeads()`; `unit` is about the ball's radius in px.
HeadProblem shapeProblem(const MarkSheet& sheet, Pixels unit);

} // namespace zokran
