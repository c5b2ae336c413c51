#pragma once

#include "logbook/study.h"

namespace zokran {

/// The marks of a new photograph of a page whose earlier photograph was marked: `found` is what the program sees in
/// the new one. Both pages must lie flat, so that places compare in millimetres; otherwise `found` is returned. A mark
/// that the learner placed or confirmed and that has not moved, as far as its doubt and the page's can tell, stays
/// confirmed where it was. One that was placed and is not found is suggested at its old place, with a doubt that asks
/// for a look. What was not drawn and is not found stays so. Lines that were laid over drawn ones stay where no mark
/// beside them has moved; the others are to be laid anew.
MarkSheet carriedMarks(const Sketch& before, const Sketch& now, const MarkSheet& found);

} // namespace zokran
