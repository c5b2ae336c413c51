#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

#include <array>

namespace zokran {

inline constexpr int facePointCount = 478;

/// The points of the dense face mesh: 468 of the surface, then five of each iris (the sitter's right one first:
/// centre, then its edge at image right, top, image left, bottom). In px of the picture.
using FacePointArray = std::array<PicturePoint, facePointCount>;

/// The mean of all points.
inline PicturePoint middle(const FacePointArray& points) {
    PicturePoint sum(0, 0);
    for (const PicturePoint& p : points)
        sum += p;
    return sum / facePointCount;
}

/// Points of the mesh that have a name of their own here.
namespace mesh_point {
inline constexpr int outerEyeR = 33, innerEyeR = 133, outerEyeL = 263, innerEyeL = 362, mouthCornerR = 61, mouthCornerL = 291,
                     forehead = 10, chin = 152;
inline constexpr int upperLip = 13, lowerLip = 14; ///< their edges towards each other
} // namespace mesh_point

enum class PictureKind { Photograph, Drawing };

/// One face as it was found.
struct FoundFace {
    FacePointArray points;       ///< the mean of what the network says of the face and of its mirror image
    FacePointArray disagreement; ///< half of what the two differ by, px
    double score = 0;            ///< of the detector shown the face upright, 0 to 1
    bool certain = false;        ///< else it is only to be offered
    double saturation = 0;       ///< of the face's colour, the median, 0 to 1; plaster and pencil are below 0.14
    Pixels width;                ///< longer side of the box round the points
};

} // namespace zokran
