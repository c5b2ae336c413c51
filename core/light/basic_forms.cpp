#include "core/light/lit_solid.h"

#include "core/base/translatable.h"

#include <cmath>
#include <functional>
#include <numbers>

namespace zokran {

namespace {

constexpr double full = 2 * std::numbers::pi;

/// A surface over a grid of two parameters, each 0 to 1, the second closed upon itself.
LitSolid woven(const std::function<HeadPoint(double, double)>& at,
               const std::function<Eigen::Vector3d(double, double)>& normal) {
    constexpr std::uint32_t rows = 48, columns = 96;
    LitSolid solid;
    for (std::uint32_t i = 0; i <= rows; ++i)
        for (std::uint32_t k = 0; k <= columns; ++k) {
            const double u = 1.0 * i / rows, v = 1.0 * k / columns;
            solid.add(at(u, v), normal(u, v).normalized());
        }
    const auto on = [](std::uint32_t i, std::uint32_t k) { return i * (columns + 1) + k; };
    for (std::uint32_t i = 0; i < rows; ++i)
        for (std::uint32_t k = 0; k < columns; ++k)
            solid.addQuad(on(i, k), on(i, k + 1), on(i + 1, k + 1), on(i + 1, k));
    return solid;
}

/// Flat faces, each with its corners in turn.
LitSolid cut(const std::vector<std::vector<HeadPoint>>& faces) {
    LitSolid solid;
    for (const auto& face : faces) {
        Eigen::Vector3d n = (face[1] - face[0]).cross(face[2] - face[0]).normalized();
        HeadPoint middle(0, 0, 0);
        for (const HeadPoint& p : face)
            middle += p / static_cast<double>(face.size());
        if (n.dot(middle) < 0) // all of them hold the origin
            n = -n;
        std::vector<std::uint32_t> corners;
        for (const HeadPoint& p : face)
            corners.push_back(solid.add(p, n));
        for (std::size_t k = 2; k < corners.size(); ++k)
            solid.triangles.push_back({{corners[0], corners[k - 1], corners[k]}, false});
    }
    return solid;
}

/// A sphere drawn out upwards; `rise` makes it an egg, blunt below.
LitSolid rounded(double height, double rise) {
    const auto at = [=](double u, double v) {
        const double a = std::numbers::pi * u, r = std::sin(a) * (1 - rise * std::cos(a));
        return HeadPoint(r * std::sin(full * v), height * std::cos(a), r * std::cos(full * v));
    };
    return woven(at, [=](double u, double v) -> Eigen::Vector3d {
        // By its two tangents; at the poles they vanish and it points up or down.
        if (u < 1e-6 || u > 1 - 1e-6)
            return {0, u < 0.5 ? 1.0 : -1.0, 0};
        constexpr double h = 1e-4;
        return (at(u + h, v) - at(u - h, v)).cross(at(u, v + h) - at(u, v - h));
    });
}

LitSolid sphere() {
    return rounded(1, 0);
}
LitSolid egg() {
    LitSolid solid = rounded(1.25, 0.18);
    for (HeadPoint& p : solid.points)
        p *= 0.85;
    return solid;
}

LitSolid cube() {
    constexpr double h = 0.75;
    std::vector<std::vector<HeadPoint>> faces;
    for (int axis = 0; axis < 3; ++axis)
        for (double side : {-h, h}) {
            std::vector<HeadPoint> face;
            for (const auto& [a, b] : {std::pair{-h, -h}, {h, -h}, {h, h}, {-h, h}}) {
                HeadPoint p;
                p[axis] = side;
                p[(axis + 1) % 3] = a;
                p[(axis + 2) % 3] = b;
                face.push_back(p);
            }
            faces.push_back(face);
        }
    return cut(faces);
}

/// The simplest nose: a slope that rises to a ridge and falls off steeply below.
LitSolid wedge() {
    const HeadPoint left(-0.7, -0.7, -0.5), right(0.7, -0.7, -0.5), foreLeft(-0.7, -0.7, 0.8),
        foreRight(0.7, -0.7, 0.8), topLeft(-0.7, 0.8, -0.5), topRight(0.7, 0.8, -0.5);
    return cut({{left, right, foreRight, foreLeft},
                {left, right, topRight, topLeft},
                {foreLeft, foreRight, topRight, topLeft},
                {left, foreLeft, topLeft},
                {right, foreRight, topRight}});
}

LitSolid cylinder() {
    constexpr double r = 0.65, h = 0.9;
    LitSolid solid = woven(
        [](double u, double v) {
            return HeadPoint(r * std::sin(full * v), h * (1 - 2 * u), r * std::cos(full * v));
        },
        [](double, double v) { return Eigen::Vector3d(std::sin(full * v), 0, std::cos(full * v)); });
    constexpr int around = 96;
    for (double y : {-h, h}) {
        const Eigen::Vector3d n(0, y > 0 ? 1 : -1, 0);
        const std::uint32_t hub = solid.add({0, y, 0}, n);
        std::vector<std::uint32_t> rim;
        for (int k = 0; k < around; ++k)
            rim.push_back(solid.add({r * std::sin(full * k / around), y, r * std::cos(full * k / around)}, n));
        for (std::size_t k = 0; k < around; ++k)
            solid.triangles.push_back({{hub, rim[k], rim[(k + 1) % around]}, false});
    }
    return solid;
}

LitSolid ring() {
    constexpr double large = 0.72, small = 0.3;
    return woven(
        [](double u, double v) {
            const double r = large + small * std::cos(full * u);
            return HeadPoint(r * std::sin(full * v), small * std::sin(full * u), r * std::cos(full * v));
        },
        [](double u, double v) {
            return Eigen::Vector3d(std::cos(full * u) * std::sin(full * v), std::sin(full * u),
                                   std::cos(full * u) * std::cos(full * v));
        });
}

} // namespace

const std::vector<BasicForm>& basicForms() {
    static const std::vector<BasicForm> all = {
        {"sphere", ZOKRAN_WORDS("Sphere"), 1, sphere},
        {"egg", ZOKRAN_WORDS("Egg"), 1.0625, egg},
        {"cube", ZOKRAN_WORDS("Cube"), 0.75, cube},
        {"wedge", ZOKRAN_WORDS("Wedge"), 0.7, wedge},
        {"cylinder", ZOKRAN_WORDS("Cylinder"), 0.9, cylinder},
        {"ring", ZOKRAN_WORDS("Ring"), 0.3, ring},
    };
    return all;
}

LitSolid litForm(const BasicForm& form, bool standing) {
    LitSolid solid = form.make();
    if (!standing)
        return solid;
    // Small squares, so that perspective stays true across each.
    constexpr std::uint32_t squares = 60;
    constexpr double half = 9;
    const auto first = static_cast<std::uint32_t>(solid.points.size());
    for (std::uint32_t i = 0; i <= squares; ++i)
        for (std::uint32_t k = 0; k <= squares; ++k)
            solid.add({-half + 2 * half * i / squares, -form.foot, -half + 2 * half * k / squares},
                      {0, 1, 0});
    const auto on = [&](std::uint32_t i, std::uint32_t k) { return first + i * (squares + 1) + k; };
    for (std::uint32_t i = 0; i < squares; ++i)
        for (std::uint32_t k = 0; k < squares; ++k)
            solid.addQuad(on(i, k), on(i + 1, k), on(i + 1, k + 1), on(i, k + 1), true);
    return solid;
}

} // namespace zokran
