#pragma once

#include "core/fit/shape_information.h"
#include "core/head/marks.h"
#include "core/view/view.h"

#include <Eigen/Dense>
#include <limits>
#include <optional>
#include <utility>
#include <vector>

namespace zokran {

/// The least-squares problem behind every fit: a head with some freedom of shape before a pinhole
/// camera. Internal to the core; people call `fitHead` and `compareSketch`.
///
/// Lengths in the picture are divided by `unit` and taken from the principal point, so that every
/// unknown is of order one whatever the size of the photograph.
class HeadProblem {
public:
    /// One seen mark.
    struct Observation {
        Mark mark;
        HeadPoint base;   ///< on the head before any direction is applied
        PicturePoint at;  ///< px
        Pixels deviation; ///< one standard deviation, px
    };
    /// A way the head may deform, one displacement per observation, its coefficient drawn from
    /// N(0, spread²). An infinite spread leaves it free.
    struct Direction {
        std::vector<HeadPoint> displacement;
        double spread = 1;
    };
    /// The unknowns.
    struct State {
        View view;
        std::vector<double> coefficients; ///< one per direction
    };

    /// A point of a line that was drawn over the form: it lies somewhere on `curve`, a polyline of the head.
    struct LineObservation {
        std::vector<HeadPoint> curve;
        PicturePoint at;  ///< px
        Pixels deviation; ///< one standard deviation across the line, px
    };

    HeadProblem(PicturePoint principal, Pixels unit);

    std::vector<Observation> observations;
    std::vector<LineObservation> lineObservations;
    std::vector<Direction> directions;
    /// What is known of the coefficients beforehand, in place of the directions' spreads:
    /// the residuals are root (upper triangular) * coefficients - target.
    struct Known {
        Eigen::MatrixXd root;
        Eigen::VectorXd target;
    };
    std::optional<Known> known;
    std::optional<BallCircle> ball;
    double ballDeviation = 0.04;  ///< of its radius, for place and (log) size alike
    std::optional<Pixels> focal;  ///< fixed when known
    double meanLogDistance = 0;   ///< prior on log(camera distance / ball radius) ...
    double logDistanceSpread = 1; ///< ... used when the focal length is not known
    /// Where the camera's axis meets the picture is free, this far from `principal` as a share of
    /// the focal length (the tangent of the angle off the axis); 0 keeps it there.
    double axisSpread = 0;
    std::optional<View> pageHeld;              ///< hold place, size and lean close to this view
    std::optional<Eigen::Matrix3d> facingHeld; ///< hold turn and tilt at this rotation's
    /// Deviations beyond about this many standard deviations lose their pull (Cauchy's loss).
    double robustness = std::numeric_limits<double>::infinity();

    /// Levenberg and Marquardt's method from `start` on the normal equations, damped as in Madsen,
    /// Nielsen & Tingleff 2004, algorithm 3.16; returns half the squared sum of the weighted
    /// residuals, and `start` becomes the solution. It stops where a step changes the cost by less
    /// than `tolerance`. Our own, because the shape's prior is most of the equations and constant.
    double solve(State& start, int iterations, double tolerance = 1e-5);

    /// The inverse of JᵀJ at `state`: the covariance of (rotation vector, centre, log scale,
    /// log distance when free, the camera's axis when free, coefficients), the rotation vector
    /// acting on the left.
    Eigen::MatrixXd covariance(const State& state);

    /// How `View::facing` turns with the unknowns at `state`: three rows, its rotation vector
    /// acting on the left. Where the head stands against the camera's axis takes part.
    Eigen::MatrixXd facingSlope(const State& state);

    /// What the observations alone say of the coefficients, near `state`, with the camera left
    /// open: a quadratic cᵀ information c / 2 - weightedᵀ c.
    ShapeInformation shapeInformation(const State& state);

    /// Takes an observation out, with its part in every direction.
    void drop(std::size_t observation);

    /// The weighted residuals at `state` and their derivatives by the unknowns.
    std::pair<Eigen::VectorXd, Eigen::MatrixXd> linearised(const State& state);

    /// How many unknowns there are.
    int unknowns() const;

    /// Each observation's deviation from where `state` puts it, px.
    std::vector<PicturePoint> deviations(const State& state) const;

private:
    bool distanceIsFree() const { return !focal; }
    bool axisIsFree() const { return axisSpread > 0; }
    int firstAxis() const { return distanceIsFree() ? 7 : 6; }
    int firstDirection() const { return firstAxis() + (axisIsFree() ? 2 : 0); }
    /// How many weighted residuals there are but for those of the shape's prior.
    int seenRows() const;
    Eigen::VectorXd pack(const State& state);
    void unpack(const Eigen::VectorXd& x, State& state) const;
    /// Those residuals at `x` and, where asked for, their derivatives, a column each; the rotation's
    /// are by a further rotation acting on the left.
    void evaluate(const Eigen::VectorXd& x, Eigen::Ref<Eigen::VectorXd> f, Eigen::MatrixXd* slopes) const;
    /// The residuals of the shape's prior are this, upper triangular, times the coefficients, less
    /// `known`'s target.
    Eigen::MatrixXd shapeRoot() const;

    PicturePoint principal_;
    double unit_;
    /// The rotation the solver's rotation vector is relative to.
    Eigen::Matrix3d start_ = Eigen::Matrix3d::Identity();
    /// The directions' displacements side by side: three columns an observation, a row a direction.
    Eigen::MatrixXd moves_;
};

} // namespace zokran
