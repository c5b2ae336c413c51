#pragma once

#include "core/fit/head_problem.h"

namespace zokran {

/// The weighted residuals of a head problem and their derivatives, as functions of a parameter vector: a rotation
/// vector (acting on the left of a reference rotation), the centre (2, in units from the principal point), log scale,
/// log distance (where the focal length is not known), the camera's axis (2, where it is free), the coefficients.
class HeadResiduals final : public LeastSquares {
public:
    /// Keeps `problem` by reference; the rotation of `reference` is the one that rotation vectors are relative to.
    HeadResiduals(const HeadProblem& problem, const View& reference);

    Eigen::Index parameterCount() const override;
    Eigen::Index residualCount() const override;
    void evaluate(const Eigen::VectorXd& x, Eigen::Ref<Eigen::VectorXd> residuals,
                  Eigen::MatrixXd* jacobian) const override;
    Prior prior() const override;
    /// Takes the rotation that `x` has come to as the new reference.
    void recentre(Eigen::VectorXd& x) override;

    Eigen::VectorXd parameters(const HeadProblem::State& state) const;
    HeadProblem::State state(const Eigen::VectorXd& x) const;
    /// The number of parameters before the coefficients.
    Eigen::Index cameraParameterCount() const { return firstAxis() + (axisIsFree() ? 2 : 0); }

private:
    bool distanceIsFree() const { return !problem_.focal; }
    double pixelsPerUnit() const { return problem_.unit.value; }
    bool axisIsFree() const { return problem_.axisSpread > 0; }
    Eigen::Index firstAxis() const { return distanceIsFree() ? 7 : 6; }

    const HeadProblem& problem_;
    Eigen::Matrix3d reference_;
    /// The directions' displacements side by side: three columns per observation, one row per direction.
    Eigen::MatrixXd displacements_;
    /// The curves of the line observations, their ends prolonged.
    std::vector<std::vector<HeadPoint>> curves_;
};

} // namespace zokran
