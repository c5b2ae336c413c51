#include "core/compare/straights.h"

#include "core/compare/linear_selection.h"

#include <cmath>

namespace zokran {

namespace {

constexpr std::size_t mostStraightErrors = 5;
/// What an error must explain before it is admitted, in squared standard deviations, since some twenty-five compete; less
/// of a slant, which two corners have to agree on.
constexpr double cornerPenalty = 11, slantPenalty = 8;
/// How far the run as a whole may lie beside its place, ball radii, and be larger or turned, a share and radians.
constexpr double wholeShift = 0.02, wholeChange = 0.01;

Eigen::Vector2d clockwise(const Eigen::Vector2d& v) {
    return {-v.y(), v.x()}; // y points down
}

class RunProblem {
public:
    explicit RunProblem(const StraightRun& run) : run_(run), corners_(run.belongs.size()) {
        SketchPoint middle;
        for (const SketchPoint& p : run.belongs)
            middle += p / static_cast<double>(corners_);
        for (std::size_t k = 0; k + 1 < corners_; ++k) {
            const Eigen::Vector2d along = (run.belongs[k + 1] - run.belongs[k]).normalized();
            const Eigen::Vector2d square = clockwise(along);
            const SketchPoint half = (run.belongs[k] + run.belongs[k + 1]) / 2;
            normals_.push_back(square.dot(half - middle) < 0 ? Eigen::Vector2d(-square) : square);
        }
        for (std::size_t i = 0; i < corners_; ++i) {
            const Eigen::Vector2d &before = normals_[i == 0 ? 0 : i - 1], &after = normals_[std::min(i, corners_ - 2)];
            outward_.push_back((before + after).norm() > 1e-6 ? Eigen::Vector2d((before + after).normalized()) : before);
            // How well two lines that meet at this angle fix their crossing along the run.
            const double bend = std::acos(std::clamp(before.dot(after), -1.0, 1.0)) / 2;
            const double fixed = i == 0 || i + 1 == corners_ ? 0 : std::tan(bend);
            slide_.push_back(1 / std::clamp(fixed, 0.1, 1.0));
        }
        const auto rows = static_cast<long>(2 * corners_);
        residuals_ = Eigen::VectorXd::Zero(rows + 4);
        base_ = Eigen::MatrixXd::Zero(rows + 4, 4);
        deviation_ = run.noise.value;
        if (!run.noiseIsKnown) {
            std::vector<double> across;
            for (std::size_t i = 0; i < corners_; ++i)
                across.push_back(outward_[i].dot(run.drawn[i] - run.belongs[i]) / deviation_);
            // So few corners tell little: they count half, beside what the marks said, which is on the large side.
            constexpr double marksSaid = 0.8;
            deviation_ *= std::hypot(steadinessOf(std::move(across), 0.3, 1.8), marksSaid) / std::sqrt(2.0);
        }
        residuals_.head(rows) = effectOf([&](std::size_t i) { return Eigen::Vector2d(run.drawn[i] - run.belongs[i]); }).head(rows);
        base_.col(0) = effectOf([](std::size_t) { return Eigen::Vector2d(1, 0); });
        base_.col(1) = effectOf([](std::size_t) { return Eigen::Vector2d(0, 1); });
        base_.col(2) = effectOf([&](std::size_t i) { return Eigen::Vector2d(run.belongs[i] - middle); });
        base_.col(3) = effectOf([&](std::size_t i) { return clockwise(run.belongs[i] - middle); });
        for (int prior = 0; prior < 4; ++prior)
            base_(rows + prior, prior) = 1 / (prior < 2 ? wholeShift * run.scale : wholeChange);
    }

    template <class Displacement>
    Eigen::VectorXd effectOf(Displacement displacement) const {
        Eigen::VectorXd effect = Eigen::VectorXd::Zero(residuals_.size());
        for (std::size_t i = 0; i < corners_; ++i) {
            const Eigen::Vector2d by = displacement(i);
            effect[static_cast<long>(2 * i)] = outward_[i].dot(by) / deviation_;
            effect[static_cast<long>(2 * i + 1)] = clockwise(outward_[i]).dot(by) / (deviation_ * slide_[i]);
        }
        return effect;
    }
    std::vector<LinearChoice> solve(const std::vector<LinearCandidate>& candidates) const {
        return selectErrors(base_, residuals_, candidates, mostStraightErrors);
    }

    const Eigen::Vector2d& normal(std::size_t straight) const { return normals_[straight]; }
    const Eigen::Vector2d& outward(std::size_t corner) const { return outward_[corner]; }

private:
    const StraightRun& run_;
    const std::size_t corners_;
    std::vector<Eigen::Vector2d> normals_; ///< of each straight, away from the run's middle
    std::vector<Eigen::Vector2d> outward_; ///< of each corner
    std::vector<double> slide_;            ///< of each corner: deviation along the run over that square to it
    double deviation_;                     ///< px
    Eigen::VectorXd residuals_;
    Eigen::MatrixXd base_;
};

/// The angle of a straight to the horizontal, 0 to a right angle.
double steepness(const Eigen::Vector2d& along) {
    return std::atan2(std::abs(along.y()), std::abs(along.x()));
}

struct RunMode {
    enum class Kind { Slant, Side, Corner } kind;
    std::size_t at; ///< the straight or the corner
};

} // namespace

std::vector<OutlineError> straightErrors(const StraightRun& run) {
    const std::size_t corners = run.belongs.size();
    if (corners < 3 || run.drawn.size() != corners)
        return {};
    for (std::size_t k = 0; k + 1 < corners; ++k)
        if ((run.belongs[k + 1] - run.belongs[k]).norm() < 1 || (run.drawn[k + 1] - run.drawn[k]).norm() < 1)
            return {};
    const RunProblem problem(run);
    std::vector<RunMode> modes;
    std::vector<LinearCandidate> candidates;
    const auto displacement = [&](const RunMode& mode, std::size_t i) -> Eigen::Vector2d {
        const bool isEnd = i == mode.at || i == mode.at + 1;
        switch (mode.kind) {
        case RunMode::Kind::Slant:
            return isEnd ? Eigen::Vector2d((i == mode.at ? -0.5 : 0.5) * clockwise(run.belongs[mode.at + 1] - run.belongs[mode.at]))
                         : Eigen::Vector2d(0, 0);
        case RunMode::Kind::Side:
            return isEnd ? Eigen::Vector2d(run.scale * problem.normal(mode.at)) : Eigen::Vector2d(0, 0);
        case RunMode::Kind::Corner:
            break;
        }
        return i == mode.at ? Eigen::Vector2d(run.scale * problem.outward(i)) : Eigen::Vector2d(0, 0);
    };
    const auto add = [&](RunMode::Kind kind, std::size_t count) {
        for (std::size_t at = 0; at < count; ++at) {
            modes.push_back({kind, at});
            candidates.push_back({problem.effectOf([&](std::size_t i) { return displacement(modes.back(), i); }),
                                  kind == RunMode::Kind::Slant ? slantPenalty : cornerPenalty});
        }
    };
    add(RunMode::Kind::Corner, corners);
    add(RunMode::Kind::Slant, corners - 1);
    add(RunMode::Kind::Side, corners - 1);

    std::vector<OutlineError> errors;
    for (const LinearChoice& choice : problem.solve(candidates)) {
        const RunMode& mode = modes[choice.candidate];
        const bool isCorner = mode.kind == RunMode::Kind::Corner, isSlant = mode.kind == RunMode::Kind::Slant;
        OutlineError error{isSlant ? "outline_slant" : isCorner ? "outline_corner" : "outline_side", run.line,
                           isSlant ? AmountUnit::Radian : AmountUnit::BallRadius, choice.amount, choice.sigma, {}};
        error.number = static_cast<int>(mode.at) + 1;
        // A corner is shown with the straights that meet in it.
        const std::size_t first = isCorner && mode.at > 0 ? mode.at - 1 : mode.at, last = std::min(mode.at + 1, corners - 1);
        for (std::size_t i = first; i <= last; ++i)
            error.moves.push_back({run.drawn[i], SketchPoint(run.drawn[i] - choice.amount * displacement(mode, i))});
        if (isSlant) {
            error.mendClockwise = choice.amount < 0;
            const Eigen::Vector2d is = run.drawn[mode.at + 1] - run.drawn[mode.at],
                                  should = Eigen::Rotation2Dd(-choice.amount) * is;
            if (steepness(is) < steepness(should))
                error.amount = -std::abs(error.amount);
            else
                error.amount = std::abs(error.amount);
        }
        errors.push_back(std::move(error));
    }
    return errors;
}

} // namespace zokran
