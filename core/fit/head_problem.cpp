#include "core/fit/head_problem.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <ceres/tiny_solver.h>
#include <cmath>

namespace zokran {

using Eigen::Matrix3d;
using Eigen::Vector2d;
using Eigen::Vector3d;
using Eigen::VectorXd;

namespace {

/// With a page held, place and size may stray this far (of a ball radius), the lean this far.
constexpr double pageSlack = 0.002;
/// With the facing held, the line of sight may stray this far, radians.
constexpr double facingSlack = 1e-3;

/// Camera distances are kept between 3 ball radii (a hand's breadth off the face) and the moon.
constexpr double nearest = 1 / 3.0;
double boundedNearness(double logDistance) {
    return std::exp(-std::clamp(logDistance, -std::log(nearest), 12.0));
}

} // namespace

HeadProblem::HeadProblem(PicturePoint principal, Pixels unit)
    : principal_(principal), unit_(unit.value) {}

int HeadProblem::NumParameters() const {
    return firstDirection() + static_cast<int>(directions.size());
}

int HeadProblem::NumResiduals() const {
    return static_cast<int>(2 * observations.size() + onLines.size() + directions.size()) + (ball ? 3 : 0) +
           (distanceIsFree() ? 1 : 0) + (axisIsFree() ? 2 : 0) + (pageHeld ? 4 : 0) +
           (facingHeld ? 2 : 0);
}

VectorXd HeadProblem::pack(const State& state) {
    start_ = state.view.rotation;
    VectorXd x(NumParameters());
    x.head<3>().setZero();
    x.segment<2>(3) = (state.view.centre - principal_) / unit_;
    x[5] = std::log(state.view.scale / unit_);
    if (distanceIsFree())
        x[6] = -std::log(std::max(state.view.nearness, 1e-6));
    if (axisIsFree())
        x.segment<2>(firstAxis()) = (state.view.principal - principal_) / unit_;
    for (std::size_t k = 0; k < directions.size(); ++k)
        x[firstDirection() + static_cast<int>(k)] =
            k < state.coefficients.size() ? state.coefficients[k] : 0;
    return x;
}

void HeadProblem::unpack(const VectorXd& x, State& state) const {
    state.view.rotation = rotationFromVector(x.head<3>()) * start_;
    state.view.principal = principal_;
    if (axisIsFree())
        state.view.principal += unit_ * x.segment<2>(firstAxis());
    state.view.centre = principal_ + unit_ * x.segment<2>(3);
    state.view.scale = unit_ * std::exp(std::clamp(x[5], -12.0, 12.0));
    state.view.nearness =
        focal ? std::min(state.view.scale / focal->value, nearest) : boundedNearness(x[6]);
    state.coefficients.assign(x.data() + firstDirection(), x.data() + x.size());
}

bool HeadProblem::operator()(const double* parameters, double* residuals, double* jacobian) const {
    const int n = NumParameters(), rows = NumResiduals(), first = firstDirection();
    const int directionCount = static_cast<int>(directions.size());
    const Eigen::Map<const VectorXd> x(parameters, n);
    Eigen::Map<VectorXd> f(residuals, rows);
    if (jacobian)
        Eigen::Map<Eigen::MatrixXd>(jacobian, rows, n).setZero();
    auto d = [&](int row, int column) -> double& { return jacobian[row + column * rows]; };

    const Vector3d w = x.head<3>();
    const Matrix3d rotation = rotationFromVector(w) * start_;
    const Matrix3d left = jacobian ? leftJacobian(w) : Matrix3d::Identity();
    const Vector2d axis =
        axisIsFree() ? Vector2d(x.segment<2>(firstAxis())) : Vector2d(Vector2d::Zero());
    const Vector2d centre = x.segment<2>(3);
    const double scale = std::exp(std::clamp(x[5], -12.0, 12.0));
    const double focalInUnits = focal ? focal->value / unit_ : 0;
    const double nearness = focal ? std::min(scale / focalInUnits, nearest) : boundedNearness(x[6]);
    // With the lens known the distance follows the scale, but for a head closer than any can be.
    const bool followsScale = focal && nearness < nearest;
    const double c2 = robustness * robustness;

    int row = 0;
    /// A point of the head before the camera, in units from the camera's axis.
    struct Seen {
        Vector3d m;
        double depth;
        Vector2d at;
    };
    const auto see = [&](const Vector3d& p) {
        const Vector3d m = rotation * p;
        const double depth = std::max(1 - nearness * m.z(), 0.05);
        const Vector2d flat(centre.x() - axis.x() + scale * m.x(),
                            centre.y() - axis.y() - scale * m.y());
        return Seen{m, depth, flat / depth};
    };
    // The derivatives by the camera's unknowns of by * (where it is seen), and how the point itself takes part.
    const auto derive = [&](const auto& by, const Seen& seen) {
        using By = std::decay_t<decltype(by)>;
        constexpr int rowCount = By::RowsAtCompileTime;
        const auto& [m, depth, at] = seen;
        Eigen::Matrix<double, 2, 3> flat;
        flat << scale, 0, at.x() * nearness, 0, -scale, at.y() * nearness;
        const Eigen::Matrix<double, rowCount, 3> toView = by * flat / depth;
        const Eigen::Matrix<double, rowCount, 3> turn = -toView * skew(m) * left;
        const Eigen::Matrix<double, rowCount, 2> shift = by / depth;
        const Eigen::Matrix<double, rowCount, 1> byNearness = by * at * (m.z() * nearness / depth);
        Eigen::Matrix<double, rowCount, 1> byScale = by * Vector2d(scale * m.x(), -scale * m.y()) / depth;
        if (followsScale)
            byScale += byNearness;
        const Eigen::Matrix<double, rowCount, 2> byAxis = by * (1 - 1 / depth);
        for (int r = 0; r < rowCount; ++r) {
            for (int k = 0; k < 3; ++k)
                d(row + r, k) = turn(r, k);
            d(row + r, 3) = shift(r, 0);
            d(row + r, 4) = shift(r, 1);
            d(row + r, 5) = byScale[r];
            if (!focal)
                d(row + r, 6) = -byNearness[r];
            for (int k = 0; axisIsFree() && k < 2; ++k)
                d(row + r, firstAxis() + k) = byAxis(r, k);
        }
        return Eigen::Matrix<double, rowCount, 3>(toView * rotation);
    };
    for (std::size_t i = 0; i < observations.size(); ++i) {
        const Observation& o = observations[i];
        Vector3d p = o.base;
        for (int k = 0; k < directionCount; ++k)
            p += x[first + k] * directions[k].displacement[i];
        const Seen seen = see(p);
        const double weight = unit_ / o.deviation.value;
        const Vector2d e = weight * (seen.at + axis - (o.at - principal_) / unit_);

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
            const Eigen::Matrix2d robust =
                weight * (g * Eigen::Matrix2d::Identity() + slope * e * e.transpose());
            const Eigen::Matrix<double, 2, 3> toHead = derive(robust, seen);
            for (int r = 0; r < 2; ++r)
                for (int k = 0; k < directionCount; ++k)
                    d(row + r, first + k) = toHead.row(r).dot(directions[k].displacement[i]);
        }
        row += 2;
    }
    for (const OnLine& on : onLines) {
        // The nearest place of the curve as it is seen now; how far off, across the curve.
        const Vector2d there = (on.at - principal_) / unit_ - axis;
        Vector3d foot = on.curve.front();
        Vector2d along(1, 0);
        double nearestYet = std::numeric_limits<double>::infinity();
        Vector2d from = see(on.curve.front()).at;
        for (std::size_t i = 1; i < on.curve.size(); ++i) {
            const Vector2d to = see(on.curve[i]).at;
            const double length = (to - from).norm();
            // The curve's ends run straight on: a line is drawn shorter or longer than it is.
            const bool isFirst = i == 1, isLast = i + 1 == on.curve.size();
            double t = length > 0 ? (there - from).dot(to - from) / (length * length) : 0;
            t = std::clamp(t, isFirst ? -2.0 : 0.0, isLast ? 3.0 : 1.0);
            if (const double off = (from + t * (to - from) - there).norm(); off < nearestYet && length > 0) {
                nearestYet = off;
                foot = on.curve[i - 1] + t * (on.curve[i] - on.curve[i - 1]);
                along = (to - from) / length;
            }
            from = to;
        }
        const Eigen::RowVector2d across = unit_ / on.deviation.value * Eigen::RowVector2d(-along.y(), along.x());
        const Seen seen = see(foot);
        f[row] = across * (seen.at - there);
        if (jacobian)
            derive(across, seen);
        ++row;
    }
    if (known) {
        f.segment(row, directionCount) =
            known->root * x.segment(first, directionCount) - known->target;
        if (jacobian)
            for (int k = 0; k < directionCount; ++k)
                for (int r = 0; r < directionCount; ++r)
                    d(row + r, first + k) = known->root(r, k);
        row += directionCount;
    }
    for (int k = 0; !known && k < directionCount; ++k, ++row) {
        f[row] = x[first + k] / directions[k].spread;
        if (jacobian)
            d(row, first + k) = 1 / directions[k].spread;
    }
    if (distanceIsFree()) {
        f[row] = (x[6] - meanLogDistance) / logDistanceSpread;
        if (jacobian)
            d(row, 6) = 1 / logDistanceSpread;
        ++row;
    }
    if (axisIsFree()) {
        // The way from the head to the axis, in focal lengths.
        const double perFocal = nearness / scale / axisSpread;
        f.segment<2>(row) = axis * perFocal;
        if (jacobian)
            for (int r = 0; r < 2; ++r) {
                d(row + r, firstAxis() + r) = perFocal;
                if (!followsScale)
                    d(row + r, 5) = -axis[r] * perFocal;
                if (!focal)
                    d(row + r, 6) = -axis[r] * perFocal;
            }
        row += 2;
    }
    auto hold = [&](const PicturePoint& at, double size, double slack) {
        const Vector2d there = (at - principal_) / unit_;
        const double weight = unit_ / (slack * size);
        f.segment<2>(row) = weight * (centre - there);
        f[row + 2] = (x[5] - std::log(size / unit_)) / slack;
        if (jacobian) {
            d(row, 3) = d(row + 1, 4) = weight;
            d(row + 2, 5) = 1 / slack;
        }
        row += 3;
    };
    if (ball) {
        hold(ball->centre, ball->radius.value, ballDeviation);
        // The outline of a near ball is wider than its scale: r = scale / sqrt(1 - nearness²).
        const double q2 = nearness * nearness, slope = q2 / (1 - q2) / ballDeviation;
        f[row - 1] -= std::log1p(-q2) / (2 * ballDeviation);
        if (jacobian && followsScale)
            d(row - 1, 5) += slope;
        else if (jacobian && !focal)
            d(row - 1, 6) = -slope;
    }
    if (pageHeld) {
        hold(pageHeld->centre, pageHeld->scale, pageSlack);
        // The turn about the line of sight that is left between the held page and this pose.
        const Matrix3d between = rotation * pageHeld->rotation.transpose();
        const double roll =
            std::atan2(between(1, 0) - between(0, 1), between(0, 0) + between(1, 1));
        f[row] = roll / (10 * pageSlack);
        if (jacobian)
            for (int k = 0; k < 3; ++k)
                d(row, k) = left(2, k) / (10 * pageSlack);
        ++row;
    }
    if (facingHeld) {
        // Where the held head's line of sight has gone; a turn about it leaves it in place.
        const Vector3d sight = (rotation * facingHeld->transpose()).col(2);
        f.segment<2>(row) = sight.head<2>() / facingSlack;
        if (jacobian) {
            const Matrix3d slope = -skew(sight) * left / facingSlack;
            for (int r = 0; r < 2; ++r)
                for (int k = 0; k < 3; ++k)
                    d(row + r, k) = slope(r, k);
        }
    }
    return true;
}

double HeadProblem::solve(State& start, int iterations, double tolerance) {
    VectorXd x = pack(start);
    ceres::TinySolver<HeadProblem> solver;
    solver.options.max_num_iterations = iterations;
    solver.options.function_tolerance = tolerance;
    solver.options.parameter_tolerance = 1e-7;
    solver.options.gradient_tolerance = 1e-9;
    solver.Solve(*this, &x);
    if (x.allFinite())
        unpack(x, start);
    return solver.summary.final_cost;
}

void HeadProblem::drop(std::size_t observation) {
    const auto at = static_cast<std::ptrdiff_t>(observation);
    observations.erase(observations.begin() + at);
    for (Direction& d : directions)
        d.displacement.erase(d.displacement.begin() + at);
}

std::pair<VectorXd, Eigen::MatrixXd> HeadProblem::linearised(const State& state) {
    const VectorXd x = pack(state);
    VectorXd f(NumResiduals());
    Eigen::MatrixXd j(NumResiduals(), NumParameters());
    (*this)(x.data(), f.data(), j.data());
    return {f, j};
}

Eigen::MatrixXd HeadProblem::covariance(const State& state) {
    const Eigen::MatrixXd j = linearised(state).second;
    const int n = NumParameters();
    // The whisper of a prior on every unknown keeps the inverse finite when the marks say nothing.
    const Eigen::MatrixXd information = j.transpose() * j + 1e-6 * Eigen::MatrixXd::Identity(n, n);
    return information.ldlt().solve(Eigen::MatrixXd::Identity(n, n));
}

Eigen::MatrixXd HeadProblem::facingSlope(const State& state) {
    const VectorXd x = pack(state);
    Eigen::MatrixXd slope = Eigen::MatrixXd::Zero(3, NumParameters());
    constexpr double step = 1e-5;
    State less = state, more = state;
    for (int k = 0; k < firstDirection(); ++k) {
        VectorXd at = x;
        at[k] = x[k] - step;
        unpack(at, less);
        at[k] = x[k] + step;
        unpack(at, more);
        // Twice the axis of so small a turn, read off its skew part.
        const Matrix3d turn = more.view.facing() * less.view.facing().transpose();
        slope.col(k) =
            Vector3d(turn(2, 1) - turn(1, 2), turn(0, 2) - turn(2, 0), turn(1, 0) - turn(0, 1)) /
            (4 * step);
    }
    return slope;
}

ShapeKnowledge HeadProblem::told(const State& state) {
    // With a prior of no weight only the observations speak.
    const auto n = static_cast<Eigen::Index>(directions.size());
    const std::optional<Known> before = known;
    known = Known{Eigen::MatrixXd::Zero(n, n), VectorXd::Zero(n)};
    const auto [f, j] = linearised(state);
    known = before;
    const Eigen::Index c = firstDirection();
    const Eigen::MatrixXd jc = j.rightCols(n), jp = j.leftCols(c);
    const Eigen::MatrixXd hpp = jp.transpose() * jp + 1e-6 * Eigen::MatrixXd::Identity(c, c);
    // The camera's unknowns are eliminated by the Schur complement.
    const Eigen::MatrixXd gain = hpp.ldlt().solve(jp.transpose() * jc).transpose();
    const VectorXd gradient = -(jc.transpose() * f) + gain * (jp.transpose() * f);
    ShapeKnowledge told;
    told.information = jc.transpose() * jc - gain * (jp.transpose() * jc);
    told.information = (told.information + told.information.transpose().eval()) / 2;
    const Eigen::Map<const VectorXd> at(state.coefficients.data(), n);
    told.weighted = told.information * at + gradient;
    return told;
}

std::vector<PicturePoint> HeadProblem::deviations(const State& state) const {
    std::vector<PicturePoint> all;
    for (std::size_t i = 0; i < observations.size(); ++i) {
        HeadPoint p = observations[i].base;
        for (std::size_t k = 0; k < directions.size(); ++k)
            p += state.coefficients[k] * directions[k].displacement[i];
        all.push_back(observations[i].at - state.view.project(p));
    }
    return all;
}

} // namespace zokran
