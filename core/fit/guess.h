#pragma once

#include "core/construction/ball_form.h"
#include "core/fit/fit.h"

namespace zokran {

/// How the learner judges the head before anything is measured: the construction turned by hand.
struct Guess {
    Pose pose;
    BallCircle ball;
    BallRadii sidePlane = usualSidePlane; ///< where the sides are sliced off: x = ± this
    BallRadii chin = usualChin;           ///< the chin's level
    bool committed = false;               ///< the learner stands by it; what follows is measuring

    bool operator==(const Guess&) const = default;
};

/// The places the construction is pulled by.
enum class GuessHandle { Place, Size, Turn, Tilt, Lean, Width, Chin };
inline constexpr GuessHandle guessHandles[] = {
    GuessHandle::Place, GuessHandle::Size,  GuessHandle::Turn, GuessHandle::Tilt,
    GuessHandle::Lean,  GuessHandle::Width, GuessHandle::Chin};

/// A guess to begin with: a ball on the upper middle of the picture, facing the viewer.
Guess firstGuess(const MarkSheet& sheet);

/// The same angles within the reach of the handles: turn and tilt ±90°, lean ±180°; side planes
/// 0.5 to 0.95 and the chin 0.7 to 2.2 ball radii down.
Guess withinReach(Guess guess);

/// The construction of the guess. Its levels are the thirds, stretched to reach the chin.
BallForm guessForm(const Guess& guess);

/// The camera of the guess: the ball's outline is the circle laid, at the focal length of the sheet
/// or else at the middle of portrait distances with its axis on the ball, so that moving the ball
/// turns nothing.
View guessView(const Guess& guess, const MarkSheet& sheet);

/// Where a handle lies in the picture.
PicturePoint handleAt(const Guess& guess, const MarkSheet& sheet, GuessHandle handle);

/// The guess after a handle, taken hold of at `from`, was pulled to `to`: the handle follows as
/// closely as its one freedom allows (the ball's place has two).
Guess pulled(const Guess& guess, const MarkSheet& sheet, GuessHandle handle,
             const PicturePoint& from, const PicturePoint& to);

/// What the guess is to the fit: guess less fit.
struct GuessError {
    Radians turn, tilt, lean;
    double size = 0;       ///< the guessed ball's radius is this share larger
    BallRadii right, down; ///< the guessed ball lies this far off, in fitted ball radii
    BallRadii chin;        ///< the guessed chin lies this much higher on the head
};
GuessError errorOf(const Guess& guess, const Fit& fit);

} // namespace zokran
