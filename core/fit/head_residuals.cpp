#include "core/fit/head_residuals.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace zokran {

using Eigen::Index;
using Eigen::Matrix3d;
using Eigen::MatrixXd;
using Eigen::Vector2d;
using Eigen::Vector3d;
using Eigen::VectorXd;

namespace {

/// With a page held, place and size may differ from it by this share of the ball's radius, the lean by ten times that.
constexpr double pageSlack = 0.002, leanSlack = 10 * pageSlack;
/// With the facing held, the line of sight may differ from it by this, radians.
constexpr double facingSlack = 1e-3;

/// Camera distances are kept between 3 ball radii (a hand's breadth off the face) and the moon.
constexpr double nearest = 1 / 3.0, furthestLogDistance = 12;
/// The logarithm of the scale is kept within this.
constexpr double mostLogScale = 12;
/// No point of a head comes nearer to the camera than this share of the ball's distance.
constexpr double leastDepth = 0.05;
/// How far a drawn line may run on straight beyond either end of its curve, as a share of the curve's length.
constexpr double prolongedBy = 0.2;

std::vector<HeadPoint> prolonged(const std::vector<HeadPoint>& curve) {
    double length = 0;
    for (std::size_t i = 1; i < curve.size(); ++i)
        length += (curve[i] - curve[i - 1]).norm();
    const auto beyond = [&](const HeadPoint& end, const HeadPoint& before) -> HeadPoint {
        return end + prolongedBy * length * (end - before).normalized();
    };
    if (!(length > 0))
        return curve;
    std::vector<HeadPoint> all{beyond(curve.front(), curve[1])};
    all.insert(all.end(), curve.begin(), curve.end());
    all.push_back(beyond(curve.back(), curve[curve.size() - 2]));
    return all;
}

/// The camera at one parameter vector, in units from the principal point, and which parameters still move it.
struct Camera {
    Matrix3d rotation;
    Vector2d centre, axis;
    double scale = 1, nearness = 0;
    bool scaleMoves = true;       ///< false where the scale is clamped
    bool distanceMoves = false;   ///< the distance is a parameter and not clamped
    bool distanceFollows = false; ///< the focal length is known: the distance follows the scale

    struct Projection {
        Vector3d inView; ///< the point turned before the camera, ball radii
        double depth;
        Vector2d at; ///< from the camera's axis, in units
        bool depthMoves;
    };

    Projection project(const HeadPoint& p) const {
        const Vector3d m = rotation * p;
        const double depth = 1 - nearness * m.z();
        const double kept = std::max(depth, leastDepth);
        const Vector2d flat(centre.x() - axis.x() + scale * m.x(), centre.y() - axis.y() - scale * m.y());
        return {m, kept, flat / kept, depth > leastDepth};
    }
};

/// The place of a polyline nearest to a point of the picture, as the camera sees it.
struct Foot {
    HeadPoint on;
    Vector2d normal; ///< unit vector; the signed distance is along it
};

Foot footOn(const std::vector<HeadPoint>& curve, const Camera& camera, const Vector2d& there) {
    Foot foot{curve.front(), {0, 1}};
    double nearestYet = std::numeric_limits<double>::infinity();
    Camera::Projection from = camera.project(curve.front());
    for (std::size_t i = 1; i < curve.size(); ++i) {
        const Camera::Projection to = camera.project(curve[i]);
        const Vector2d way = to.at - from.at;
        const double length = way.norm();
        if (length > 0) {
            const double t = std::clamp((there - from.at).dot(way) / (length * length), 0.0, 1.0);
            const Vector2d off = from.at + t * way - there;
            if (off.norm() < nearestYet) {
                nearestYet = off.norm();
                // Equal steps in the picture are none on the head: the farther end's part is seen shorter.
                const double u = t * from.depth / (t * from.depth + (1 - t) * to.depth);
                foot.on = curve[i - 1] + u * (curve[i] - curve[i - 1]);
                const Vector2d across = Vector2d(-way.y(), way.x()) / length;
                // At a vertex or an end the shortest way is not square to the piece.
                foot.normal = nearestYet > 1e-9 ? Vector2d(off / (off.dot(across) < 0 ? -nearestYet : nearestYet)) : across;
            }
        }
        from = to;
    }
    return foot;
}

} // namespace

HeadResiduals::HeadResiduals(const HeadProblem& problem, const View& reference)
    : problem_(problem), reference_(reference.rotation),
      displacements_(static_cast<Index>(problem.directions.size()), static_cast<Index>(3 * problem.observations.size())) {
    for (std::size_t k = 0; k < problem.directions.size(); ++k)
        for (std::size_t i = 0; i < problem.observations.size(); ++i)
            displacements_.block<1, 3>(static_cast<Index>(k), static_cast<Index>(3 * i)) =
                problem.directions[k].displacement[i].transpose();
    for (const HeadProblem::LineObservation& line : problem.lineObservations)
        curves_.push_back(prolonged(line.curve));
}

Index HeadResiduals::parameterCount() const {
    return cameraParameterCount() + static_cast<Index>(problem_.directions.size());
}

Index HeadResiduals::residualCount() const {
    return static_cast<Index>(2 * problem_.observations.size() + problem_.lineObservations.size()) +
           (problem_.ball ? 3 : 0) + (distanceIsFree() ? 1 : 0) + (axisIsFree() ? 2 : 0) + (problem_.pageHeld ? 4 : 0) +
           (problem_.facingHeld ? 2 : 0);
}

VectorXd HeadResiduals::parameters(const HeadProblem::State& state) const {
    const double unit = pixelsPerUnit();
    VectorXd x(parameterCount());
    const Eigen::AngleAxisd turn(Matrix3d(state.view.rotation * reference_.transpose()));
    x.head<3>() = state.view.rotation == reference_ ? Vector3d(Vector3d::Zero()) : Vector3d(turn.angle() * turn.axis());
    x.segment<2>(3) = (state.view.centre - problem_.principal) / unit;
    x[5] = std::log(state.view.scale / unit);
    if (distanceIsFree())
        x[6] = -std::log(std::max(state.view.nearness, 1e-6));
    if (axisIsFree())
        x.segment<2>(firstAxis()) = (state.view.principal - problem_.principal) / unit;
    for (std::size_t k = 0; k < problem_.directions.size(); ++k)
        x[cameraParameterCount() + static_cast<Index>(k)] = k < state.coefficients.size() ? state.coefficients[k] : 0;
    return x;
}

HeadProblem::State HeadResiduals::state(const VectorXd& x) const {
    const double unit = pixelsPerUnit();
    HeadProblem::State state;
    View& view = state.view;
    view.rotation = rotationFromVector(x.head<3>()) * reference_;
    view.principal = problem_.principal;
    if (axisIsFree())
        view.principal += unit * x.segment<2>(firstAxis());
    view.centre = problem_.principal + unit * x.segment<2>(3);
    view.scale = unit * std::exp(std::clamp(x[5], -mostLogScale, mostLogScale));
    view.nearness = problem_.focal ? std::min(view.scale / problem_.focal->value, nearest)
                                   : std::exp(-std::clamp(x[6], -std::log(nearest), furthestLogDistance));
    state.coefficients.assign(x.data() + cameraParameterCount(), x.data() + x.size());
    return state;
}

void HeadResiduals::recentre(VectorXd& x) {
    reference_ = rotationFromVector(x.head<3>()) * reference_;
    x.head<3>().setZero();
}

LeastSquares::Prior HeadResiduals::prior() const {
    if (problem_.coefficientPrior)
        return *problem_.coefficientPrior;
    VectorXd inverse(static_cast<Index>(problem_.directions.size()));
    for (Index k = 0; k < inverse.size(); ++k)
        inverse[k] = 1 / problem_.directions[static_cast<std::size_t>(k)].spread;
    return {inverse.asDiagonal(), VectorXd::Zero(inverse.size())};
}

void HeadResiduals::evaluate(const VectorXd& x, Eigen::Ref<VectorXd> f, MatrixXd* jacobian) const {
    const double unit = pixelsPerUnit();
    const auto directionCount = static_cast<Index>(problem_.directions.size());
    const auto coefficients = x.tail(directionCount);
    if (jacobian)
        jacobian->setZero();
    const auto d = [&](Index residual, Index parameter) -> double& { return (*jacobian)(parameter, residual); };

    Camera camera;
    camera.rotation = rotationFromVector(x.head<3>()) * reference_;
    camera.axis = axisIsFree() ? Vector2d(x.segment<2>(firstAxis())) : Vector2d(Vector2d::Zero());
    camera.centre = x.segment<2>(3);
    camera.scale = std::exp(std::clamp(x[5], -mostLogScale, mostLogScale));
    camera.scaleMoves = std::abs(x[5]) < mostLogScale;
    if (problem_.focal) {
        const double wanted = camera.scale * unit / problem_.focal->value;
        camera.nearness = std::min(wanted, nearest);
        camera.distanceFollows = camera.scaleMoves && wanted < nearest;
    } else {
        camera.nearness = std::exp(-std::clamp(x[6], -std::log(nearest), furthestLogDistance));
        camera.distanceMoves = x[6] > -std::log(nearest) && x[6] < furthestLogDistance;
    }

    Index row = 0;
    // Writes the derivatives by the camera's parameters of by * (where a point is seen); returns those by the point.
    const auto differentiate = [&](const auto& by, const Camera::Projection& seen) {
        using By = std::decay_t<decltype(by)>;
        constexpr int rows = By::RowsAtCompileTime;
        const auto& [m, depth, at, depthMoves] = seen;
        const double byDepth = depthMoves ? camera.nearness : 0;
        Eigen::Matrix<double, 2, 3> flat;
        flat << camera.scale, 0, at.x() * byDepth, 0, -camera.scale, at.y() * byDepth;
        const Eigen::Matrix<double, rows, 3> toView = by * flat / depth;
        const Eigen::Matrix<double, rows, 3> turn = -toView * skew(m);
        const Eigen::Matrix<double, rows, 2> shift = by / depth;
        const Eigen::Matrix<double, rows, 1> byLogNearness = by * at * (m.z() * byDepth / depth);
        Eigen::Matrix<double, rows, 1> byLogScale = Eigen::Matrix<double, rows, 1>::Zero();
        if (camera.scaleMoves)
            byLogScale = by * Vector2d(camera.scale * m.x(), -camera.scale * m.y()) / depth;
        if (camera.distanceFollows)
            byLogScale += byLogNearness;
        const Eigen::Matrix<double, rows, 2> byAxis = by * (1 - 1 / depth);
        for (int r = 0; r < rows; ++r) {
            for (int k = 0; k < 3; ++k)
                d(row + r, k) = turn(r, k);
            d(row + r, 3) = shift(r, 0);
            d(row + r, 4) = shift(r, 1);
            d(row + r, 5) = byLogScale[r];
            if (camera.distanceMoves)
                d(row + r, 6) = -byLogNearness[r];
            for (int k = 0; axisIsFree() && k < 2; ++k)
                d(row + r, firstAxis() + k) = byAxis(r, k);
        }
        return Eigen::Matrix<double, rows, 3>(toView * camera.rotation);
    };

    const double c2 = problem_.robustness * problem_.robustness;
    for (std::size_t i = 0; i < problem_.observations.size(); ++i) {
        const HeadProblem::Observation& o = problem_.observations[i];
        const auto displacements = displacements_.middleCols<3>(static_cast<Index>(3 * i));
        const Camera::Projection seen = camera.project(o.base + displacements.transpose() * coefficients);
        const double weight = problem_.unit / o.deviation;
        const Vector2d e = weight * (seen.at + camera.axis - (o.at - problem_.principal) / unit);

        // Cauchy's loss, written as a factor g on the residual so that |g e|² is the loss.
        const double s = e.squaredNorm();
        double g = 1, slope = 0;
        if (std::isfinite(c2) && s > 1e-9 * c2) {
            const double rho = c2 * std::log1p(s / c2);
            g = std::sqrt(rho / s);
            slope = (1 / (1 + s / c2) - rho / s) / (s * g); // 2 dg/ds
        }
        f.segment<2>(row) = g * e;
        if (jacobian) {
            const Eigen::Matrix2d robust = weight * (g * Eigen::Matrix2d::Identity() + slope * e * e.transpose());
            const Eigen::Matrix<double, 2, 3> byPoint = differentiate(robust, seen);
            jacobian->block(cameraParameterCount(), row, directionCount, 2).noalias() = displacements * byPoint.transpose();
        }
        row += 2;
    }
    for (std::size_t i = 0; i < problem_.lineObservations.size(); ++i) {
        const HeadProblem::LineObservation& line = problem_.lineObservations[i];
        const Vector2d there = (line.at - problem_.principal) / unit - camera.axis;
        const Foot foot = footOn(curves_[i], camera, there);
        const Camera::Projection seen = camera.project(foot.on);
        const Eigen::RowVector2d across = problem_.unit / line.deviation * foot.normal.transpose();
        f[row] = across * (seen.at - there);
        // The foot glides along the curve and the normal turns with it; neither changes the distance to first order.
        if (jacobian)
            differentiate(across, seen);
        ++row;
    }
    if (distanceIsFree()) {
        f[row] = (x[6] - problem_.meanLogDistance) / problem_.logDistanceSpread;
        if (jacobian)
            d(row, 6) = 1 / problem_.logDistanceSpread;
        ++row;
    }
    if (axisIsFree()) {
        // The way from the head to the axis, in focal lengths.
        const double perFocal = camera.nearness / camera.scale / problem_.axisSpread;
        f.segment<2>(row) = camera.axis * perFocal;
        if (jacobian)
            for (int r = 0; r < 2; ++r) {
                d(row + r, firstAxis() + r) = perFocal;
                if (camera.scaleMoves && !camera.distanceFollows)
                    d(row + r, 5) = -camera.axis[r] * perFocal;
                if (camera.distanceMoves)
                    d(row + r, 6) = -camera.axis[r] * perFocal;
            }
        row += 2;
    }
    const auto hold = [&](const PicturePoint& at, double size, double slack) {
        const double weight = unit / (slack * size);
        f.segment<2>(row) = weight * (camera.centre - (at - problem_.principal) / unit);
        f[row + 2] = (x[5] - std::log(size / unit)) / slack;
        if (jacobian) {
            d(row, 3) = d(row + 1, 4) = weight;
            d(row + 2, 5) = 1 / slack;
        }
        row += 3;
    };
    if (problem_.ball) {
        hold(problem_.ball->centre, problem_.ball->radius.value, problem_.ballDeviation);
        // The outline of a near ball is wider than its scale: r = scale / sqrt(1 - nearness²).
        const double q2 = camera.nearness * camera.nearness, slope = q2 / (1 - q2) / problem_.ballDeviation;
        f[row - 1] -= std::log1p(-q2) / (2 * problem_.ballDeviation);
        if (jacobian && camera.distanceFollows)
            d(row - 1, 5) += slope;
        else if (jacobian && camera.distanceMoves)
            d(row - 1, 6) = -slope;
    }
    if (problem_.pageHeld) {
        hold(problem_.pageHeld->centre, problem_.pageHeld->scale, pageSlack);
        // The turn about the line of sight that is left between the held page and this pose.
        const Matrix3d between = camera.rotation * problem_.pageHeld->rotation.transpose();
        const double sine = between(1, 0) - between(0, 1), cosine = between(0, 0) + between(1, 1);
        f[row] = std::atan2(sine, cosine) / leanSlack;
        if (jacobian)
            for (int k = 0; k < 3; ++k) {
                const Matrix3d moved = skew(Vector3d::Unit(k)) * between;
                d(row, k) = (cosine * (moved(1, 0) - moved(0, 1)) - sine * (moved(0, 0) + moved(1, 1))) /
                            (sine * sine + cosine * cosine) / leanSlack;
            }
        ++row;
    }
    if (problem_.facingHeld) {
        // Where the held head's line of sight has gone; a turn about it leaves it in place.
        const Vector3d sight = (camera.rotation * problem_.facingHeld->transpose()).col(2);
        f.segment<2>(row) = sight.head<2>() / facingSlack;
        if (jacobian) {
            const Matrix3d slope = -skew(sight) / facingSlack;
            for (int r = 0; r < 2; ++r)
                for (int k = 0; k < 3; ++k)
                    d(row + r, k) = slope(r, k);
        }
    }
}

} // namespace zokran
