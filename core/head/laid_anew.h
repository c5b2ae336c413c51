#pragma once

#include "core/head/marks.h"

namespace zokran {

/// How a photograph is laid anew.
enum class LaidAnew {
    Mirrored, ///< left for right
    Turned    ///< a quarter, clockwise
};

/// Where a place of a photograph `width` by `height` px comes to lie; and the marks of such a photograph, those
/// of the two sides changing places where it is mirrored. The frame is that of the photograph laid anew.
PicturePoint laidAnew(LaidAnew how, const PicturePoint& at, double width, double height);
MarkSheet laidAnew(LaidAnew how, const MarkSheet& sheet);

} // namespace zokran
