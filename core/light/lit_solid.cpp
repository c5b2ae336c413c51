#include "core/light/lit_solid.h"

#include "core/construction/solid.h"
#include "core/head/proportions.h"

#include <cmath>
#include <numbers>

namespace zokran {

std::uint32_t LitSolid::add(const HeadPoint& at, const Eigen::Vector3d& normal) {
    points.push_back(at);
    normals.push_back(normal);
    return static_cast<std::uint32_t>(points.size() - 1);
}

void LitSolid::addQuad(std::uint32_t a, std::uint32_t b, std::uint32_t c, std::uint32_t d,
                       bool ground) {
    triangles.push_back({{a, b, c}, ground});
    triangles.push_back({{a, c, d}, ground});
}

namespace {

/// An ellipsoid with these half axes, its columns; they may not all vanish.
void addEllipsoid(LitSolid& lit, const HeadPoint& middle, const Eigen::Matrix3d& axes) {
    constexpr std::uint32_t rows = 14, around = 24;
    const Eigen::Matrix3d forNormals = axes.inverse().transpose();
    const auto first = static_cast<std::uint32_t>(lit.points.size());
    for (std::uint32_t i = 0; i <= rows; ++i)
        for (std::uint32_t k = 0; k < around; ++k) {
            const double a = std::numbers::pi * i / rows, b = 2 * std::numbers::pi * k / around;
            const Eigen::Vector3d p(std::sin(a) * std::cos(b), std::cos(a), std::sin(a) * std::sin(b));
            lit.add(middle + axes * p, (forNormals * p).normalized());
        }
    const auto on = [&](std::uint32_t i, std::uint32_t k) { return first + i * around + k % around; };
    for (std::uint32_t i = 0; i < rows; ++i)
        for (std::uint32_t k = 0; k < around; ++k)
            lit.addQuad(on(i, k), on(i, k + 1), on(i + 1, k + 1), on(i + 1, k));
}

/// The eyes as balls between the lids.
void addEyes(LitSolid& lit, const HeadMarks& head) {
    constexpr double eye = 0.13; // a grown eye is 24 mm across (from memory), a ball radius some 96 mm
    constexpr double lids = 1.4; // drawn out, it fills what the lids leave open
    for (Mark pupil : {Mark::PupilL, Mark::PupilR})
        addEllipsoid(lit, head[pupil] - HeadPoint(0, 0, eye),
                     Eigen::Vector3d(lids * eye, lids * eye, eye).asDiagonal().toDenseMatrix());
}

/// The ears as flat ovals.
void addEars(LitSolid& lit, const HeadMarks& head) {
    using enum Mark;
    for (const auto& [top, base] : {std::pair{EarTopL, EarBaseL}, {EarTopR, EarBaseR}}) {
        const Eigen::Vector3d half = (head[top] - head[base]) / 2;
        const double side = head[top].x() > 0 ? 1 : -1;
        Eigen::Matrix3d axes;
        axes.col(1) = half;
        axes.col(0) = 0.09 * Eigen::Vector3d(side, 0, 0.35).normalized(); // it stands off at the back
        axes.col(2) = 0.5 * half.norm() * axes.col(0).cross(half).normalized();
        if (std::abs(axes.determinant()) > 1e-6)
            addEllipsoid(lit, (head[top] + head[base]) / 2, axes);
    }
}

/// Whether a place of the skin lies in the pouch behind the lids, where the skin goes inward.
bool isBehindLids(const HeadPoint& p, const HeadSolid& solid) {
    constexpr double across = 0.35, up = 0.3, behind = 0.03;
    for (Mark pupil : {Mark::PupilL, Mark::PupilR}) {
        const Eigen::Vector3d off = p - solid.head()[pupil];
        if (std::abs(off.x()) < across && std::abs(off.y()) < up && p.z() > 0)
            return p.z() < solid.front({p.x()}, {p.y()}).at.z() - behind;
    }
    return false;
}

/// How far out the surface of ball and head lies: on the ball, but where the skin lies within it just
/// under the skin, and in between drawn from one to the other.
class DrawnIn {
public:
    explicit DrawnIn(const HeadSolid& solid) {
        for (const HeadPoint& p : solid.skin().points) {
            if (isBehindLids(p, solid))
                continue;
            reach_.push_back(p.norm());
            ways_.push_back(p / std::max(1e-9, p.norm()));
        }
    }
    HeadPoint operator()(const HeadPoint& p) const {
        const double length = p.norm();
        double best = -1;
        for (const Eigen::Vector3d& way : ways_)
            best = std::max(best, way.dot(p) / length);
        // How far the skin reaches there: of all its points, those within some 5 degrees count.
        constexpr double sharp = 130;
        double weights = 0, reaches = 0;
        for (std::size_t i = 0; i < ways_.size(); ++i) {
            const double behind = sharp * (best - ways_[i].dot(p) / length);
            if (behind > 8)
                continue;
            const double w = std::exp(-behind);
            weights += w;
            reaches += w * reach_[i];
        }
        const double reach = reaches / weights;
        // Full within 4 degrees of a point of the skin, gone at 16: the rest is the ball itself.
        constexpr double within = 0.07, until = 0.28;
        const double angle = std::acos(std::clamp(best, -1.0, 1.0));
        const double t = std::clamp((until - angle) / (until - within), 0.0, 1.0);
        const double share = t * t * (3 - 2 * t);
        const double wanted = std::min(length, 0.975 * reach);
        return p * (1 + share * (wanted / length - 1));
    }

private:
    std::vector<Eigen::Vector3d> ways_;
    std::vector<double> reach_;
};

/// The ball with its sides sliced flat, as a net of `rows` by `around` from the middle of one side over the
/// ball to the middle of the other.
void addBall(LitSolid& lit, const HeadSolid& solid) {
    const DrawnIn drawnIn(solid);
    constexpr std::uint32_t flat = 8, rings = 32, around = 72, rows = 2 * flat + rings;
    const double p = usualSidePlane.value, rim = sideOvalAt(usualSidePlane).value;
    const auto first = static_cast<std::uint32_t>(lit.points.size());
    for (std::uint32_t i = 0; i <= rows; ++i)
        for (std::uint32_t k = 0; k < around; ++k) {
            double x, r;
            if (i < flat || i > flat + rings) {
                x = i < flat ? -p : p;
                r = rim * (i < flat ? i : rows - i) / flat;
            } else {
                x = -p + 2 * p * (i - flat) / rings;
                r = std::sqrt(1 - x * x);
            }
            const double a = 2 * std::numbers::pi * k / around;
            lit.add(drawnIn({x, r * std::cos(a), r * std::sin(a)}), {0, 0, 0});
        }
    const auto on = [&](std::uint32_t i, std::uint32_t k) { return first + i * around + k % around; };
    // Each point's normal by its neighbours, but over the rim of a slice, where the surface has an edge.
    for (std::uint32_t i = 0; i <= rows; ++i)
        for (std::uint32_t k = 0; k < around; ++k) {
            const bool edge = i == flat || i == flat + rings;
            const std::uint32_t before = edge ? i : std::max(i, 1u) - 1, after = std::min(i + 1, rows);
            const auto& q = lit.points;
            Eigen::Vector3d n =
                i == 0 || i == rows
                    ? Eigen::Vector3d(i == 0 ? -1 : 1, 0, 0)
                    : Eigen::Vector3d((q[on(after, k)] - q[on(before, k)])
                                          .cross(q[on(i, k + 1)] - q[on(i, k + around - 1)]));
            if (n.dot(q[on(i, k)]) < 0)
                n = -n;
            lit.normals[on(i, k)] = n.norm() > 1e-12 ? n.normalized() : q[on(i, k)].normalized();
        }
    // The flat sides have rims of their own, with the normal of the slice.
    for (std::uint32_t i = 0; i < rows; ++i)
        for (std::uint32_t k = 0; k < around; ++k) {
            if (i == flat - 1 || i == flat + rings) {
                const std::uint32_t inner = i == flat - 1 ? i : i + 1, outer = i == flat - 1 ? i + 1 : i;
                const HeadPoint a = lit.points[on(outer, k)], b = lit.points[on(outer, k + 1)];
                const std::uint32_t rimA = lit.add(a, lit.normals[on(inner, k)]),
                                    rimB = lit.add(b, lit.normals[on(inner, k + 1)]);
                lit.addQuad(on(inner, k), on(inner, k + 1), rimB, rimA);
            } else {
                lit.addQuad(on(i, k), on(i, k + 1), on(i + 1, k + 1), on(i + 1, k));
            }
        }
}

} // namespace

LitSolid litHead(const HeadMarks& head) {
    LitSolid lit;
    const HeadSolid solid(head);
    lit.points = solid.skin().points;
    lit.normals = solid.normals();
    constexpr double foot = -1.7; // where the neck is cut off, level
    for (const auto& corners : solid.skin().triangles) {
        double highest = -1e9;
        bool hidden = false;
        for (std::uint32_t c : corners) {
            highest = std::max(highest, solid.skin().points[c].y());
            hidden = hidden || isBehindLids(solid.skin().points[c], solid);
        }
        if (highest > foot && !hidden)
            lit.triangles.push_back({corners, false});
    }
    for (HeadPoint& p : lit.points)
        p.y() = std::max(p.y(), foot);
    addBall(lit, solid);
    addEyes(lit, head);
    addEars(lit, head);
    return lit;
}

} // namespace zokran
