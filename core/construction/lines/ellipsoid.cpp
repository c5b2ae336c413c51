#include "core/construction/lines/traces.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran::lines {

std::vector<HeadPoint> ellipsoidOutline(const Ellipsoid& ellipsoid, const View& view) {
    constexpr int steps = 120;
    // Where the axes are divided by the semi-axes the ellipsoid is a ball of radius 1; its outline is the circle in which
    // the rays from the camera graze it.
    const HeadPoint towards = (view.towardsCamera() - view.nearness * ellipsoid.centre).cwiseQuotient(ellipsoid.semiAxes);
    const double distance = towards.norm(), near = view.nearness;
    const Eigen::Vector3d axis = towards / distance;
    const double along = near / distance, radius = std::sqrt(std::max(0.0, 1 - along * along));
    const Eigen::Vector3d u = axis.unitOrthogonal(), v = axis.cross(u);
    std::vector<HeadPoint> ring;
    for (int i = 0; i < steps; ++i) {
        const double a = 2 * std::numbers::pi * i / steps;
        ring.push_back(ellipsoid.centre +
                       ellipsoid.semiAxes.cwiseProduct(along * axis + radius * (std::cos(a) * u + std::sin(a) * v)));
    }
    return ring;
}

} // namespace zokran::lines
