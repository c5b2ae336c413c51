#include "core/head/rbf_warp.h"

#include <cmath>

namespace zokran {

namespace {

/// How round the bend is at a point, ball radii.
constexpr double bendRound = 0.22;

double multiquadric(const HeadPoint& p, const HeadPoint& centre) {
    return std::sqrt((p - centre).squaredNorm() + bendRound * bendRound);
}

} // namespace

RbfWarp::RbfWarp(const std::vector<HeadPoint>& from, const std::vector<HeadPoint>& to) : centres_(from) {
    const auto n = static_cast<Eigen::Index>(from.size());
    Eigen::MatrixXd a = Eigen::MatrixXd::Zero(n + 4, n + 4);
    Eigen::MatrixX3d b = Eigen::MatrixX3d::Zero(n + 4, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        const HeadPoint& at = centres_[static_cast<std::size_t>(i)];
        for (Eigen::Index k = 0; k < n; ++k)
            a(i, k) = multiquadric(at, centres_[static_cast<std::size_t>(k)]);
        a.block(i, n, 1, 4) << at.x(), at.y(), at.z(), 1;
        a.block(n, i, 4, 1) = a.block(i, n, 1, 4).transpose();
        b.row(i) = (to[static_cast<std::size_t>(i)] - at).transpose();
    }
    const Eigen::MatrixX3d x = a.partialPivLu().solve(b);
    for (Eigen::Index i = 0; i < n; ++i)
        weights_.push_back(x.row(i).transpose());
    stretch_ = x.middleRows<3>(n).transpose();
    shift_ = x.row(n + 3).transpose();
}

HeadPoint RbfWarp::operator()(const HeadPoint& p) const {
    HeadPoint q = p + stretch_ * p + shift_;
    for (std::size_t k = 0; k < centres_.size(); ++k)
        q += multiquadric(p, centres_[k]) * weights_[k];
    return q;
}

} // namespace zokran
