#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

#include <vector>

namespace zokran {

/// A similarity of the picture plane: q = scale * Rot(rotation) * p + shift, the rotation clockwise
/// as seen (from +x towards +y, which points down).
struct Similarity {
    double scale = 1;
    Radians rotation;
    PicturePoint shift{0, 0};

    PicturePoint operator()(const PicturePoint& p) const;
    SketchPoint operator()(const PhotoPoint& p) const {
        return (*this)(static_cast<const PicturePoint&>(p));
    }
};

/// The similarity, without reflection, that carries `from` onto `to` with the smallest sum
/// of squared distances, in closed form (Umeyama 1991, restricted to rotations). Needs two
/// different points at the least; throws BadMarks otherwise.
Similarity bestSimilarity(const std::vector<PicturePoint>& from,
                          const std::vector<PicturePoint>& to);

} // namespace zokran
