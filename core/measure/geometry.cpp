#include "core/measure/geometry.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

void nearestFirst(std::vector<Clearance>& clearances) {
    std::sort(clearances.begin(), clearances.end(),
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

std::vector<PicturePoint> acrossPicture(const MeasureContext& context, const PicturePoint& through, const PicturePoint& way) {
    // As far each way as any corner of the picture is away.
    const double reach = std::hypot(context.width, context.height);
    const PicturePoint along = way.normalized();
    double low = -reach, high = reach;
    const double limits[2] = {context.width, context.height};
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

std::vector<Clearance> clearancesOf(const MeasureContext& context, const PicturePoint& through, const PicturePoint& way) {
    std::vector<Clearance> clearances;
    if (!context.marks)
        return clearances;
    const PicturePoint along = way.normalized(), right(-along.y(), along.x());
    for (Mark m : context.marks->seenMarks()) {
        const PicturePoint at = *context.marks->seen(m);
        const bool isEnd =
            std::any_of(context.ends.begin(), context.ends.end(), [&](const PicturePoint& e) { return (e - at).norm() < 1e-6; });
        const double by = Pixels{right.dot(at - through)} / context.unit;
        if (!isEnd)
            clearances.push_back({m, by});
    }
    nearestFirst(clearances);
    return clearances;
}

std::vector<Clearance> clearancesOfSpot(const MeasureContext& context, const PicturePoint& spot) {
    std::vector<Clearance> clearances;
    if (context.marks)
        for (Mark m : context.marks->seenMarks())
            clearances.push_back({m, Pixels{(*context.marks->seen(m) - spot).norm()} / context.unit});
    nearestFirst(clearances);
    return clearances;
}

} // namespace zokran
