#pragma once

#include "core/fit/fit.h"
#include "core/fit/head_problem.h"

namespace zokran {

/// The middle of the box round the seen marks.
PicturePoint middleOf(const MarkSheet& sheet);

/// The problem for a reference's seen marks, with the sitter's shape free under the prior of
/// `adultHeads()` and, where given, what other photographs say of the sitter; `unit` is about the
/// ball's radius in px. The camera's axis is free about the middle of the marks: nothing in it
/// depends on the picture's frame.
HeadProblem shapeProblem(const MarkSheet& sheet, Pixels unit,
                         const ShapeInformation* sitter = nullptr);

} // namespace zokran
