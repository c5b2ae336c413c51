#pragma once

#include "core/head/marks.h"

namespace zokran {

/// How a photograph is laid anew.
enum class ReferenceTransform {
    Mirrored, ///< left for right
    Turned    ///< a quarter, clockwise
};

/// Where a place of a photograph `width` by `height` px comes to lie; and the marks of such a photograph, those
/// of the two sides changing places where it is mirrored. The frame is that of the photograph laid anew.
PicturePoint transformed(ReferenceTransform how, const PicturePoint& at, double width, double height);
MarkSheet transformed(ReferenceTransform how, const MarkSheet& sheet);

} // namespace zokran
