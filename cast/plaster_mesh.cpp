#include "cast/plaster_mesh.h"

#include "cast/hair.h"
#include "cast/hair_styles.h"
#include "cast/raster.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <thread>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;
using Vecf = Eigen::Vector3f;
using Part = PlasterMesh::Part;

/// Brows as a sculptor raises them: low ridges of short locks along the brow, tapering outwards.
void raiseBrows(const Bust& bust, PlasterMesh& skin) {
    const double amount = bust.hair().brows;
    if (amount <= 0)
        return;
    for (const Bust::Contour& contour : bust.contours()) {
        if (contour.name != "brow")
            continue;
        inParallel(16, [&](int band) {
            const std::size_t n = skin.points.size();
            for (std::size_t i = n * band / 16; i < n * (band + 1) / 16; ++i) {
                const Vec p = skin.points[i].cast<double>();
                if ((p - contour.points[2]).norm() > 0.5)
                    continue;
                double best = 1e9, where = 0, above = 0;
                for (std::size_t k = 1; k < contour.points.size(); ++k) {
                    const Vec a = contour.points[k - 1], ab = contour.points[k] - a;
                    const double t = std::clamp((p - a).dot(ab) / ab.squaredNorm(), -0.2, 1.0);
                    const double share = (static_cast<double>(k) - 1 + t) /
                                         static_cast<double>(contour.points.size() - 1);
                    // The mesh's ridge runs level; a brow starts low and has its arch further out.
                    const Vec on = a + t * ab +
                                   Vec(0, 0.045 * std::sin(2.6 * share) - 0.028, 0);
                    const double off = (p - on).norm();
                    if (off < best) {
                        best = off;
                        where = share;
                        above = p.y() - on.y();
                    }
                }
                const double width = 0.030 + 0.034 * std::sin(std::min(1.0, 0.25 + where) * 2.6);
                const double body = std::max(0.0, 1 - best * best / (width * width)) *
                                    smooth((where + 0.2) / 0.3);
                const double lock =
                    grooves(p, 9 * where + (above * 9 + 0.3) * (1 - where), 0.3);
                if (body > 0.15)
                    skin.parts[i] = Part::Brow;
                skin.points[i] += static_cast<float>(amount * body * (0.012 + 0.009 * lock)) *
                                  skin.normals[i];
            }
        });
    }
}

PlasterMesh skinOf(const Bust& bust, MeshGrain grain) {
    const Refinement& mesh =
        grain == MeshGrain::Fine ? bust.model().twice() : bust.model().once();
    PlasterMesh skin;
    skin.points.assign(bust.points().begin(),
                       bust.points().begin() + static_cast<std::ptrdiff_t>(mesh.vertices()));
    skin.parts.assign(skin.points.size(), Part::Skin);
    for (const auto& q : mesh.quads()) {
        skin.triangles.push_back({q[0], q[1], q[2]});
        skin.triangles.push_back({q[0], q[2], q[3]});
    }
    setNormals(skin);
    raiseBrows(bust, skin);
    return skin;
}

/// An eyeball, with the iris and the pupil cut in as sculptors do, so that it looks somewhere.
PlasterMesh eyeOf(const Bust::Eyeball& eye) {
    PlasterMesh mesh;
    const Vec side = eye.forward.cross(Vec::UnitY()).normalized(), up = side.cross(eye.forward);
    constexpr int around = 48;
    // Angles from the pupil and the depth cut there, in eyeball radii.
    std::vector<std::pair<double, double>> rings{{0, 0.16},     {3, 0.16},  {5.5, 0.14}, {7, 0.05},
                                                 {8, 0.02},     {12, 0.01}, {17, 0.015}, {20, 0.022},
                                                 {21.5, 0.035}, {23, 0.02}, {24, 0}};
    for (int angle = 34; angle <= 110; angle += 6)
        rings.emplace_back(angle, 0);
    for (const auto& [angle, cut] : rings)
        for (int i = 0; i < around; ++i) {
            const double a = angle * std::numbers::pi / 180,
                         b = 2 * std::numbers::pi * i / around;
            const Vec d = std::cos(a) * eye.forward +
                          std::sin(a) * (std::cos(b) * side + std::sin(b) * up);
            mesh.points.push_back(
                (eye.centre + eye.radius * (1 - cut) * d).cast<float>());
        }
    for (std::uint32_t ring = 0; ring + 1 < rings.size(); ++ring)
        for (std::uint32_t i = 0; i < around; ++i) {
            const std::uint32_t a = ring * around + i, b = ring * around + (i + 1) % around;
            mesh.triangles.push_back({a, a + around, b});
            mesh.triangles.push_back({b, a + around, b + around});
        }
    for (const auto& [angle, cut] : rings)
        mesh.parts.insert(mesh.parts.end(), around, angle < 23 ? Part::Iris : Part::Eye);
    setNormals(mesh);
    // The winding above may face inwards; an eyeball's outside is known.
    if (mesh.normals[around * 12].dot((mesh.points[around * 12].cast<double>() - eye.centre)
                                          .cast<float>()) < 0) {
        for (auto& t : mesh.triangles)
            std::swap(t[1], t[2]);
        setNormals(mesh);
    }
    return mesh;
}

/// How the bust is cut below: inside is below zero.
class Cut {
public:
    explicit Cut(const Bust& bust) {
        const HeadPoint pit = bust.place("pit");
        middle_ = Vec(0, pit.y() + 0.42, 0.5 * pit.z() - 0.12);
        radii_ = Vec(1.06 * bust.place("shoulder_l").x(), 1.02, 1.62);
    }
    double operator()(const Vecf& p) const {
        Vec q = (p.cast<double>() - middle_).cwiseQuotient(radii_);
        q.y() = std::min(q.y(), 0.0);
        return q.squaredNorm() - 1;
    }
    const Vec& middle() const { return middle_; }
    double lowest() const { return middle_.y() - radii_.y(); }

private:
    Vec middle_, radii_;
};

/// Keeps what lies inside the cut and returns its rim, each piece along the surface's border.
std::vector<std::array<Vecf, 2>> trim(PlasterMesh& mesh, const Cut& cut) {
    std::vector<float> side;
    for (const Vecf& p : mesh.points)
        side.push_back(static_cast<float>(cut(p)));
    std::map<std::pair<std::uint32_t, std::uint32_t>, std::uint32_t> between;
    auto crossing = [&](std::uint32_t a, std::uint32_t b) {
        const auto [at, fresh] = between.try_emplace(std::minmax(a, b), 0);
        if (fresh) {
            const float t = side[a] / (side[a] - side[b]);
            at->second = static_cast<std::uint32_t>(mesh.points.size());
            mesh.points.push_back(mesh.points[a] + t * (mesh.points[b] - mesh.points[a]));
            mesh.parts.push_back(mesh.parts[a]);
        }
        return at->second;
    };
    std::vector<std::array<std::uint32_t, 3>> kept;
    std::vector<std::array<Vecf, 2>> rim;
    for (const auto& t : mesh.triangles) {
        const int inside = (side[t[0]] < 0) + (side[t[1]] < 0) + (side[t[2]] < 0);
        if (inside == 3)
            kept.push_back(t);
        if (inside == 0 || inside == 3)
            continue;
        // Turn it so that the odd corner comes first.
        int odd = 0;
        while ((side[t[odd]] < 0) != (inside == 1))
            ++odd;
        const std::uint32_t a = t[odd], b = t[(odd + 1) % 3], c = t[(odd + 2) % 3];
        const std::uint32_t ab = crossing(a, b), ac = crossing(a, c);
        if (inside == 1) {
            kept.push_back({a, ab, ac});
            rim.push_back({mesh.points[ab], mesh.points[ac]});
        } else {
            kept.push_back({ab, b, c});
            kept.push_back({ab, c, ac});
            rim.push_back({mesh.points[ac], mesh.points[ab]});
        }
    }
    mesh.triangles = std::move(kept);
    return rim;
}

/// From the rim in under the chest to the stand.
PlasterMesh underside(const std::vector<std::array<Vecf, 2>>& rim, const Cut& cut) {
    PlasterMesh mesh;
    const auto middle = cut.middle().cast<float>();
    const auto foot = static_cast<float>(cut.lowest() - 0.12);
    auto inward = [&](const Vecf& p, float t) -> Vecf {
        const float r = std::hypot(p.x() - middle.x(), p.z() - middle.z());
        const float to = 0.30f;
        const float across = (1 - t) * r + t * to;
        const float fall = 1 - (1 - t) * (1 - t);
        return {middle.x() + (p.x() - middle.x()) / r * across, p.y() + fall * (foot - p.y()),
                middle.z() + (p.z() - middle.z()) / r * across};
    };
    constexpr int steps = 6;
    for (const auto& [a, b] : rim)
        for (int i = 0; i < steps; ++i) {
            const float t0 = static_cast<float>(i) / steps, t1 = static_cast<float>(i + 1) / steps;
            const auto first = static_cast<std::uint32_t>(mesh.points.size());
            for (const Vecf& p : {inward(a, t0), inward(b, t0), inward(b, t1), inward(a, t1)})
                mesh.points.push_back(p);
            mesh.triangles.push_back({first, first + 2, first + 1});
            mesh.triangles.push_back({first, first + 3, first + 2});
        }
    mesh.parts.assign(mesh.points.size(), Part::Underside);
    setNormals(mesh);
    return mesh;
}

PlasterMesh standUnder(const Cut& cut) {
    PlasterMesh mesh;
    const double top = cut.lowest() - 0.12;
    const std::pair<double, double> profile[] = {{0.30, 0.0},  {0.33, -0.03}, {0.33, -0.10},
                                                 {0.22, -0.16}, {0.20, -0.42}, {0.34, -0.52},
                                                 {0.62, -0.56}, {0.64, -0.70}};
    constexpr std::uint32_t around = 40;
    for (const auto& [r, y] : profile)
        for (std::uint32_t i = 0; i < around; ++i) {
            const double a = 2 * std::numbers::pi * i / around;
            mesh.points.push_back(Vec(cut.middle().x() + r * std::sin(a), top + y,
                                      cut.middle().z() + r * std::cos(a))
                                      .cast<float>());
        }
    for (std::uint32_t ring = 0; ring + 1 < std::size(profile); ++ring)
        for (std::uint32_t i = 0; i < around; ++i) {
            const std::uint32_t a = ring * around + i, b = ring * around + (i + 1) % around;
            mesh.triangles.push_back({a, a + around, b});
            mesh.triangles.push_back({b, a + around, b + around});
        }
    mesh.parts.assign(mesh.points.size(), Part::Stand);
    setNormals(mesh);
    return mesh;
}

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

/// The share of the room that each vertex sees, by depth maps from all round.
void measureOpenness(PlasterMesh& mesh, int looks, int size) {
    const std::vector<Vec> from = directions(looks);
    const std::size_t n = mesh.points.size();
    // Added up in one order, whichever look is done first, so that a picture is the same every time.
    std::vector<std::vector<float>> parts(static_cast<std::size_t>(looks));
    inParallel(looks, [&](int i) {
        const DepthMap map(mesh, from[i], size);
        std::vector<float>& part = parts[static_cast<std::size_t>(i)];
        part.assign(n, 0);
        const Vecf d = from[i].cast<float>();
        for (std::size_t k = 0; k < n; ++k)
            if (const float facing = mesh.normals[k].dot(d); facing > 0)
                part[k] = facing * map.reaches(mesh.points[k] + 0.012f * mesh.normals[k]);
    });
    std::vector<float> seen(n, 0), could(n, 0);
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Vecf d = from[i].cast<float>();
        for (std::size_t k = 0; k < n; ++k) {
            seen[k] += parts[i][k];
            could[k] += std::max(0.0f, mesh.normals[k].dot(d));
        }
    }
    mesh.openness.resize(n);
    for (std::size_t k = 0; k < n; ++k)
        mesh.openness[k] = could[k] > 0 ? seen[k] / could[k] : 1;
}

} // namespace

void PlasterMesh::append(const PlasterMesh& other) {
    const auto first = static_cast<std::uint32_t>(points.size());
    points.insert(points.end(), other.points.begin(), other.points.end());
    normals.insert(normals.end(), other.normals.begin(), other.normals.end());
    parts.insert(parts.end(), other.parts.begin(), other.parts.end());
    for (const auto& t : other.triangles)
        triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
}

void setNormals(PlasterMesh& mesh) {
    mesh.normals.assign(mesh.points.size(), Vecf::Zero());
    for (const auto& [a, b, c] : mesh.triangles) {
        const Vecf n =
            (mesh.points[b] - mesh.points[a]).cross(mesh.points[c] - mesh.points[a]);
        for (std::uint32_t v : {a, b, c})
            mesh.normals[v] += n;
    }
    for (Vecf& n : mesh.normals)
        if (const float length = n.norm(); length > 0)
            n /= length;
}

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

namespace {

/// The triangles without their openness; nothing when `cancelled` turns true.
std::shared_ptr<PlasterMesh> trianglesOf(const Bust& bust, MeshGrain grain, const std::atomic<bool>* cancelled) {
    auto stop = [&] { return cancelled && *cancelled; };
    if (stop())
        return nullptr;
    auto mesh = std::make_shared<PlasterMesh>(skinOf(bust, grain));
    const Cut cut(bust);
    const auto rim = trim(*mesh, cut);
    setNormals(*mesh);
    for (int side : {0, 1})
        mesh->append(eyeOf(bust.eyeball(side)));
    if (stop())
        return nullptr;
    mesh->append(hairOf(bust, grain));
    mesh->append(underside(rim, cut));
    mesh->append(standUnder(cut));
    return stop() ? nullptr : mesh;
}

} // namespace

std::shared_ptr<const PlasterMesh> surfaceOf(const Bust& bust, MeshGrain grain) {
    return trianglesOf(bust, grain, nullptr);
}

std::shared_ptr<const PlasterMesh> meshOf(const Bust& bust, MeshGrain grain, const std::atomic<bool>* cancelled) {
    auto mesh = trianglesOf(bust, grain, cancelled);
    if (!mesh)
        return nullptr;
    const bool fine = grain == MeshGrain::Fine;
    measureOpenness(*mesh, fine ? 40 : 16, fine ? 400 : 160);
    return mesh;
}

} // namespace zokran
