#include "cast/hair.h"

#include "core/base/errors.h"
#include "cast/hair_styles.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <fmt/ranges.h>
#include <numbers>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;
using Vecf = Eigen::Vector3f;

/// How far out the bare skin lies in every direction from the ball's middle, ears and the hollow of
/// the mouth left out: a cube of six square maps. Where the direction leaves the head more than once,
/// as under the ear through jaw and neck, the first time counts.
class SkinMap {
public:
    explicit SkinMap(const Bust& bust) : cells_(6 * size * size, 0.0f) {
        const auto& quads = bust.model().once().quads();
        const BustPoints& points = bust.points();
        // A quad of the coarse mesh becomes four; the first corner of each is the coarse vertex.
        for (std::size_t q = 0; q < 4 * bust.model().outsideQuads(); q += 4) {
            bool ear = false;
            for (int k = 0; k < 4; ++k)
                ear = ear || bust.model().ofEar(quads[q + k][0]);
            if (ear)
                continue;
            for (int k = 0; k < 4; ++k) {
                const auto& [a, b, c, d] = quads[q + k];
                draw(points[a], points[b], points[c]);
                draw(points[a], points[c], points[d]);
            }
        }
        fillHoles();
    }

    float operator()(const Vecf& direction) const {
        int face;
        float u, v;
        place(direction, face, u, v);
        const float x = std::clamp((u + 1) / 2 * size - 0.5f, 0.0f, size - 1.001f);
        const float y = std::clamp((v + 1) / 2 * size - 0.5f, 0.0f, size - 1.001f);
        const int i = static_cast<int>(x), k = static_cast<int>(y);
        const float s = x - static_cast<float>(i), t = y - static_cast<float>(k);
        return (1 - t) * ((1 - s) * cell(face, i, k) + s * cell(face, i + 1, k)) +
               t * ((1 - s) * cell(face, i, k + 1) + s * cell(face, i + 1, k + 1));
    }

private:
    static constexpr int size = 128;

    float& at(int face, int x, int y) {
        return cells_[static_cast<std::size_t>((face * size + y) * size + x)];
    }
    float cell(int face, int x, int y) const {
        return cells_[static_cast<std::size_t>((face * size + y) * size + x)];
    }
    /// Faces: +x -x +y -y +z -z; the other two axes in turn are u and v over the first.
    static void place(const Vecf& d, int& face, float& u, float& v) {
        int axis;
        d.cwiseAbs().maxCoeff(&axis);
        face = 2 * axis + (d[axis] < 0);
        const float far = std::abs(d[axis]);
        u = d[(axis + 1) % 3] / far;
        v = d[(axis + 2) % 3] / far;
    }
    static Vecf towards(int face, float u, float v) {
        Vecf d;
        const int axis = face / 2;
        d[axis] = face % 2 ? -1.0f : 1.0f;
        d[(axis + 1) % 3] = u;
        d[(axis + 2) % 3] = v;
        return d;
    }
    void draw(const Vecf& a, const Vecf& b, const Vecf& c) {
        const Vecf normal = (b - a).cross(c - a).normalized();
        const float farthest = std::max({a.norm(), b.norm(), c.norm()});
        for (int face = 0; face < 6; ++face) {
            const int axis = face / 2;
            const float sign = face % 2 ? -1.0f : 1.0f;
            float x0 = 1e9f, x1 = -1e9f, y0 = 1e9f, y1 = -1e9f;
            bool before = true;
            for (const Vecf* p : {&a, &b, &c}) {
                const float far = sign * (*p)[axis];
                before = before && far > 0.15f * p->norm();
                const float x = ((*p)[(axis + 1) % 3] / far + 1) / 2 * size;
                const float y = ((*p)[(axis + 2) % 3] / far + 1) / 2 * size;
                x0 = std::min(x0, x), x1 = std::max(x1, x);
                y0 = std::min(y0, y), y1 = std::max(y1, y);
            }
            if (!before || x1 < 0 || y1 < 0 || x0 > size || y0 > size)
                continue;
            for (int y = std::max(0, static_cast<int>(y0 - 0.5f));
                 y <= std::min(size - 1, static_cast<int>(y1)); ++y)
                for (int x = std::max(0, static_cast<int>(x0 - 0.5f));
                     x <= std::min(size - 1, static_cast<int>(x1)); ++x) {
                    const Vecf d = towards(face, (static_cast<float>(x) + 0.5f) / size * 2 - 1,
                                           (static_cast<float>(y) + 0.5f) / size * 2 - 1);
                    // Inside when the direction lies on the same side of all three edges' planes.
                    const float s1 = d.dot(a.cross(b)), s2 = d.dot(b.cross(c)),
                                s3 = d.dot(c.cross(a));
                    if ((s1 < 0 || s2 < 0 || s3 < 0) && (s1 > 0 || s2 > 0 || s3 > 0))
                        continue;
                    const float along = normal.dot(d);
                    constexpr float grazing = 0.03f;
                    if (along < grazing * d.norm())
                        continue;
                    const float r = std::min(normal.dot(a) / along * d.norm(), farthest);
                    float& nearest = at(face, x, y);
                    nearest = nearest > 0 ? std::min(nearest, r) : r;
                }
        }
    }
    void fillHoles() {
        for (int round = 0; round < size; ++round) {
            std::vector<std::pair<std::size_t, float>> filled;
            for (int face = 0; face < 6; ++face)
                for (int y = 0; y < size; ++y)
                    for (int x = 0; x < size; ++x) {
                        if (cell(face, x, y) > 0)
                            continue;
                        float sum = 0;
                        int count = 0;
                        for (const auto& [dx, dy] : {std::pair{-1, 0}, {1, 0}, {0, -1}, {0, 1}}) {
                            const int i = x + dx, k = y + dy;
                            if (i < 0 || k < 0 || i >= size || k >= size || cell(face, i, k) <= 0)
                                continue;
                            sum += cell(face, i, k);
                            ++count;
                        }
                        if (count > 0)
                            filled.emplace_back((face * size + y) * size + x,
                                                sum / static_cast<float>(count));
                    }
            if (filled.empty())
                break;
            for (const auto& [i, r] : filled)
                cells_[i] = r;
        }
    }

    std::vector<float> cells_;
};

/// How far inside the beard a place on jaw and chin lies, ball radii; below 0 outside.
double beardOn(const Scalp& scalp, const Vec& p, double az) {
    const HeadMarks& m = scalp.marks;
    const double mouth = m[Mark::LipLine].y(), chin = m[Mark::Chin].y();
    const double corner = m[Mark::MouthCornerL].x(), base = m[Mark::NoseBase].y();
    const double ear = m[Mark::EarTopL].y();
    const double line = along({{0, base - 0.035},
                               {14, base - 0.05},
                               {24, base - 0.11},
                               {40, base - 0.02},
                               {58, base + 0.18},
                               {72, base + 0.34},
                               {80, ear + 0.05},
                               {90, ear + 0.05}},
                              az);
    // The lips stay bare.
    const double lip =
        std::hypot(p.x() / (corner + 0.03), (p.y() - mouth) / 0.095) - 1;
    return std::min({line - p.y(), (86 - az) * std::numbers::pi / 180, p.y() - (chin - 0.36),
                     0.12 * lip});
}

} // namespace

PlasterMesh hairOf(const Bust& bust, MeshGrain grain) {
    const Hair& hair = bust.hair();
    const HairStyle& style = hairStyle(hair.style);
    PlasterMesh mesh;
    if (!style.height && hair.beard <= 0)
        return mesh;
    const SkinMap skin(bust);
    const Scalp scalp{bust.marks(), hair};
    const int rows = grain == MeshGrain::Fine ? 300 : 120, columns = 2 * rows;
    // From straight up to well below the jaw.
    constexpr double lowest = -68 * std::numbers::pi / 180;
    const auto count = static_cast<std::size_t>(rows + 1) * static_cast<std::size_t>(columns);
    std::vector<float> grown(count, 0);
    mesh.points.resize(count);
    inParallel(rows + 1, [&](int row) {
        const double up = std::numbers::pi / 2 +
                          (lowest - std::numbers::pi / 2) * row / static_cast<double>(rows);
        for (int column = 0; column < columns; ++column) {
            const double around = 2 * std::numbers::pi * (column + 0.5 * (row % 2)) / columns;
            const Vec d(std::cos(up) * std::sin(around), std::sin(up),
                        std::cos(up) * std::cos(around));
            // Nothing grows below the neck, where directions run out to the shoulders.
            constexpr double neck = -1.35;
            const double r = std::min(static_cast<double>(skin(d.cast<float>())),
                                      d.y() < 0 ? neck / d.y() : 9);
            const Vec p = r * d;
            const double az =
                std::atan2(std::abs(p.x()), p.z()) * 180 / std::numbers::pi;
            // The shell dives under the skin where nothing grows, so that its edge is its own.
            constexpr double under = 0.03;
            double out = 0, depth = -1;
            if (style.height) {
                depth = style.cover(scalp, p, az);
                if (depth > 0)
                    out = hair.mass * style.height(scalp, p, d, az, depth);
            }
            if (hair.beard > 0) {
                const double inside = beardOn(scalp, p, az);
                if (inside > 0) {
                    const HeadPoint chin = scalp.marks[Mark::Chin];
                    const double fullness =
                        std::exp(-std::pow(p.x() / 0.42, 2) -
                                 std::pow((p.y() - chin.y() + 0.05) / 0.38, 2));
                    const double lock = grooves(p, p.x() * 9 + 0.6 * noise(2.2 * p), 1.0);
                    const double thick =
                        hair.beard * (0.045 + 0.17 * fullness) * (0.72 + 0.34 * lock);
                    out = std::max(out, smooth(inside / 0.16) * thick);
                }
                depth = std::max(depth, inside);
            }
            const std::size_t i = static_cast<std::size_t>(row) * columns + column;
            const double lift = depth > 0 ? out - under * (1 - smooth(depth / 0.04)) : -under;
            mesh.points[i] = ((r + lift) * d).cast<float>();
            grown[i] = static_cast<float>(depth);
        }
    });
    auto add = [&](std::size_t a, std::size_t b, std::size_t c) {
        if (grown[a] > 0 || grown[b] > 0 || grown[c] > 0)
            mesh.triangles.push_back({static_cast<std::uint32_t>(a), static_cast<std::uint32_t>(b),
                                      static_cast<std::uint32_t>(c)});
    };
    for (int row = 0; row < rows; ++row)
        for (int column = 0; column < columns; ++column) {
            const std::size_t next = static_cast<std::size_t>((column + 1) % columns);
            const std::size_t top = static_cast<std::size_t>(row) * columns,
                              low = static_cast<std::size_t>(row + 1) * columns;
            const auto here = static_cast<std::size_t>(column);
            // Every other row stands half a step along.
            if (row % 2 == 0) {
                add(top + here, low + here, top + next);
                add(top + next, low + here, low + next);
            } else {
                add(top + here, low + here, low + next);
                add(top + here, low + next, top + next);
            }
        }
    mesh.parts.assign(count, PlasterMesh::Part::Hair);
    setNormals(mesh);
    return mesh;
}

} // namespace zokran
