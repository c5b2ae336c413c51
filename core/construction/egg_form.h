#pragma once

#include "core/construction/ball_form.h"

namespace zokran {

/// The egg: a rounder cranium above the brow drawn out to the chin below it, with the centre line
/// and the level lines wrapped round it. A first form for those who see the head's contour before
/// its planes; common practice, no source. Guides hang on it where they hang on the ball.
class EggForm : public Construction {
public:
    EggForm(const Levels& levels, BallRadii sidePlane, const HeadMarks& head);
    const Levels& levels() const override { return levels_; }
    std::vector<GuideLine> lines(const View& view) const override;

private:
    /// On the egg at a height, `around` from the face (0) to the sitter's left (a quarter turn).
    SurfacePoint at(BallRadii y, Radians around) const;

    Levels levels_;
    double width_; ///< half of it, ball radii
    double front_, back_;
    HeadPoint lean_; ///< how far forward the point of the egg lies of its middle, per radius down
};

} // namespace zokran
