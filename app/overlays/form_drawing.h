#pragma once

#include "core/construction/canon.h"
#include "core/construction/construction.h"

#include <QPixmap>

namespace zokran {

/// A small drawing of a head seen so, with these lines; `size` in px of the widget.
QPixmap drawingOf(const std::vector<GuideLine>& lines, const QSize& size, double density);

/// A view that shows a whole head in a picture of this size, at a turn and tilt.
View smallView(Degrees turn, Degrees tilt, const QSizeF& size);

/// An average head from the front and from the side with a school's levels across both; without a
/// school the average head's own.
QPixmap schoolDrawing(const std::optional<Canon>& canon, const QSize& size, double density);

/// A sitter from the front and from the side with the sitter's own levels, and a school's dashed
/// beside them.
QPixmap sitterDrawing(const HeadMarks& sitter, const std::optional<Canon>& canon, const QSize& size,
                      double density);

} // namespace zokran
