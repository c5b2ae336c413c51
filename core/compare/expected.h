#pragma once

#include "core/fit/fit.h"

namespace zokran {

/// Where each mark that is not placed on a sketch yet is to be expected there: the reference laid over
/// the sketch by the marks that are (a similarity), moved as the nearest of them lie off. Nothing before
/// three are placed, nor for what the reference does not show. `fit` is that of `reference`.
PerMark<std::optional<SketchPoint>> expectedOnSketch(const PhotoMarks& reference, const Fit& fit,
                                                     const SketchMarks& sketch);

} // namespace zokran
