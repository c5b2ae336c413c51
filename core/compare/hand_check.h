#pragma once

#include "core/compare/compare.h"

#include <functional>
#include <optional>
#include <utility>
#include <vector>

namespace zokran {

/// Two lengths that a pencil held out compares, and the share the one is of the other, on the photograph and in the
/// drawing: the numbers by which a finding can be seen by hand.
struct HandCheck {
    /// The marks between whose means the length lies that is measured, and the one it is measured by.
    std::vector<Mark> from, to, unitFrom, unitTo;
    double seen = 0, drawn = 0;
    bool isUpright = true; ///< measured along the head's height; else across it
};

/// The check for a finding, along the head's own axis (upright for heights, across for widths); nothing where the
/// finding has none, a mark of it is not placed on both sheets, or the two poses differ so far (by more than 6 degrees of
/// turn or tilt) that foreshortening alone would make the numbers differ.
std::optional<HandCheck> handCheckFor(const Comparison& comparison, const Finding& finding);

/// The two lengths as bars beside a head, px of the picture: along the head's axis and as long as between the marks, laid
/// out to one side so that they cover nothing, the length nearer to the face.
struct HandCheckBars {
    std::pair<PicturePoint, PicturePoint> length, unit;
};
/// `view` must be that of the picture, `at` where it shows a mark.
HandCheckBars barsOf(const HandCheck& check, const View& view, const std::function<PicturePoint(Mark)>& at);

/// What a school's levels make of the share; nothing for widths, which they do not give.
std::optional<double> schoolShare(const HandCheck& check, const Levels& school);

} // namespace zokran
