#pragma once

#include "see/face_marks.h"

namespace zokran {

/// Where an eyebrow is highest. Which station of the mesh lies there differs from person to person, so a quadratic is laid
/// through the brow's middle line and its highest point on an upright face seen from the front is taken; how the pose makes the
/// line rise or fall in the picture is allowed for. Px of the picture. `isLeft`: the sitter's left one.
PicturePoint eyebrowPeak(const FacePointArray& points, bool isLeft, const OffsetFeatures& pose);

} // namespace zokran
