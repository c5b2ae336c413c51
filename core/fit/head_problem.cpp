#include "core/fit/head_problem.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace zokran {

using Eigen::Matrix3d;
using Eigen::Vector2d;
using Eigen::Vector3d;
using Eigen::VectorXd;

namespace {

/// With a page held, place and size may outlier this far (of a ball radius), the lean this far.
constexpr double pageSlack = 0.002;
/// With the facing held, the line of sight may outlier this far, radians.
constexpr double facingSlack = 1e-3;

/// Camera distances are kept between 3 ball radii (a hand's breadth off the face) and the moon.
constexpr double nearest = 1 / 3.0;
double boundedNearness(double logDistance) {
    return std::exp(-std::clamp(logDistance, -std::log(nearest), 12.0));
}

} // namespace

HeadProblem::HeadProblem(PicturePoint principal, Pixels unit)
    : principal_(principal), unit_(unit.value) {}

int HeadProblem::unknowns() const {
    return firstDirection() + static_cast<int>(directions.size());
}

int HeadProblem::seenRows() const {
    return static_cast<int>(2 * observations.size() + lineObservations.size()) + (ball ? 3 : 0) +
           (distanceIsFree() ? 1 : 0) + (axisIsFree() ? 2 : 0) + (pageHeld ? 4 : 0) +
           (facingHeld ? 2 : 0);
}

VectorXd HeadProblem::pack(const State& state) {
    start_ = state.view.rotation;
    moves_.resize(static_cast<Eigen::Index>(directions.size()),
                  static_cast<Eigen::Index>(3 * observations.size()));
    for (std::size_t k = 0; k < directions.size(); ++k)
        for (std::size_t i = 0; i < observations.size(); ++i)
            moves_.block<1, 3>(static_cast<int>(k), static_cast<int>(3 * i)) =
                directions[k].displacement[i].transpose();
    VectorXd x(unknowns());
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

void HeadProblem::evaluate(const VectorXd& x, Eigen::Ref<VectorXd> f, Eigen::MatrixXd* slopes) const {
    const int first = firstDirection();
    const auto directionCount = static_cast<Eigen::Index>(directions.size());
    const auto c = x.segment(first, directionCount);
    if (slopes)
        slopes->setZero();
    auto d = [&](int row, int column) -> double& { return (*slopes)(column, row); };

    const Vector3d w = x.head<3>();
    const Matrix3d rotation = rotationFromVector(w) * start_;
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
    const auto project = [&](const Vector3d& p) {
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
        const Eigen::Matrix<double, rowCount, 3> turn = -toView * skew(m);
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
        const auto moves = moves_.middleCols<3>(static_cast<int>(3 * i));
        const Seen seen = project(o.base + moves.transpose() * c);
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
        if (slopes) {
            const Eigen::Matrix2d robust =
                weight * (g * Eigen::Matrix2d::Identity() + slope * e * e.transpose());
            const Eigen::Matrix<double, 2, 3> toHead = derive(robust, seen);
            slopes->block(first, row, directionCount, 2).noalias() = moves * toHead.transpose();
        }
        row += 2;
    }
    for (const LineObservation& on : lineObservations) {
        // The nearest place of the curve as it is seen now; how far off, across the curve.
        const Vector2d there = (on.at - principal_) / unit_ - axis;
        Vector3d foot = on.curve.front();
        Vector2d along(1, 0);
        double nearestYet = std::numeric_limits<double>::infinity();
        Vector2d from = project(on.curve.front()).at;
        for (std::size_t i = 1; i < on.curve.size(); ++i) {
            const Vector2d to = project(on.curve[i]).at;
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
        const Seen seen = project(foot);
        f[row] = across * (seen.at - there);
        if (slopes)
            derive(across, seen);
        ++row;
    }
    if (distanceIsFree()) {
        f[row] = (x[6] - meanLogDistance) / logDistanceSpread;
        if (slopes)
            d(row, 6) = 1 / logDistanceSpread;
        ++row;
    }
    if (axisIsFree()) {
        // The way from the head to the axis, in focal lengths.
        const double perFocal = nearness / scale / axisSpread;
        f.segment<2>(row) = axis * perFocal;
        if (slopes)
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
        if (slopes) {
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
        if (slopes && followsScale)
            d(row - 1, 5) += slope;
        else if (slopes && !focal)
            d(row - 1, 6) = -slope;
    }
    if (pageHeld) {
        hold(pageHeld->centre, pageHeld->scale, pageSlack);
        // The turn about the line of sight that is left between the held page and this pose.
        const Matrix3d between = rotation * pageHeld->rotation.transpose();
        const double roll =
            std::atan2(between(1, 0) - between(0, 1), between(0, 0) + between(1, 1));
        f[row] = roll / (10 * pageSlack);
        if (slopes)
            d(row, 2) = 1 / (10 * pageSlack);
        ++row;
    }
    if (facingHeld) {
        // Where the held head's line of sight has gone; a turn about it leaves it in place.
        const Vector3d sight = (rotation * facingHeld->transpose()).col(2);
        f.segment<2>(row) = sight.head<2>() / facingSlack;
        if (slopes) {
            const Matrix3d slope = -skew(sight) / facingSlack;
            for (int r = 0; r < 2; ++r)
                for (int k = 0; k < 3; ++k)
                    d(row + r, k) = slope(r, k);
        }
    }
}

Eigen::MatrixXd HeadProblem::shapeRoot() const {
    if (known)
        return known->root;
    VectorXd inverse(static_cast<Eigen::Index>(directions.size()));
    for (Eigen::Index k = 0; k < inverse.size(); ++k)
        inverse[k] = 1 / directions[static_cast<std::size_t>(k)].spread;
    return inverse.asDiagonal();
}

double HeadProblem::solve(State& start, int iterations, double tolerance) {
    /// The residuals at one place, those of the shape's prior by themselves, and their derivatives.
    struct Place {
        VectorXd x, f, shape;
        Eigen::MatrixXd slopes;
        double cost = 0;
    };
    const Eigen::MatrixXd root = shapeRoot();
    const auto shapes = root.rows();
    const auto go = [&](Place& to) {
        evaluate(to.x, to.f, &to.slopes);
        to.shape.noalias() = root.triangularView<Eigen::Upper>() * to.x.tail(shapes);
        if (known)
            to.shape -= known->target;
        to.cost = (to.f.squaredNorm() + to.shape.squaredNorm()) / 2;
    };
    Place here{pack(start), VectorXd(seenRows()), VectorXd(shapes), {}};
    const auto n = here.x.size();
    here.slopes.resize(n, seenRows());
    Place there = here;
    go(here);
    Eigen::MatrixXd normal(n, n), damped(n, n);
    VectorXd gradient(n), step(n), lift(n);
    bool hasMoved = true;
    double damping = 1e-4, growth = 2;
    for (int i = 1; i < iterations && std::isfinite(here.cost); ++i) {
        if (hasMoved) {
            normal.setZero();
            normal.selfadjointView<Eigen::Lower>().rankUpdate(here.slopes);
            auto ofShape = normal.bottomRightCorner(shapes, shapes);
            if (known)
                ofShape.selfadjointView<Eigen::Lower>().rankUpdate(root.transpose());
            else
                ofShape.diagonal() += root.diagonal().cwiseAbs2();
            gradient.noalias() = here.slopes * here.f;
            gradient.tail(shapes) += root.transpose().triangularView<Eigen::Lower>() * here.shape;
            if (gradient.cwiseAbs().maxCoeff() < 1e-9)
                break;
        }
        lift = damping * normal.diagonal().cwiseMax(1e-6);
        damped.triangularView<Eigen::Lower>() = normal;
        damped.diagonal() += lift;
        step = Eigen::LLT<Eigen::Ref<Eigen::MatrixXd>>(damped).solve(-gradient);
        if (step.norm() < 1e-7 * here.x.norm())
            break;
        there.x = here.x + step;
        go(there);
        const double better = here.cost - there.cost;
        const double foreseen = (step.dot(lift.cwiseProduct(step)) - step.dot(gradient)) / 2;
        hasMoved = better > 0;
        if (hasMoved) {
            std::swap(here, there);
            start_ = rotationFromVector(here.x.head<3>()) * start_;
            here.x.head<3>().setZero();
            const double trust = 2 * better / foreseen - 1;
            damping *= std::max(1 / 3.0, 1 - trust * trust * trust);
            growth = 2;
        } else {
            damping *= growth;
            growth *= 2;
        }
        if (std::abs(better) < tolerance)
            break;
    }
    if (here.x.allFinite())
        unpack(here.x, start);
    return here.cost;
}

void HeadProblem::drop(std::size_t observation) {
    const auto at = static_cast<std::ptrdiff_t>(observation);
    observations.erase(observations.begin() + at);
    for (Direction& d : directions)
        d.displacement.erase(d.displacement.begin() + at);
}

std::pair<VectorXd, Eigen::MatrixXd> HeadProblem::linearised(const State& state) {
    const VectorXd x = pack(state);
    const int rows = seenRows(), shapes = static_cast<int>(directions.size());
    VectorXd f(rows + shapes);
    Eigen::MatrixXd slopes(unknowns(), rows), j = Eigen::MatrixXd::Zero(rows + shapes, unknowns());
    evaluate(x, f.head(rows), &slopes);
    const Eigen::MatrixXd root = shapeRoot();
    f.tail(shapes) = root * x.tail(shapes);
    if (known)
        f.tail(shapes) -= known->target;
    j.topRows(rows) = slopes.transpose();
    j.bottomRightCorner(shapes, shapes) = root;
    return {f, j};
}

Eigen::MatrixXd HeadProblem::covariance(const State& state) {
    const Eigen::MatrixXd j = linearised(state).second;
    const int n = unknowns();
    // The whisper of a prior on every unknown keeps the inverse finite when the marks say nothing.
    const Eigen::MatrixXd information = j.transpose() * j + 1e-6 * Eigen::MatrixXd::Identity(n, n);
    return information.ldlt().solve(Eigen::MatrixXd::Identity(n, n));
}

Eigen::MatrixXd HeadProblem::facingSlope(const State& state) {
    const VectorXd x = pack(state);
    Eigen::MatrixXd slope = Eigen::MatrixXd::Zero(3, unknowns());
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

ShapeInformation HeadProblem::shapeInformation(const State& state) {
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
    ShapeInformation told;
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
