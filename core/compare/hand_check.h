#pragma once

#include "core/compare/compare.h"

#include <optional>
#include <vector>

namespace zokran {

/// Two lengths that a pencil held out compares, and the share the one is of the other, on the photograph and in the
/// drawing: the numbers by which a finding can be seen by hand.
struct HandCheck {
    /// The marks between whose means the length lies that is measured, and the one it is measured by.
    std::vector<Mark> from, to, unitFrom, unitTo;
    double seen = 0, drawn = 0;
};

/// The check for a finding, along the head's own axis (upright for heights, across for widths); nothing where the
/// finding has none, a mark of it is not placed on both sheets, or the two poses differ so far (by more than 6 degrees of
/// turn or tilt) that foreshortening alone would make the numbers differ.
std::optional<HandCheck> handCheckFor(const Comparison& comparison, const Finding& finding);

} // namespace zokran
