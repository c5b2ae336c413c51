#include "core/construction/hair_shell.h"

#include "core/construction/construction.h"
#include "core/construction/lines/traces.h"
#include "core/head/drawn_lines.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Of the ellipsoid, ball radii: a little behind the ball's.
const HeadPoint centre(0, 0, -0.06);
/// The hair's edge is taken at so many places, equally far apart along it.
constexpr std::size_t placesOnEdge = 64;
/// In a direction this far from a known place, radians, the place counts half as much as in its own; what is known of the other
/// side counts as if it lay `otherSide` further off.
constexpr double sharp = 0.05, otherSide = 0.35;
/// The shell goes over to the ellipsoid about this far from the nearest known place, radians.
constexpr double known = 0.7;
/// Hair grows wherever a known place is nearer than this, radians.
constexpr double beside = 0.15;

/// Where the hair ends below: from the temples back to the nape, and up to the forehead in front.
double lowestHair(double z) {
    return z > 0 ? -0.2 + 0.8 * z : -0.2 + 0.35 * z;
}

/// The chord between two unit vectors, which is nearly their angle: exact enough for weights.
double chordTo(const Eigen::Vector3d& a, const Eigen::Vector3d& b) {
    return (a - b).norm();
}

/// The curve at `count` places equally far apart along it.
std::vector<PicturePoint> resampled(const std::vector<PicturePoint>& curve, std::size_t count) {
    std::vector<double> along{0};
    for (std::size_t i = 1; i < curve.size(); ++i)
        along.push_back(along.back() + (curve[i] - curve[i - 1]).norm());
    std::vector<PicturePoint> places;
    std::size_t piece = 1;
    for (std::size_t k = 0; k < count; ++k) {
        const double wanted = along.back() * static_cast<double>(k) / static_cast<double>(count - 1);
        while (piece + 1 < curve.size() && along[piece] < wanted)
            ++piece;
        const double length = along[piece] - along[piece - 1];
        const double t = length > 0 ? std::clamp((wanted - along[piece - 1]) / length, 0.0, 1.0) : 0;
        places.push_back(curve[piece - 1] + t * (curve[piece] - curve[piece - 1]));
    }
    return places;
}

} // namespace

std::vector<HeadPoint> hairEdgePlaces(const std::vector<PicturePoint>& points, const View& view, const HeadMarks& head) {
    if (points.size() < 3)
        return {};
    // Only the depth of its outline is taken from this ellipsoid, which hardly depends on its semi-axes.
    const Eigen::Vector3d skull(std::abs(head[Mark::EarTopL].x()), head[Mark::Crown].y(), -head[Mark::Back].z() + centre.z());
    const std::vector<HeadPoint> ring =
        lines::ellipsoidOutline({centre, skull + Eigen::Vector3d::Constant(usualHair.value)}, view);
    const PicturePoint middle = view.project(centre);
    std::vector<HeadPoint> places;
    for (const PicturePoint& at : resampled(strokesThrough(DrawnLine::Hair, points).front(), placesOnEdge)) {
        const PicturePoint way = (at - middle).normalized();
        const auto sameWay = std::max_element(ring.begin(), ring.end(), [&](const HeadPoint& a, const HeadPoint& b) {
            return (view.project(a) - middle).normalized().dot(way) < (view.project(b) - middle).normalized().dot(way);
        });
        // Out along the ray from the centre, so that a thicker shell has its outline there, too; perspective takes a few
        // rounds.
        HeadPoint place = *sameWay;
        for (int round = 0; round < 3; ++round)
            place = centre + (at - middle).norm() / (view.project(place) - middle).norm() * (place - centre);
        places.push_back(place);
    }
    return places;
}

HairShell::HairShell(const HeadSolid& solid, BallRadii brow, std::optional<BallRadii> mass, const std::vector<HeadPoint>& edge) {
    const HeadMarks& head = solid.head();
    const BallRadii off = mass.value_or(usualHair);
    semiAxes_ = headPoint(solid.halfWidth(brow) + off, BallRadii{head[Mark::Crown].y()} + off,
                          BallRadii{-head[Mark::Back].z() + centre.z()} + off);
    for (const HeadPoint& place : edge) {
        const Eigen::Vector3d inUnits = (place - centre).cwiseQuotient(semiAxes_);
        if (const double scale = inUnits.norm(); scale > 0)
            known_.push_back({inUnits / scale, scale});
    }
    if (!known_.empty() && !mass) {
        std::vector<double> scales;
        for (const Known& k : known_)
            scales.push_back(k.scale);
        const auto median = scales.begin() + static_cast<std::ptrdiff_t>(scales.size() / 2);
        std::nth_element(scales.begin(), median, scales.end());
        usualScale_ = *median;
    }
}

double HairShell::scaleAt(const Eigen::Vector3d& direction) const {
    if (known_.empty())
        return usualScale_;
    const Eigen::Vector3d mirrored(-direction.x(), direction.y(), direction.z());
    double total = 0, sum = 0, nearest = 10;
    for (const Known& k : known_)
        for (const double angle : {chordTo(direction, k.direction), chordTo(mirrored, k.direction) + otherSide}) {
            const double ratio = angle / sharp, weight = 1 / (1 + ratio * ratio * ratio * ratio);
            total += weight;
            sum += weight * k.scale;
            nearest = std::min(nearest, angle);
        }
    const double share = std::exp(-nearest * nearest / (known * known));
    return usualScale_ + share * (sum / total - usualScale_);
}

bool HairShell::isNearPlace(const Eigen::Vector3d& direction) const {
    return std::any_of(known_.begin(), known_.end(), [&](const Known& k) { return chordTo(direction, k.direction) < beside; });
}

std::vector<HairShell::OutlinePlace> HairShell::outline(const View& view) const {
    std::vector<OutlinePlace> run;
    for (const HeadPoint& p : lines::ellipsoidOutline({centre, usualScale_ * semiAxes_}, view)) {
        const Eigen::Vector3d direction = (p - centre).cwiseQuotient(semiAxes_).normalized();
        const HeadPoint at = known_.empty() ? p : centre + scaleAt(direction) / usualScale_ * (p - centre);
        run.push_back({at, at.y() > lowestHair(at.z()) || isNearPlace(direction)});
    }
    return run;
}

} // namespace zokran
