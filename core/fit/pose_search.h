#pragma once

#include "core/head/head_shape.h"
#include "core/view/view.h"

#include <vector>

namespace zokran {

/// Looks at every way a head can be held, coarsely: for each of a fixed fan of turns and tilts the
/// lean, size and place that suit the seen marks best come in closed form (a similarity between two
/// sets of points in the plane). Returns the best few views, well apart from one another, best
/// first, at the middle of portrait distances.
std::vector<View> searchPoses(const MarkSheet& sheet, const HeadMarks& head, int count);

} // namespace zokran
