#include "core/construction/ball_form.h"

#include "core/construction/lines.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Where the ball still counts as a cover for features that lie in sockets.
constexpr double coreRadius = 0.78;
/// A ray starts this far off the surface, so that a surface does not cover itself.
constexpr double lift = 0.01;

/// The part [t0, t1] of the ray p + t d, t > 0, inside the ball of `radius` sliced at |x| = side.
bool ballCovers(const HeadPoint& p, const Eigen::Vector3d& d, double radius, double side,
                double furthest) {
    const double a = d.squaredNorm(), b = p.dot(d), c = p.squaredNorm() - radius * radius;
    const double disc = b * b - a * c;
    if (disc <= 0)
        return false;
    double t0 = std::max(0.0, (-b - std::sqrt(disc)) / a);
    double t1 = std::min(furthest, (-b + std::sqrt(disc)) / a);
    if (std::abs(d.x()) < 1e-12)
        return std::abs(p.x()) < side && t0 < t1;
    const double s0 = (-side - p.x()) / d.x(), s1 = (side - p.x()) / d.x();
    t0 = std::max(t0, std::min(s0, s1));
    t1 = std::min(t1, std::max(s0, s1));
    return t0 + 1e-9 < t1;
}

} // namespace

BallForm::BallForm(const Levels& levels, BallRadii sidePlane, const HeadMarks& head)
    : levels_(levels), sidePlane_(sidePlane), head_(head) {
    using enum Mark;
    const double p = sidePlane.value;
    auto half = [&](Mark left) { return (head[left].x() - head[mirrored(left)].x()) / 2; };
    auto depthOf = [&](Mark left) { return (head[left].z() + head[mirrored(left)].z()) / 2; };
    // The ellipse through the centre line's depth and one pair of marks, centred at `centre`.
    auto through = [&](double depth, double centre, Mark left) {
        const double share = std::clamp((depthOf(left) - centre) / (depth - centre), 0.05, 0.95);
        return half(left) / std::sqrt(1 - share * share);
    };
    const double eyeDepth = head[NoseRoot].z(), noseDepth = head[NoseBase].z();
    const double mouthDepth = head[LipLine].z(), chinDepth = head[Chin].z();
    const double eyeHalf = std::clamp(through(eyeDepth, 0, OuterEyeL), 0.5, p);
    const double jaw = half(JawAngleL);
    const double noseHalf = std::clamp(0.5 * (eyeHalf + jaw) + 0.06, jaw, p);
    const double chinHalf = 0.55 * jaw;
    sections_ = {
        {levels.brow.value, head[Brow].z(), 0, 1, p, -0.1},
        {levels.eye.value, eyeDepth, 0, eyeHalf, eyeHalf, -0.1},
        {levels.noseBase.value, noseDepth, 0.12, noseHalf, noseHalf, -0.05},
        {levels.mouth.value, mouthDepth, 0.28, 0.94 * jaw, 0.94 * jaw, depthOf(JawAngleL)},
        {levels.chin.value, chinDepth, chinDepth - 0.27, chinHalf, chinHalf, chinDepth - 0.27},
    };
}

BallForm::Section BallForm::sectionAt(double y) const {
    if (y >= sections_.front().y)
        return sections_.front();
    for (std::size_t i = 1; i < sections_.size(); ++i)
        if (const Section& above = sections_[i - 1], &below = sections_[i]; y >= below.y) {
            const double t = (above.y - y) / std::max(above.y - below.y, 1e-9);
            auto mix = [t](double a, double b) { return a + t * (b - a); };
            return {y,
                    mix(above.depth, below.depth),
                    mix(above.centre, below.centre),
                    mix(above.semiWidth, below.semiWidth),
                    mix(above.width, below.width),
                    mix(above.back, below.back)};
        }
    return sections_.back();
}

bool BallForm::insideWedge(const HeadPoint& p) const {
    if (p.y() > levels_.brow.value || p.y() < levels_.chin.value)
        return false;
    const Section s = sectionAt(p.y());
    if (std::abs(p.x()) > s.width || p.z() < s.back)
        return false;
    if (p.z() < s.centre)
        return true;
    const double x = p.x() / s.semiWidth, z = (p.z() - s.centre) / (s.depth - s.centre);
    return x * x + z * z < 1;
}

Circle BallForm::sideOval(int side) const {
    const double p = sidePlane_.value, r = std::sqrt(1 - p * p);
    return {{side * p, 0, 0}, {0, 0, r}, {0, r, 0}};
}

SurfacePoint BallForm::front(BallRadii y, double across) const {
    if (y.value >= levels_.brow.value - 1e-12) {
        const double ring = std::sqrt(std::max(0.0, 1 - y.value * y.value));
        const double widest = std::asin(std::min(1.0, sidePlane_.value / std::max(ring, 1e-9)));
        const double angle = across * widest;
        const HeadPoint at(ring * std::sin(angle), y.value, ring * std::cos(angle));
        return {at, at.normalized()};
    }
    auto place = [&](double height, double share) {
        const Section s = sectionAt(height);
        const double angle = share * std::asin(std::min(1.0, s.width / s.semiWidth));
        return HeadPoint(s.semiWidth * std::sin(angle), height,
                         s.centre + (s.depth - s.centre) * std::cos(angle));
    };
    const double step = 1e-4;
    const double up = std::min(y.value + step, levels_.brow.value);
    const double down = std::max(y.value - step, levels_.chin.value);
    const Eigen::Vector3d alongX = place(y.value, across + step) - place(y.value, across - step);
    const Eigen::Vector3d alongY = place(up, across) - place(down, across);
    return {place(y.value, across), alongX.cross(alongY).normalized()};
}

double BallForm::acrossAt(BallRadii y, BallRadii x) const {
    const Section s = sectionAt(y.value);
    const double widest = std::asin(std::min(1.0, s.width / s.semiWidth));
    return std::asin(std::clamp(x.value / s.semiWidth, -1.0, 1.0)) / widest;
}

bool BallForm::seen(const SurfacePoint& point, const View& view, bool onFace) const {
    if (!view.faces(point.at, point.normal))
        return false;
    const HeadPoint p = point.at + lift * point.normal;
    // Along p + t d, with t up to the camera at t = 1 / nearness when there is one.
    const Eigen::Vector3d d = view.towardsCamera() - view.nearness * p;
    const double furthest = view.nearness > 0 ? 1 / view.nearness : 1e9;
    if (ballCovers(p, d, onFace ? coreRadius : 1, sidePlane_.value, furthest))
        return false;
    // The wedge is no taller than two radii, so three along the ray are enough.
    constexpr int steps = 24;
    const double reach = std::min(furthest, 3 / d.norm());
    for (int i = 1; i <= steps; ++i)
        if (insideWedge(p + (reach * i / steps) * d))
            return false;
    return true;
}

std::vector<GuideLine> BallForm::lines(const View& view) const {
    LineTracer tracer(*this, view);
    for (const LineEntry& line : lineTable())
        if (line.trace)
            line.trace(tracer, line);
    return std::move(tracer.lines);
}

} // namespace zokran
