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

/// The radius of the oval that a side plane so far out cuts from the ball, and the other way round.
inline BallRadii sideOvalAt(BallRadii sidePlane) {
    return {std::sqrt(1 - sidePlane.value * sidePlane.value)};
}
inline BallRadii sidePlaneAt(BallRadii sideOval) {
    return sideOvalAt(sideOval); // the two are the legs of a right triangle on the ball's radius
}

/// The middle of portrait distances, camera to ball, where neither lens nor distance is known.
inline constexpr BallRadii usualDistance{15};

/// Where every mark of one head lies (ball radii, head frame).
using HeadMarks = PerMark<HeadPoint>;

/// The heights at which a head's features hang (ball radii, head frame y).
struct Levels {
    BallRadii crown, hairline, brow, eye, noseBase, mouth, chin;
    BallRadii lowerLip; ///< the lower edge of the lower lip
    BallRadii earTop, earBase;
};

/// How wide a head's features are (ball radii).
struct Widths {
    BallRadii head; ///< across the face at the eyes, ears left out: what five eyes are laid across
    BallRadii eye, gap; ///< one eye, and the distance between the two
    BallRadii nose, mouth;
    BallRadii brow; ///< one brow, from beside the centre line's edge of it to its outer end
};

/// The levels of one sitter's own head. The lower lip, which is no mark, is taken to lie where it
/// does in an average adult between the lips' parting and the chin.
Levels levelsOf(const HeadMarks& head);

/// Where the lower lip's lower edge lies on the way from the lips' parting to the chin: about 10 of
/// 43 mm (stomion to labiale inferius and to gnathion, from memory).
inline constexpr double lowerLipShare = 0.24;

/// Crown to chin, straight down the head: the head height that placements are measured in.
BallRadii headHeight(const HeadMarks& head);

/// Mean width of the two eyes, corner to corner: the eye as a unit.
BallRadii eyeWidth(const HeadMarks& head);

} // namespace zokran
