#pragma once

#include "core/head/marks.h"

namespace zokran {

/// One ball radius stands for 95 mm, half the mean adult head length (glabella to opisthocranion).
/// See docs/sources.md, "The mean head".
inline constexpr Millimetres ballRadius{95};

constexpr BallRadii inBallRadii(Millimetres length) {
    return {length / ballRadius};
}
constexpr Millimetres inMillimetres(BallRadii length) {
    return ballRadius * length.value;
}

/// The classical construction, common practice: the side oval at two thirds of the ball's radius,
/// which slices the sides off at x = ± sqrt(1 - 4/9) and puts the chin two of its radii below the
/// brow.
inline constexpr BallRadii usualSideOval{2.0 / 3};
inline constexpr BallRadii usualSidePlane{0.7453559924999299};
inline constexpr BallRadii usualChin{-4.0 / 3};

/// The middle of portrait distances, camera to ball, where neither lens nor distance is known.
inline constexpr BallRadii usualDistance{15};

/// Where every mark of one head lies (ball radii, head frame).
using HeadMarks = PerMark<HeadPoint>;

/// The heights at which a head's features hang (ball radii, head frame y).
struct Levels {
    BallRadii crown, hairline, brow, eye, noseBase, mouth, chin;
};

/// The levels of one sitter's own head.
Levels levelsOf(const HeadMarks& head);

/// Crown to chin, straight down the head: the head height that placements are measured in.
BallRadii headHeight(const HeadMarks& head);

/// Mean width of the two eyes, corner to corner: the eye as a unit.
BallRadii eyeWidth(const HeadMarks& head);

} // namespace zokran
