#pragma once

#include "core/head/marks.h"
#include "core/page/page.h"

namespace zokran {

/// The marks of a sketch as they lie after its page was laid flat another way, or taken back to the
/// photograph as it came: the same places of the drawing. `from` and `to`: how it was laid flat and how
/// it is; nothing for the photograph itself. At least one of them must be there. Throws BadInput where
/// corners make no sheet.
SketchMarks carried(const SketchMarks& marks, const std::optional<PageRectification>& from,
                    const std::optional<PageRectification>& to);

} // namespace zokran
