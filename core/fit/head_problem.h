#pragma once

#include "core/fit/levenberg_marquardt.h"
#include "core/head/marks.h"
#include "core/view/view.h"

#include <Eigen/Dense>
#include <limits>
#include <optional>
#include <vector>

namespace zokran {

/// What is to be explained by a head with some freedom of shape before a pinhole camera, and what is known beforehand.
/// It only describes; `core/fit/head_estimation.h` has what is computed from it. Internal to the core: others call
/// `fitHead` and `compareSketch`.
struct HeadProblem {
    /// One seen mark.
    struct Observation {
        Mark mark;
        HeadPoint base;   ///< on the head before any direction is applied
        PicturePoint at;  ///< px
        Pixels deviation; ///< one standard deviation, px
    };
    /// A point of a line that was drawn over the form: it lies somewhere on `curve`, a polyline of the head, or a
    /// little beyond its ends, for a line is drawn shorter or longer than it is.
    struct LineObservation {
        std::vector<HeadPoint> curve;
        PicturePoint at;  ///< px
        Pixels deviation; ///< one standard deviation across the line, px
    };
    /// A way the head may deform, one displacement per observation, its coefficient drawn from N(0, spread²). An
    /// infinite spread leaves it free.
    struct Direction {
        std::vector<HeadPoint> displacement;
        double spread = 1;
    };
    /// The unknowns.
    struct State {
        View view;
        std::vector<double> coefficients; ///< one per direction; missing ones are 0
    };

    /// Where the camera's axis meets the picture, but for `axisSpread`.
    PicturePoint principal;
    /// Lengths in the picture are divided by this and taken from the principal point, so that every parameter is of
    /// order one whatever the size of the photograph; about the ball's radius, px.
    Pixels unit;

    std::vector<Observation> observations = {};
    std::vector<LineObservation> lineObservations = {};
    std::vector<Direction> directions = {};
    /// What is known of the coefficients beforehand, in place of the directions' spreads.
    std::optional<LeastSquares::Prior> coefficientPrior = {};
    std::optional<BallCircle> ball = {};
    double ballDeviation = 0.04;       ///< of its radius, for place and (log) size alike
    std::optional<Pixels> focal = {};  ///< fixed when known
    double meanLogDistance = 0;        ///< prior on log(camera distance / ball radius) ...
    double logDistanceSpread = 1;      ///< ... used when the focal length is not known
    /// Where the camera's axis meets the picture is free, this far from `principal` as a share of the focal length
    /// (the tangent of the angle off the axis); 0 keeps it there.
    double axisSpread = 0;
    std::optional<View> pageHeld = {};              ///< hold place, size and lean close to this view
    std::optional<Eigen::Matrix3d> facingHeld = {}; ///< hold turn and tilt at this rotation's
    /// Deviations beyond about this many standard deviations lose their pull (Cauchy's loss).
    double robustness = std::numeric_limits<double>::infinity();

    /// The same without the observations of these marks and their part in every direction.
    HeadProblem without(const std::vector<Mark>& marks) const;
};

} // namespace zokran
