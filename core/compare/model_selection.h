#pragma once

#include "core/compare/errors/error_modes.h"
#include "core/fit/head_problem.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// An error admitted to the explanation of a sketch.
struct AdmittedError {
    const ErrorMode* mode;
    double amount, amountSigma; ///< in the mode's unit
    double second = 0;          ///< along the second axis, for a single misplaced mark
};

/// How a sketch is best explained.
struct ModelSelection {
    View view;
    /// Of the facing's rotation vector, acting on the left, rad²; with what a drift too small to be told could be.
    Eigen::Matrix3d facingCovariance;
    Eigen::Matrix3d looseFacing; ///< with the same errors admitted and the pose let loose, whether or not it drifted ...
    Eigen::Matrix3d looseCovariance; ///< ... and its own covariance, as above
    bool poseDrifted = false;
    std::vector<AdmittedError> errors;
    std::vector<PicturePoint> unexplained; ///< what is left of each observation, px
    /// Where a turn and a shift across the face explain the marks nearly as well: of a shift that was taken the turn from
    /// the faithful view that would stand for it, of a turn the id of the shift; else nothing.
    std::optional<Radians> rivalTurn;
    std::string rivalShift;
};

/// Looks for the few errors that explain the sketch's marks. `problem` holds the observations and
/// what is fixed; its directions are filled here. `faithful` is the view a faithful copy would
/// have.
///
/// A step-wise search: the error with the largest gain is admitted while the gain exceeds what
/// noise gives away, and one that no longer earns its place is dropped again. It is run from the
/// faithful view and again with the pose let loose, and the cheaper explanation wins.
ModelSelection selectModel(const HeadProblem& problem, const std::vector<ErrorMode>& modes,
                    const View& faithful);

} // namespace zokran
