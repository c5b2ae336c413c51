#include "core/head/drawn_lines.h"

#include <cmath>
#include <numbers>

namespace zokran {

namespace {

struct LineEntry {
    std::string_view id;
    PointCount points;
};
constexpr PointCount straights{6, 10};
constexpr LineEntry lineEntries[] = {{"centre", {3, 3}},       {"brow", {3, 3}},        {"hair", {3, 15}},
                                     {"hairline", {3, 3}},     {"nostrils", {2, 4, 2}}, {"neck", {2, 4, 2}},
                                     {"shoulders", {1, 3, 2}}, {"face", straights},     {"shape", straights}};

/// Where two stretches cross, if they do.
std::optional<PicturePoint> crossing(const PicturePoint& a, const PicturePoint& b, const PicturePoint& c,
                                     const PicturePoint& d) {
    const Eigen::Vector2d along = b - a, other = d - c, between = c - a;
    const double area = along.x() * other.y() - along.y() * other.x();
    if (std::abs(area) < 1e-12)
        return std::nullopt;
    const double t = (between.x() * other.y() - between.y() * other.x()) / area;
    const double u = (between.x() * along.y() - between.y() * along.x()) / area;
    if (t < 0 || t > 1 || u < 0 || u > 1)
        return std::nullopt;
    return PicturePoint(a + t * along);
}

/// A smooth curve through all points: a centripetal Catmull-Rom spline, which makes no loops (Yuksel, Schaefer & Keyser,
/// "Parameterization and applications of Catmull-Rom curves", 2011; from memory).
std::vector<PicturePoint> splineThrough(const std::vector<PicturePoint>& points) {
    constexpr int pieces = 12;
    const std::size_t last = points.size() - 1;
    std::vector<PicturePoint> curve{points.front()};
    for (std::size_t i = 0; i < last; ++i) {
        // Beyond either end the line goes on as it came.
        const PicturePoint &b = points[i], &c = points[i + 1];
        const PicturePoint a = i > 0 ? points[i - 1] : PicturePoint(2 * b - c),
                           d = i + 1 < last ? points[i + 2] : PicturePoint(2 * c - b);
        const auto knot = [](double before, const PicturePoint& from, const PicturePoint& to) {
            return before + std::max(1e-6, std::sqrt((to - from).norm()));
        };
        const double ta = 0, tb = knot(ta, a, b), tc = knot(tb, b, c), td = knot(tc, c, d);
        const auto between = [](const Eigen::Vector2d& p, const Eigen::Vector2d& q, double from, double to, double t) {
            return Eigen::Vector2d((to - t) / (to - from) * p + (t - from) / (to - from) * q);
        };
        for (int k = 1; k <= pieces; ++k) {
            const double t = tb + (tc - tb) * k / pieces;
            const Eigen::Vector2d ab = between(a, b, ta, tb, t), bc = between(b, c, tb, tc, t), cd = between(c, d, tc, td, t);
            curve.push_back(PicturePoint(between(between(ab, bc, ta, tc, t), between(bc, cd, tb, td, t), tb, tc, t)));
        }
    }
    return curve;
}

} // namespace

std::string_view idOf(DrawnLine line) {
    return lineEntries[static_cast<int>(line)].id;
}

std::optional<DrawnLine> drawnLineNamed(std::string_view id) {
    for (DrawnLine line : allDrawnLines)
        if (idOf(line) == id)
            return line;
    return std::nullopt;
}

PointCount pointsOf(DrawnLine line) {
    return lineEntries[static_cast<int>(line)].points;
}

std::array<NeckSide, 2> neckSides(const std::vector<PicturePoint>& neck) {
    if (neck.size() == 4)
        return {NeckSide{neck[0], neck[1]}, NeckSide{neck[2], neck[3]}};
    return {NeckSide{neck.at(0), neck.at(0)}, NeckSide{neck.at(1), neck.at(1)}};
}

bool isOfStraights(DrawnLine line) {
    return line == DrawnLine::Face || line == DrawnLine::Shape;
}

bool isOnSkin(DrawnLine line) {
    return line == DrawnLine::Face || line == DrawnLine::Hairline || line == DrawnLine::Nostrils;
}

std::vector<PicturePoint> curveThrough(const std::vector<PicturePoint>& points, double beyond) {
    constexpr int pieces = 32;
    std::vector<PicturePoint> curve;
    if (points.size() < 2)
        return points;
    const PicturePoint &first = points.front(), &last = points.back();
    const auto along = [&](const auto& at) {
        for (int i = 0; i <= pieces; ++i)
            curve.push_back(at(-beyond + (1 + 2 * beyond) * i / pieces));
        return curve;
    };
    const PicturePoint& middle = points[points.size() / 2];
    const Eigen::Vector2d chord = last - first, half = middle - first;
    const double area = chord.x() * half.y() - chord.y() * half.x();
    constexpr double hardlyBent = 0.01; // of the chord
    if (points.size() == 2 || std::abs(area) < hardlyBent * chord.squaredNorm())
        return along([&](double t) {
            if (points.size() == 2)
                return PicturePoint(first + t * chord);
            if (t < 0.5)
                return PicturePoint(first + 2 * t * half);
            return PicturePoint(middle + (2 * t - 1) * (last - middle));
        });
    // The circle's centre lies on the perpendiculars through the middles of both chords.
    const Eigen::Vector2d centre =
        first + Eigen::Vector2d(half.y() * chord.squaredNorm() - chord.y() * half.squaredNorm(),
                                chord.x() * half.squaredNorm() - half.x() * chord.squaredNorm()) /
                    (2 * area);
    const Eigen::Vector2d from = first - centre, to = last - centre;
    double sweep = std::atan2(from.x() * to.y() - from.y() * to.x(), from.dot(to));
    // The way round that passes the middle point.
    if ((sweep > 0) != (area < 0))
        sweep += sweep > 0 ? -2 * std::numbers::pi : 2 * std::numbers::pi;
    return along([&](double t) { return PicturePoint(centre + Eigen::Rotation2Dd(t * sweep) * from); });
}

std::vector<std::vector<PicturePoint>> strokesThrough(DrawnLine line, const std::vector<PicturePoint>& points) {
    if (isOfStraights(line))
        return {points};
    if (line == DrawnLine::Hair && points.size() > 3)
        return {splineThrough(points)};
    if (line == DrawnLine::Shoulders)
        return {points.size() == 3 ? curveThrough({points[1], points[0], points[2]}) : points};
    if (line == DrawnLine::Nostrils && points.size() == 4)
        return {{points[0], points[1]}, {points[2], points[3]}};
    if (line != DrawnLine::Neck || !pointsOf(line).allows(points.size()))
        return {curveThrough(points)};
    const auto [left, right] = neckSides(points);
    if (points.size() == 4)
        return {{left.upper, left.lower}, {right.upper, right.lower}};
    const Eigen::Vector2d across = points[1] - points[0], down = 0.25 * Eigen::Vector2d(-across.y(), across.x());
    return {{points[0] - down, points[0] + down}, {points[1] - down, points[1] + down}};
}

std::optional<PicturePoint> drawnBrow(const DrawnLines& lines) {
    if (!lines.has(DrawnLine::Centre) || !lines.has(DrawnLine::Brow))
        return std::nullopt;
    constexpr double soon = 0.25;
    const auto down = curveThrough(lines[DrawnLine::Centre], soon), across = curveThrough(lines[DrawnLine::Brow], soon);
    for (std::size_t i = 1; i < down.size(); ++i)
        for (std::size_t j = 1; j < across.size(); ++j)
            if (const auto at = crossing(down[i - 1], down[i], across[j - 1], across[j]))
                return at;
    return std::nullopt;
}

} // namespace zokran
