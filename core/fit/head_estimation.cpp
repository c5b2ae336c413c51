#include "core/fit/head_estimation.h"

#include "core/fit/head_residuals.h"

namespace zokran {

using Eigen::Index;
using Eigen::Matrix3d;
using Eigen::MatrixXd;
using Eigen::VectorXd;

LeastSquaresSummary estimate(const HeadProblem& problem, HeadProblem::State& state, const LeastSquaresOptions& options) {
    HeadResiduals residuals(problem, state.view);
    VectorXd x = residuals.parameters(state);
    const LeastSquaresSummary summary = levenbergMarquardt(residuals, x, options);
    state = residuals.state(x);
    return summary;
}

Linearisation linearise(const HeadProblem& problem, const HeadProblem::State& state) {
    const HeadResiduals residuals(problem, state.view);
    const VectorXd x = residuals.parameters(state);
    const auto [root, target] = residuals.prior();
    const Index seen = residuals.residualCount(), n = residuals.parameterCount(), withPrior = root.rows();
    Linearisation all{VectorXd(seen + withPrior), MatrixXd::Zero(seen + withPrior, n), residuals.cameraParameterCount()};
    MatrixXd jacobian(n, seen);
    residuals.evaluate(x, all.residuals.head(seen), &jacobian);
    all.residuals.tail(withPrior) = root * x.tail(withPrior) - target;
    all.jacobian.topRows(seen) = jacobian.transpose();
    all.jacobian.bottomRightCorner(withPrior, withPrior) = root;
    return all;
}

MatrixXd parameterCovariance(const HeadProblem& problem, const HeadProblem::State& state) {
    const MatrixXd j = linearise(problem, state).jacobian;
    const Index n = j.cols();
    // A very weak prior on every parameter keeps the inverse finite where the marks say nothing.
    const MatrixXd information = j.transpose() * j + 1e-6 * MatrixXd::Identity(n, n);
    return information.ldlt().solve(MatrixXd::Identity(n, n));
}

MatrixXd facingJacobian(const HeadProblem& problem, const HeadProblem::State& state) {
    const HeadResiduals residuals(problem, state.view);
    const VectorXd x = residuals.parameters(state);
    MatrixXd jacobian = MatrixXd::Zero(3, residuals.parameterCount());
    constexpr double step = 1e-5;
    for (Index k = 0; k < residuals.cameraParameterCount(); ++k) {
        VectorXd less = x, more = x;
        less[k] -= step;
        more[k] += step;
        // Twice the axis of so small a turn, read off its skew part.
        const Matrix3d turn = residuals.state(more).view.facing() * residuals.state(less).view.facing().transpose();
        jacobian.col(k) = Eigen::Vector3d(turn(2, 1) - turn(1, 2), turn(0, 2) - turn(2, 0), turn(1, 0) - turn(0, 1)) /
                          (4 * step);
    }
    return jacobian;
}

ShapeInformation shapeInformation(const HeadProblem& problem, const HeadProblem::State& state) {
    const auto n = static_cast<Index>(problem.directions.size());
    HeadProblem withoutPrior = problem;
    withoutPrior.coefficientPrior = {MatrixXd::Zero(n, n), VectorXd::Zero(n)};
    const auto [f, j, cameraCount] = linearise(withoutPrior, state);
    const MatrixXd byShape = j.rightCols(n), byCamera = j.leftCols(cameraCount);
    const MatrixXd ofCamera = byCamera.transpose() * byCamera + 1e-6 * MatrixXd::Identity(cameraCount, cameraCount);
    // The camera's parameters are eliminated by the Schur complement.
    const MatrixXd gain = ofCamera.ldlt().solve(byCamera.transpose() * byShape).transpose();
    const VectorXd gradient = -(byShape.transpose() * f) + gain * (byCamera.transpose() * f);
    ShapeInformation told;
    told.information = byShape.transpose() * byShape - gain * (byCamera.transpose() * byShape);
    told.information = (told.information + told.information.transpose().eval()) / 2;
    const Eigen::Map<const VectorXd> at(state.coefficients.data(), n);
    told.weighted = told.information * at + gradient;
    return told;
}

std::vector<PicturePoint> deviations(const HeadProblem& problem, const HeadProblem::State& state) {
    std::vector<PicturePoint> all;
    for (std::size_t i = 0; i < problem.observations.size(); ++i) {
        HeadPoint p = problem.observations[i].base;
        for (std::size_t k = 0; k < problem.directions.size(); ++k)
            p += state.coefficients[k] * problem.directions[k].displacement[i];
        all.push_back(problem.observations[i].at - state.view.project(p));
    }
    return all;
}

} // namespace zokran
