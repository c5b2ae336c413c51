#pragma once

#include "core/compare/compare.h"
#include "core/head/any_mark.h"

#include <vector>

namespace zokran {

/// The marks of a drawing that the program placed, that nobody has looked over yet, and behind which an error that is to be
/// mended could hide; the one that could hide most comes first. `comparison` must be that of `sketch`. There are two ways
/// for it to hide:
/// - Two standard deviations of the mark exceed the tolerance of a place.
/// - The mark lies off by at least half the tolerance, and no finding of errors speaks of it: what is seen of a displacement
///   that is drawn may be as little as half of it, for a part of it is taken for the pose, or not seen
///   (docs/sources.md, "Drawings of photographs").
std::vector<AnyMark> marksToLookOver(const Comparison& comparison, const SketchMarks& sketch, const Tolerances& tolerances);

} // namespace zokran
