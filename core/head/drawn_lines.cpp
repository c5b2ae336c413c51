#include "core/head/drawn_lines.h"

namespace zokran {

namespace {

struct LineEntry {
    std::string_view id;
    std::size_t points;
};
constexpr LineEntry lineEntries[] = {{"centre", 3}, {"brow", 3}, {"hair", 3}, {"neck", 2}};

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

std::size_t pointsOf(DrawnLine line) {
    return lineEntries[static_cast<int>(line)].points;
}

std::vector<PicturePoint> curveThrough(const std::vector<PicturePoint>& points, double beyond) {
    constexpr int pieces = 32;
    std::vector<PicturePoint> curve;
    if (points.size() < 2)
        return points;
    for (int i = 0; i <= pieces; ++i) {
        const double t = -beyond + (1 + 2 * beyond) * i / pieces;
        if (points.size() == 2)
            curve.emplace_back((1 - t) * points[0] + t * points[1]);
        else // Lagrange's, through the ends at 0 and 1 and the middle at a half.
            curve.emplace_back((1 - t) * (1 - 2 * t) * points[0] + 4 * t * (1 - t) * points[1] +
                               t * (2 * t - 1) * points[2]);
    }
    return curve;
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
