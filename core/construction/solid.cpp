#include "core/construction/solid.h"

#include <Eigen/Geometry>
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace zokran {

namespace {

constexpr double gridStep = 0.025;
constexpr double gridLeft = -0.95, gridLow = -1.5;
constexpr int columns = 77, rows = 66; // to +0.95 and +0.125
/// How steeply the front falls away beyond its edge, radii a radius.
constexpr double fall = 2.5;
constexpr double nowhere = -std::numeric_limits<double>::infinity();

/// Where a ray first meets the average adult's skin (Möller and Trumbore 1997); the nearest miss is
/// no meeting.
std::optional<SkinPath::Place> meeting(const HeadPoint& from, const Eigen::Vector3d& along) {
    const SoftSurface& skin = adultSurface();
    std::optional<SkinPath::Place> first;
    double nearest = std::numeric_limits<double>::infinity();
    for (std::uint32_t t = 0; t < skin.triangles.size(); ++t) {
        const auto& [a, b, c] = skin.triangles[t];
        const Eigen::Vector3d ab = skin.points[b] - skin.points[a];
        const Eigen::Vector3d ac = skin.points[c] - skin.points[a];
        const Eigen::Vector3d p = along.cross(ac), s = from - skin.points[a];
        const double det = ab.dot(p);
        if (std::abs(det) < 1e-12)
            continue;
        const double v = s.dot(p) / det;
        const Eigen::Vector3d q = s.cross(ab);
        const double w = along.dot(q) / det, far = ac.dot(q) / det;
        if (v < 0 || w < 0 || v + w > 1 || far < 0 || far > nearest)
            continue;
        nearest = far;
        first = {t, v, w};
    }
    return first;
}

/// The places met from each of a polyline's points, `steps` to an edge.
template <class Corner, class Ray>
SkinPath traced(const std::vector<Corner>& corners, int steps, const Ray& ray) {
    SkinPath path;
    auto put = [&](const Corner& at) {
        if (const auto place = ray(at))
            path.places.push_back(*place);
    };
    for (std::size_t i = 0; i + 1 < corners.size(); ++i)
        for (int k = 0; k < steps; ++k)
            put(Corner(corners[i] + (corners[i + 1] - corners[i]) * k / steps));
    put(corners.back());
    return path;
}

} // namespace

SkinPath SkinPath::inFront(const std::vector<Eigen::Vector2d>& corners, int steps) {
    return traced(corners, steps, [](const Eigen::Vector2d& c) {
        return meeting({c.x(), c.y(), 3}, -Eigen::Vector3d::UnitZ());
    });
}

SkinPath SkinPath::around(const std::vector<HeadPoint>& corners, int steps) {
    return traced(corners, steps, [](const HeadPoint& c) {
        const Eigen::Vector3d out = Eigen::Vector3d(c.x(), 0, c.z() - 0.1).normalized();
        return meeting(HeadPoint(0, c.y(), 0.1) + 3 * out, -out);
    });
}

SkinPath SkinPath::below(const std::vector<HeadPoint>& corners, int steps) {
    return traced(corners, steps, [](const HeadPoint& c) {
        return meeting({c.x(), -3, c.z()}, Eigen::Vector3d::UnitY());
    });
}

HeadSolid::HeadSolid(const HeadMarks& head, const BustPose& bust) : HeadSolid(adultSurface().fittedTo(head).posed(bust)) {
    bust_ = bust;
}

HeadSolid::HeadSolid(SoftSurface skin)
    : skin_(std::move(skin)), normals_(skin_.normals()),
      depth_(static_cast<std::size_t>(columns * rows), nowhere) {
    for (const auto& [a, b, c] : skin_.triangles) {
        const HeadPoint &p = skin_.points[a], &q = skin_.points[b], &r = skin_.points[c];
        if (std::max({p.z(), q.z(), r.z()}) < 0.1)
            continue;
        const Eigen::Vector2d pq = (q - p).head<2>(), pr = (r - p).head<2>();
        const double area = pq.x() * pr.y() - pq.y() * pr.x();
        if (area < 1e-12)
            continue; // turned away from the front
        auto cell = [](double x, double from, int count, bool up) {
            const double at = (x - from) / gridStep;
            return std::clamp(static_cast<int>(up ? std::ceil(at) : std::floor(at)), 0, count - 1);
        };
        const auto [x0, x1] = std::minmax({p.x(), q.x(), r.x()});
        const auto [y0, y1] = std::minmax({p.y(), q.y(), r.y()});
        for (int j = cell(y0, gridLow, rows, true); j <= cell(y1, gridLow, rows, false); ++j)
            for (int i = cell(x0, gridLeft, columns, true); i <= cell(x1, gridLeft, columns, false); ++i) {
                const Eigen::Vector2d s(gridLeft + i * gridStep - p.x(), gridLow + j * gridStep - p.y());
                const double v = (s.x() * pr.y() - s.y() * pr.x()) / area;
                const double w = (pq.x() * s.y() - pq.y() * s.x()) / area;
                if (v < -1e-9 || w < -1e-9 || v + w > 1 + 1e-9)
                    continue;
                double& z = depth_[static_cast<std::size_t>(j * columns + i)];
                z = std::max(z, p.z() + v * (q.z() - p.z()) + w * (r.z() - p.z()));
            }
    }
    closeOpenings();
    // Beyond the edge of the face it falls away; below the chin it goes on as the row above.
    for (int j = rows; j-- > 0;) {
        double* row = &depth_[static_cast<std::size_t>(j * columns)];
        constexpr int middle = columns / 2;
        if (!std::isfinite(row[middle])) {
            if (j + 1 < rows)
                std::copy(row + columns, row + 2 * columns, row);
            continue;
        }
        for (int i = middle + 1; i < columns; ++i)
            if (!std::isfinite(row[i]))
                row[i] = row[i - 1] - fall * gridStep;
        for (int i = middle; i-- > 0;)
            if (!std::isfinite(row[i]))
                row[i] = row[i + 1] - fall * gridStep;
    }
    // A head bent out of all reason may not even reach the brow.
    for (double& z : depth_)
        z = std::isfinite(z) ? z : 0;
    drawToMarks();
}

// Between the lids and the lips the skin goes on inward, where no guide follows it. What a closing by
// an upright of this reach (greyscale morphology: the least of the greatest) would raise much is an
// opening; it is closed so, and over the eyes brought to where their marks lie.
void HeadSolid::closeOpenings() {
    constexpr int reach = 10; // cells
    constexpr double much = 0.12;
    std::vector<double> greatest(depth_.size());
    auto along = [&](const std::vector<double>& from, int i, int j, const auto& better) {
        double best = from[static_cast<std::size_t>(j * columns + i)];
        for (int k = std::max(0, j - reach); k <= std::min(rows - 1, j + reach); ++k)
            best = better(best, from[static_cast<std::size_t>(k * columns + i)]);
        return best;
    };
    auto more = [](double a, double b) { return std::max(a, b); };
    auto less = [](double a, double b) { return std::min(a, b); };
    // Eyes and mouth lie this many columns in from the edges of the grid.
    constexpr int margin = 12;
    for (int j = 0; j < rows; ++j)
        for (int i = margin; i < columns - margin; ++i)
            greatest[static_cast<std::size_t>(j * columns + i)] = along(depth_, i, j, more);
    std::vector<std::size_t> closed;
    std::vector<double> filled = depth_;
    for (int j = 0; j < rows; ++j)
        for (int i = margin; i < columns - margin; ++i) {
            const auto at = static_cast<std::size_t>(j * columns + i);
            const double z = along(greatest, i, j, less);
            if (!std::isfinite(z) || z - depth_[at] < much)
                continue;
            closed.push_back(at);
            filled[at] = z;
        }
    depth_ = std::move(filled);
    using enum Mark;
    for (const auto& marks : {std::array{InnerEyeL, PupilL, OuterEyeL}, {InnerEyeR, PupilR, OuterEyeR}}) {
        std::array<std::pair<double, double>, 3> lift; // at an x, by so much
        for (std::size_t k = 0; k < 3; ++k) {
            const HeadPoint& p = head()[marks[k]];
            lift[k] = {std::abs(p.x()), p.z() - depth(p.x(), p.y())};
        }
        for (const std::size_t at : closed) {
            const double x = gridLeft + static_cast<double>(at % columns) * gridStep;
            const double y = gridLow + static_cast<double>(at / columns) * gridStep;
            if (x * head()[marks[0]].x() <= 0 || std::abs(y - head()[marks[1]].y()) > 0.25)
                continue;
            const std::size_t k = std::abs(x) < lift[1].first ? 0 : 1;
            const double share = std::clamp(
                (std::abs(x) - lift[k].first) / (lift[k + 1].first - lift[k].first), 0.0, 1.0);
            depth_[at] += lift[k].second + share * (lift[k + 1].second - lift[k].second);
        }
    }
}

// The marks of the face lie on the skin; the lips' parting is a crevice that the lips stand over.
void HeadSolid::drawToMarks() {
    constexpr double reach = 0.07;
    using enum Mark;
    constexpr Mark marks[] = {Brow, NoseRoot, NoseBase, MouthCornerL, MouthCornerR, LipLine};
    // Twice: between the cells of the grid the first time falls a little short.
    for (std::size_t k = 0; k < 2 * std::size(marks); ++k) {
        const HeadPoint& p = head()[marks[k % std::size(marks)]];
        const double lift = p.z() - depth(p.x(), p.y());
        if (!(std::abs(lift) < 0.3))
            continue;
        const int column = static_cast<int>((p.x() - gridLeft) / gridStep);
        const int row = static_cast<int>((p.y() - gridLow) / gridStep);
        constexpr int cells = 10;
        for (int j = std::max(0, row - cells); j < std::min(rows, row + cells); ++j)
            for (int i = std::max(0, column - cells); i < std::min(columns, column + cells); ++i) {
                const double dx = gridLeft + i * gridStep - p.x(), dy = gridLow + j * gridStep - p.y();
                const double off = (dx * dx + dy * dy) / (reach * reach);
                if (off < 9)
                    depth_[static_cast<std::size_t>(j * columns + i)] += lift * std::exp(-off);
            }
    }
}

double HeadSolid::depth(double x, double y) const {
    const double u = std::clamp((x - gridLeft) / gridStep, 0.0, columns - 1.001);
    const double v = std::clamp((y - gridLow) / gridStep, 0.0, rows - 1.001);
    const int i = static_cast<int>(u), j = static_cast<int>(v);
    auto at = [&](int a, int b) { return depth_[static_cast<std::size_t>(b * columns + a)]; };
    const double s = u - i, t = v - j;
    return (1 - t) * ((1 - s) * at(i, j) + s * at(i + 1, j)) +
           t * ((1 - s) * at(i, j + 1) + s * at(i + 1, j + 1));
}

SurfacePoint HeadSolid::front(BallRadii across, BallRadii height) const {
    const double x = across.value, y = height.value;
    // The slope over a wide step: lips and lids are not to hide the lines across them.
    constexpr double reach = 0.05;
    auto slope = [&](double dx, double dy) { return (depth(x + dx, y + dy) - depth(x - dx, y - dy)) / (2 * reach); };
    return {{x, y, depth(x, y)}, Eigen::Vector3d(-slope(reach, 0), -slope(0, reach), 1).normalized()};
}

BallRadii HeadSolid::halfWidth(BallRadii height) const {
    const double y = height.value;
    double most = 0;
    for (const auto& t : skin_.triangles)
        for (int k = 0; k < 3; ++k) {
            const HeadPoint &a = skin_.points[t[k]], &b = skin_.points[t[(k + 1) % 3]];
            if ((a.y() > y) == (b.y() > y))
                continue;
            const double share = (y - a.y()) / (b.y() - a.y());
            most = std::max(most, std::abs(a.x() + share * (b.x() - a.x())));
        }
    return {most};
}

std::vector<SurfacePoint> HeadSolid::along(const SkinPath& path) const {
    std::vector<SurfacePoint> points;
    points.reserve(path.places.size());
    for (const SkinPath::Place& place : path.places) {
        const auto& corners = skin_.triangles[place.triangle];
        auto mixed = [&](const std::vector<Eigen::Vector3d>& of) {
            return Eigen::Vector3d((1 - place.v - place.w) * of[corners[0]] + place.v * of[corners[1]] +
                                   place.w * of[corners[2]]);
        };
        points.push_back({mixed(skin_.points), mixed(normals_).normalized()});
    }
    return points;
}

} // namespace zokran
