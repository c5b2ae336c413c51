#pragma once

#include "core/head/population.h"
#include "core/view/view.h"

#include <vector>

namespace zokran {

/// Looks at every way a head can be held, coarsely: for each of a fixed fan of turns and tilts the
/// lean, size and place that suit the seen marks best come in closed form (a similarity between two
/// sets of points in the plane). Returns the best few views, well apart from one another, best
/// first, at the middle of portrait distances; `principal` is where the camera's axis meets the
/// picture.
std::vector<View> searchPoses(const MarkSheet& sheet, const HeadMarks& head,
                              const PicturePoint& principal, int count);

} // namespace zokran
