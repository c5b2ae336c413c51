#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

void nearestFirst(std::vector<Clearance>& passes) {
    std::sort(passes.begin(), passes.end(),
              [](const Clearance& a, const Clearance& b) { return std::abs(a.by) < std::abs(b.by); });
}

} // namespace

double slopeOf(const PicturePoint& way) {
    double degrees = std::atan2(-way.y(), way.x()) * 180 / std::numbers::pi;
    if (degrees > 90)
        degrees -= 180;
    if (degrees <= -90)
        degrees += 180;
    return degrees;
}

std::vector<PicturePoint> acrossPicture(const MeasureContext& ground, const PicturePoint& through,
                                        const PicturePoint& way) {
    // As far each way as any corner of the picture is away.
    const double reach = std::hypot(ground.width, ground.height);
    const PicturePoint along = way.normalized();
    double low = -reach, high = reach;
    const double limits[2] = {ground.width, ground.height};
    for (int axis = 0; axis < 2; ++axis) {
        if (std::abs(along[axis]) < 1e-9)
            continue;
        const double a = -through[axis] / along[axis],
                     b = (limits[axis] - through[axis]) / along[axis];
        low = std::max(low, std::min(a, b));
        high = std::min(high, std::max(a, b));
    }
    return {through + low * along, through + high * along};
}

double cornerAt(const PicturePoint& at, const PicturePoint& a, const PicturePoint& b) {
    // By both sine and cosine: the arc cosine alone is blunt near 0 and 180.
    const PicturePoint one = a - at, other = b - at;
    return std::abs(std::atan2(one.x() * other.y() - one.y() * other.x(), one.dot(other))) * 180 /
           std::numbers::pi;
}

std::vector<Clearance> passesOf(const MeasureContext& ground, const PicturePoint& through,
                           const PicturePoint& way) {
    std::vector<Clearance> passes;
    if (!ground.marks)
        return passes;
    const PicturePoint along = way.normalized(), right(-along.y(), along.x());
    for (Mark m : ground.marks->seenMarks()) {
        const PicturePoint at = *ground.marks->seen(m);
        const bool isEnd = std::any_of(ground.ends.begin(), ground.ends.end(),
                                       [&](const PicturePoint& e) { return (e - at).norm() < 1e-6; });
        const double by = Pixels{right.dot(at - through)} / ground.unit;
        if (!isEnd)
            passes.push_back({m, by});
    }
    nearestFirst(passes);
    return passes;
}

std::vector<Clearance> passesOfSpot(const MeasureContext& ground, const PicturePoint& spot) {
    std::vector<Clearance> passes;
    if (ground.marks)
        for (Mark m : ground.marks->seenMarks())
            passes.push_back({m, Pixels{(*ground.marks->seen(m) - spot).norm()} / ground.unit});
    nearestFirst(passes);
    return passes;
}

} // namespace zokran
