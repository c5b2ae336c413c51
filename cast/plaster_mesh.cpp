#include "cast/plaster_mesh.h"

#include "cast/raster.h"

#include <algorithm>
#include <cmath>
#include <mutex>
#include <numbers>
#include <thread>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;
using Vecf = Eigen::Vector3f;

/// What is meshed: the head, its neck and the top of the stand.
const Vec low(-1.5, -3.1, -1.5), high(1.5, 1.4, 1.5);
/// Cells along the edge of a block, a power of two.
constexpr int cells = 32;
constexpr int corners = cells + 2; ///< with a layer of cells on the low side
/// A distance field that was blended and bent may overstate the distance by this factor.
constexpr double overstated = 1.5;

struct Corner {
    float distance = NAN;
    Sculpture::Part part = Sculpture::Part::Skin;
};

/// One block of cells; its corners are carved as they are asked for.
class Block {
public:
    Block(const Sculpture& sculpture, const Vec& origin, double cell)
        : sculpture_(sculpture), origin_(origin - Vec::Constant(cell)), cell_(cell),
          corners_(static_cast<std::size_t>(corners * corners * corners)),
          vertex_(corners_.size(), none) {}

    void meshInto(PlasterMesh& mesh) {
        descend(Eigen::Vector3i::Ones(), cells);
        if (crossed_.empty())
            return;
        // The layer on the low side belongs to the neighbours, who carve the same there.
        for (int layer = 0; layer < 3; ++layer)
            for (int a = 0; a <= cells; a += 2)
                for (int b = 0; b <= cells; b += 2) {
                    Eigen::Vector3i at;
                    at[layer] = 0;
                    at[(layer + 1) % 3] = a;
                    at[(layer + 2) % 3] = b;
                    descend(at, 2);
                }
        for (const Eigen::Vector3i& c : crossed_)
            addVertex(c, mesh);
        for (const Eigen::Vector3i& c : crossed_)
            addFaces(c, mesh);
    }

private:
    static constexpr std::uint32_t none = ~0u;

    static std::size_t index(const Eigen::Vector3i& c) {
        return static_cast<std::size_t>((c.z() * corners + c.y()) * corners + c.x());
    }
    Vec place(const Vec& c) const { return origin_ + cell_ * c; }
    const Corner& corner(const Eigen::Vector3i& c) {
        Corner& k = corners_[index(c)];
        if (std::isnan(k.distance)) {
            const Sculpture::Sample s = sculpture_.sample(place(c.cast<double>()));
            k.distance = static_cast<float>(s.distance);
            k.part = s.part;
        }
        return k;
    }
    /// Looks for cells that the surface passes in the cube of `size` cells at `c`.
    void descend(const Eigen::Vector3i& c, int size) {
        const Vec middle = place(c.cast<double>() + Vec::Constant(size / 2.0));
        const double reach = cell_ * size * std::numbers::sqrt3 / 2;
        if (std::abs(sculpture_.distance(middle)) > overstated * reach)
            return;
        if (size > 2) {
            for (int i = 0; i < 8; ++i)
                descend(c + size / 2 * Eigen::Vector3i(i & 1, i >> 1 & 1, i >> 2), size / 2);
            return;
        }
        for (int i = 0; i < 8; ++i) {
            const Eigen::Vector3i at = c + Eigen::Vector3i(i & 1, i >> 1 & 1, i >> 2);
            if (at.maxCoeff() > cells || vertex_[index(at)] != none)
                continue;
            int inside = 0;
            for (int k = 0; k < 8; ++k)
                inside += corner(at + Eigen::Vector3i(k & 1, k >> 1 & 1, k >> 2)).distance < 0;
            if (inside % 8 != 0) {
                vertex_[index(at)] = 0; // its number comes later
                crossed_.push_back(at);
            }
        }
    }
    void addVertex(const Eigen::Vector3i& c, PlasterMesh& mesh) {
        float d[8];
        bool mixed = false;
        const Sculpture::Part part = corner(c).part;
        for (int k = 0; k < 8; ++k) {
            const Corner& at = corner(c + Eigen::Vector3i(k & 1, k >> 1 & 1, k >> 2));
            d[k] = at.distance;
            mixed = mixed || at.part != part;
        }
        // The middle of where the surface crosses the cell's edges ...
        Vecf sum(0, 0, 0);
        int crossings = 0;
        for (int a = 0; a < 8; ++a)
            for (int bit : {1, 2, 4})
                if (const int b = a | bit; b != a && (d[a] < 0) != (d[b] < 0)) {
                    const float t = d[a] / (d[a] - d[b]);
                    const Vecf from(float(a & 1), float(a >> 1 & 1), float(a >> 2));
                    const Vecf to(float(b & 1), float(b >> 1 & 1), float(b >> 2));
                    sum += from + t * (to - from);
                    ++crossings;
                }
        Vecf p = sum / static_cast<float>(crossings);
        // ... and the slope of the distance there.
        auto mix = [](float a, float b, float t) { return a + t * (b - a); };
        const float x = p.x(), y = p.y(), z = p.z();
        const Vecf slope(
            mix(mix(d[1] - d[0], d[3] - d[2], y), mix(d[5] - d[4], d[7] - d[6], y), z),
            mix(mix(d[2] - d[0], d[3] - d[1], x), mix(d[6] - d[4], d[7] - d[5], x), z),
            mix(mix(d[4] - d[0], d[5] - d[1], x), mix(d[6] - d[2], d[7] - d[3], x), y));
        vertex_[index(c)] = static_cast<std::uint32_t>(mesh.points.size());
        mesh.points.push_back(place(c.cast<double>() + p.cast<double>()).cast<float>());
        mesh.normals.push_back(slope.normalized());
        mesh.parts.push_back(mixed ? sculpture_.sample(mesh.points.back().cast<double>()).part
                                   : part);
    }
    /// The quads round the three edges that leave the cell's low corner.
    void addFaces(const Eigen::Vector3i& c, PlasterMesh& mesh) {
        if (c.minCoeff() < 1)
            return;
        const bool inside = corner(c).distance < 0;
        for (int axis = 0; axis < 3; ++axis) {
            if (inside == (corner(c + Eigen::Vector3i::Unit(axis)).distance < 0))
                continue;
            const Eigen::Vector3i u = Eigen::Vector3i::Unit((axis + 1) % 3);
            const Eigen::Vector3i v = Eigen::Vector3i::Unit((axis + 2) % 3);
            std::uint32_t q[4] = {vertex_[index(c)], vertex_[index(c - u)],
                                  vertex_[index(c - u - v)], vertex_[index(c - v)]};
            if (std::any_of(q, q + 4, [](std::uint32_t k) { return k == none; }))
                continue;
            if (!inside)
                std::swap(q[1], q[3]);
            mesh.triangles.push_back({q[0], q[1], q[2]});
            mesh.triangles.push_back({q[0], q[2], q[3]});
        }
    }

    const Sculpture& sculpture_;
    Vec origin_;
    double cell_;
    std::vector<Corner> corners_;
    std::vector<std::uint32_t> vertex_;
    std::vector<Eigen::Vector3i> crossed_;
};

/// Directions spread evenly over the sphere (Fibonacci lattice).
std::vector<Vec> directions(int count) {
    std::vector<Vec> all;
    for (int i = 0; i < count; ++i) {
        const double y = 1 - (2 * i + 1.0) / count, r = std::sqrt(1 - y * y);
        const double a = i * std::numbers::pi * (3 - std::sqrt(5.0));
        all.emplace_back(r * std::cos(a), y, r * std::sin(a));
    }
    return all;
}

void measureOpenness(PlasterMesh& mesh) {
    constexpr int looks = 32;
    const std::vector<Vec> from = directions(looks);
    const std::size_t n = mesh.points.size();
    std::vector<float> seen(n, 0), could(n, 0);
    std::mutex adding;
    inParallel(looks, [&](int i) {
        const DepthMap map(mesh, from[i], 300);
        std::vector<float> part(n, 0);
        const Vecf d = from[i].cast<float>();
        for (std::size_t k = 0; k < n; ++k)
            if (const float facing = mesh.normals[k].dot(d); facing > 0)
                part[k] = facing * map.reaches(mesh.points[k] + 0.012f * mesh.normals[k]);
        const std::scoped_lock lock(adding);
        for (std::size_t k = 0; k < n; ++k) {
            seen[k] += part[k];
            could[k] += std::max(0.0f, mesh.normals[k].dot(d));
        }
    });
    mesh.openness.resize(n);
    for (std::size_t k = 0; k < n; ++k)
        mesh.openness[k] = could[k] > 0 ? seen[k] / could[k] : 1;
}

} // namespace

void inParallel(int count, const std::function<void(int)>& work) {
    std::atomic<int> next{0};
    auto run = [&] {
        for (int i; (i = next++) < count;)
            work(i);
    };
    std::vector<std::jthread> helpers;
    for (unsigned i = 1; i < std::max(1u, std::thread::hardware_concurrency()); ++i)
        helpers.emplace_back(run);
    run();
}

std::shared_ptr<const PlasterMesh> meshOf(const Sculpture& sculpture, MeshGrain grain,
                                          const std::atomic<bool>* cancelled) {
    const double cell = grain == MeshGrain::Fine ? 0.0135 : 0.024;
    const Eigen::Vector3i blocks = ((high - low) / (cells * cell)).array().ceil().cast<int>();
    std::vector<PlasterMesh> pieces(static_cast<std::size_t>(blocks.prod()));
    inParallel(blocks.prod(), [&](int i) {
        if (cancelled && *cancelled)
            return;
        const Eigen::Vector3i at(i % blocks.x(), i / blocks.x() % blocks.y(),
                                 i / blocks.x() / blocks.y());
        Block(sculpture, low + cells * cell * at.cast<double>(), cell).meshInto(pieces[i]);
    });
    if (cancelled && *cancelled)
        return nullptr;
    auto mesh = std::make_shared<PlasterMesh>();
    for (const PlasterMesh& piece : pieces) {
        const auto first = static_cast<std::uint32_t>(mesh->points.size());
        mesh->points.insert(mesh->points.end(), piece.points.begin(), piece.points.end());
        mesh->normals.insert(mesh->normals.end(), piece.normals.begin(), piece.normals.end());
        mesh->parts.insert(mesh->parts.end(), piece.parts.begin(), piece.parts.end());
        for (const auto& t : piece.triangles)
            mesh->triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
    }
    measureOpenness(*mesh);
    return mesh;
}

} // namespace zokran
