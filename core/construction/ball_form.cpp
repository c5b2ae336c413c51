#include "core/construction/ball_form.h"

#include "core/construction/lines.h"
#include "core/construction/lines/traces.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>

namespace zokran {

BallForm::BallForm(Subject s) : Construction(std::move(s)) {
    // The same on both sides: the mean of the two.
    const auto one = solid().along(lines::frontEdgePath(+1));
    const auto other = solid().along(lines::frontEdgePath(-1));
    for (std::size_t i = 0; i < std::min(one.size(), other.size()); ++i) {
        const double y = (one[i].at.y() + other[i].at.y()) / 2;
        if (edge_.empty() || y < edge_.back().first)
            edge_.emplace_back(y, (one[i].at.x() - other[i].at.x()) / 2);
    }
}

Circle BallForm::sideOval(int side) const {
    const double p = sidePlane().value, r = sideOvalAt(sidePlane()).value;
    return {{side * p, 0, 0}, {0, 0, r}, {0, r, 0}};
}

/// The radius of the ball's ring at this height.
static double ringAt(BallRadii height) {
    return std::sqrt(std::max(0.0, 1 - height.value * height.value));
}

double BallForm::widestAt(double ring) const {
    return std::asin(std::min(1.0, sidePlane().value / std::max(ring, 1e-9)));
}

double BallForm::edgeAt(double y) const {
    const auto below = std::find_if(edge_.begin(), edge_.end(),
                                    [y](const auto& at) { return at.first <= y; });
    if (below == edge_.begin())
        return edge_.front().second;
    if (below == edge_.end())
        return edge_.back().second;
    const auto& [y1, x1] = *below;
    const auto& [y0, x0] = *(below - 1);
    return x0 + (y0 - y) / (y0 - y1) * (x1 - x0);
}

SurfacePoint BallForm::front(BallRadii height, double across) const {
    const double brow = levels().brow.value, y = height.value;
    // The glabella stands a hair before the ball or behind it: the lines run through it.
    const HeadPoint& glabella = solid().head()[Mark::Brow];
    const double lift = glabella.z() - std::sqrt(std::max(0.0, 1 - glabella.y() * glabella.y()));
    auto onBall = [&](double x) {
        constexpr double reach = 0.2;
        const double away = (x * x + (y - glabella.y()) * (y - glabella.y())) / (reach * reach);
        const HeadPoint at(x, y, std::sqrt(std::max(0.0, 1 - y * y - x * x)));
        return SurfacePoint{at + HeadPoint(0, 0, std::abs(lift) < 0.1 ? lift * std::exp(-away) : 0),
                            at.normalized()};
    };
    if (y >= brow - 1e-12) {
        const double ring = ringAt(height);
        return onBall(ring * std::sin(across * widestAt(ring)));
    }
    const double x = across * edgeAt(y);
    SurfacePoint skin = solid().front({x}, height);
    // Just under the brow the ball runs over into the face.
    constexpr double overlap = 0.1;
    const double t = std::clamp((brow - y) / overlap, 0.0, 1.0);
    if (t < 1) {
        const double share = t * t * (3 - 2 * t);
        const SurfacePoint ball = onBall(x);
        skin.at.z() += (1 - share) * (ball.at.z() - skin.at.z());
        skin.normal = (share * skin.normal + (1 - share) * ball.normal).normalized();
    }
    return skin;
}

double BallForm::acrossAt(BallRadii y, BallRadii x) const {
    if (y < levels().brow)
        return x.value / edgeAt(y.value);
    const double ring = ringAt(y);
    return std::asin(std::clamp(x.value / std::max(ring, 1e-9), -1.0, 1.0)) / widestAt(ring);
}

std::vector<GuideLine> BallForm::trace(const View& view, const Wanted& wanted) const {
    LineTracer tracer(*this, view);
    for (const LineEntry& line : lineTable())
        if (line.trace && wanted(line))
            line.trace(tracer, line);
    return std::move(tracer.lines);
}

std::vector<GuideLine> BallForm::linesOf(const View& view, std::span<const std::string_view> ids,
                                         const Wanted& wanted) const {
    return trace(view, [&](const LineEntry& line) {
        return std::find(ids.begin(), ids.end(), line.id) != ids.end() && wanted(line);
    });
}

} // namespace zokran
