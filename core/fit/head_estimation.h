#pragma once

#include "core/fit/head_problem.h"
#include "core/fit/shape_information.h"

#include <vector>

namespace zokran {

/// Minimises the problem's cost from `state`, which becomes the solution.
LeastSquaresSummary estimate(const HeadProblem& problem, HeadProblem::State& state,
                             const LeastSquaresOptions& options = {});

/// The weighted residuals at a state, those of the coefficients' prior last, and their derivatives by the parameters
/// (`HeadResiduals`), a row per residual; the rotation vector acts on the left of the state's rotation.
struct Linearisation {
    Eigen::VectorXd residuals;
    Eigen::MatrixXd jacobian;
    /// The number of parameters before the coefficients.
    Eigen::Index cameraParameterCount;
};
Linearisation linearise(const HeadProblem& problem, const HeadProblem::State& state);

/// The inverse of JᵀJ at `state`: the covariance of the parameters.
Eigen::MatrixXd parameterCovariance(const HeadProblem& problem, const HeadProblem::State& state);

/// The derivative of `View::facing`, as a rotation vector acting on the left, by the parameters at `state`: three
/// rows. Where the head stands against the camera's axis takes part.
Eigen::MatrixXd facingJacobian(const HeadProblem& problem, const HeadProblem::State& state);

/// What the observations alone say of the coefficients, near `state`, with the camera left open: a quadratic
/// cᵀ information c / 2 - weightedᵀ c.
ShapeInformation shapeInformation(const HeadProblem& problem, const HeadProblem::State& state);

/// Each observation's deviation from where `state` puts it, px.
std::vector<PicturePoint> deviations(const HeadProblem& problem, const HeadProblem::State& state);

} // namespace zokran
