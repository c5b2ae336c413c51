#pragma once

#include "core/fit/fit.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// What practitioners measure with a pencil held out, on the marks of one picture. Each number comes
/// with one standard deviation, from the marks' own noise to first order.

/// A number and how sure it is.
struct Measured {
    double value = 0, sigma = 0;
};

/// The length of A to B over that of C to D.
Measured ratioOf(const MarkSheet& sheet, Mark a, Mark b, Mark c, Mark d);
/// A length in px, or in multiples of the length from `unit`'s first mark to its second.
Measured lengthOf(const MarkSheet& sheet, Mark a, Mark b,
                  const std::optional<std::pair<Mark, Mark>>& unit);
/// The angle of the line from A to B against level, degrees in (-90, 90]: above zero it rises to the
/// viewer's right.
Measured angleOf(const MarkSheet& sheet, Mark a, Mark b);
/// The angle from the line A to B on to the line C to D, degrees in [0, 90].
Measured angleBetweenLines(const MarkSheet& sheet, Mark a, Mark b, Mark c, Mark d);
/// The two angles by which P is found from A and B: of the way to P against the line between them,
/// at A and at B, degrees in [0, 180].
std::pair<Measured, Measured> triangulated(const MarkSheet& sheet, Mark a, Mark b, Mark p);

/// How far a line misses a mark: above zero the mark lies below a level line, right of a plumb line,
/// or to the right of a line as one walks along it, px or in units.
struct Miss {
    Mark mark;
    Measured by;
};
/// Every other seen mark against the level line, the plumb line, or the line from A on through B; the
/// nearest first.
std::vector<Miss> missesOfLevel(const MarkSheet& sheet, Mark a,
                                const std::optional<std::pair<Mark, Mark>>& unit);
std::vector<Miss> missesOfPlumb(const MarkSheet& sheet, Mark a,
                                const std::optional<std::pair<Mark, Mark>>& unit);
std::vector<Miss> missesOfLine(const MarkSheet& sheet, Mark a, Mark b,
                               const std::optional<std::pair<Mark, Mark>>& unit);

/// A mark carried over the centre plane of a fitted head.
struct Mirrored {
    PicturePoint twin{0, 0};        ///< where its twin would fall at this turn, px
    Measured flat;                  ///< across the picture, px or in units
    BallRadii wrapped;              ///< straight through the head
    std::optional<Measured> off;    ///< how far the sitter's own twin lies from there
};
Mirrored mirroredOver(const MarkSheet& sheet, Mark a, const Fit& fit,
                      const std::optional<std::pair<Mark, Mark>>& unit);

} // namespace zokran
