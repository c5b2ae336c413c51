#include "core/base/thin_plate_warp.h"

#include <Eigen/LU>
#include <cmath>

namespace zokran {

namespace {

/// Pinned points along each edge of the square.
constexpr int perEdge = 4;

} // namespace

ThinPlateWarp::ThinPlateWarp(std::vector<Eigen::Vector2d> at, std::vector<Eigen::Vector2d> displaced, double side,
                             double smoothing)
    : at_(std::move(at)), side_(side) {
    for (int k = 0; k <= perEdge; ++k) {
        const double along = static_cast<double>(k) / perEdge;
        for (const auto& [x, y] : {std::pair{along, 0.0}, {along, 1.0}, {0.0, along}, {1.0, along}}) {
            at_.emplace_back(side_ * x, side_ * y);
            displaced.emplace_back(0, 0);
        }
    }
    const auto n = static_cast<Eigen::Index>(at_.size());
    Eigen::MatrixXd system = Eigen::MatrixXd::Zero(n + 3, n + 3), target = Eigen::MatrixXd::Zero(n + 3, 2);
    for (Eigen::Index i = 0; i < n; ++i) {
        for (Eigen::Index j = 0; j < n; ++j)
            system(i, j) = kernel((at_[i] - at_[j]).squaredNorm());
        system(i, i) += smoothing;
        system.row(i).tail<3>() << 1, at_[i].x() / side_, at_[i].y() / side_;
        system.col(i).tail<3>() = system.row(i).tail<3>().transpose();
        target.row(i) = displaced[i].transpose();
    }
    weights_ = system.partialPivLu().solve(target);
}

Eigen::Vector2d ThinPlateWarp::operator()(const Eigen::Vector2d& place) const {
    const auto n = static_cast<Eigen::Index>(at_.size());
    Eigen::RowVector2d sum =
        weights_.row(n) + place.x() / side_ * weights_.row(n + 1) + place.y() / side_ * weights_.row(n + 2);
    for (Eigen::Index i = 0; i < n; ++i)
        sum += kernel((at_[i] - place).squaredNorm()) * weights_.row(i);
    return sum.transpose();
}

double ThinPlateWarp::kernel(double squaredDistance) const {
    const double r2 = squaredDistance / (side_ * side_);
    return r2 > 0 ? 100 * r2 * std::log(r2) : 0;
}

} // namespace zokran
