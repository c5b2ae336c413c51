#pragma once

#include "core/construction/ball_form.h"
#include "core/fit/fit.h"

namespace zokran {

/// How the learner judges the head before anything is measured: the construction turned by hand.
struct Guess {
    Pose pose;
    BallCircle ball; ///< of radius 0 until it is laid
    BallRadii sidePlane = usualSidePlane; ///< where the sides are sliced off: x = ± this
    BallRadii chin = usualChin;           ///< the chin's level
    bool committed = false;               ///< the learner stands by it; what follows is measuring

    bool hasBall() const { return ball.radius > Pixels{0}; }
    bool operator==(const Guess&) const = default;
};

/// What a drag on the construction does, by where it is taken hold of: the ball turns under the hand
/// like a ball, its rim leans it, its middle moves it, its edge sizes it, and the chin drops.
enum class GuessGrip { Place, Size, Turn, Lean, Chin };

/// A guess to begin with, facing the viewer: the ball where it is laid already, or else none yet, for
/// the learner to drag out over the cranium.
Guess firstGuess(const MarkSheet& sheet);

/// The ball as it lies when a drag from one side of the cranium to the other has come to `to`.
BallCircle draggedOut(const PicturePoint& from, const PicturePoint& to);

/// The same within the hand's reach: turn and tilt ±90°, lean ±180°; side planes
/// 0.5 to 0.95 and the chin 0.7 to 2.2 ball radii down.
Guess withinReach(Guess guess);

/// The construction of the guess. Its levels are the thirds, stretched to reach the chin; depths and
/// widths are an average adult's.
BallForm guessForm(const Guess& guess);

/// The camera of the guess: the ball's outline is the circle laid, at the focal length of the sheet
/// or else at the middle of portrait distances with its axis on the ball, so that moving the ball
/// turns nothing.
View guessView(const Guess& guess, const MarkSheet& sheet);

/// Where the chin of the guess lies in the picture.
PicturePoint guessedChin(const Guess& guess, const MarkSheet& sheet);

/// What a drag from `at` would do; nothing off the construction. `reach` is how near the chin or the
/// ball's edge counts as on it.
std::optional<GuessGrip> gripAt(const Guess& guess, const MarkSheet& sheet, const PicturePoint& at,
                                Pixels reach);

/// The guess after it was taken hold of at `from` and dragged to `to`. Turning, what lies under the
/// hand near the middle of the ball follows it.
Guess pulled(const Guess& guess, const MarkSheet& sheet, GuessGrip grip, const PicturePoint& from,
             const PicturePoint& to);

/// What the guess is to the fit: guess less fit.
struct GuessError {
    Radians turn, tilt, lean;
    double size = 0;       ///< the guessed ball's radius is this share larger
    BallRadii right, down; ///< the guessed ball lies this far off, in fitted ball radii
    BallRadii chin;        ///< the guessed chin lies this much higher on the head
};
GuessError errorOf(const Guess& guess, const Fit& fit);

} // namespace zokran
