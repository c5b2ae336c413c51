#pragma once

#include <Eigen/Core>
#include <vector>

namespace zokran {

/// A smooth warp of a square of `side` px: thin-plate splines through control points, and the identity on the square's
/// border (Bookstein 1989).
class ThinPlateWarp {
public:
    /// Displaces at[i] by displaced[i], px, up to a little smoothing: control points may lie close together and disagree.
    /// `smoothing` is in the kernel's own unit, a hundred times the square of a side.
    ThinPlateWarp(std::vector<Eigen::Vector2d> at, std::vector<Eigen::Vector2d> displaced, double side, double smoothing = 1);

    /// By how much the place is displaced, px.
    Eigen::Vector2d operator()(const Eigen::Vector2d& place) const;

private:
    double kernel(double squaredDistance) const;

    std::vector<Eigen::Vector2d> at_;
    double side_;
    Eigen::MatrixXd weights_; ///< of every control point, then the affine part: 1, x, y in sides
};

} // namespace zokran
