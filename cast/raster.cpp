#include "cast/raster.h"

#include "cast/plaster_mesh.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

struct Corner2 {
    float x, y, depth;
};

/// Calls `pixel(x, y, wa, wb, wc)` for each pixel centre in the triangle, in rows [top, bottom).
template <typename Pixel>
void fill(const Corner2& a, const Corner2& b, const Corner2& c, int width, int top, int bottom,
          Pixel pixel) {
    const float area = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
    if (std::abs(area) < 1e-12f)
        return;
    const int x0 = std::max(0, static_cast<int>(std::ceil(std::min({a.x, b.x, c.x}) - 0.5f)));
    const int x1 =
        std::min(width - 1, static_cast<int>(std::floor(std::max({a.x, b.x, c.x}) - 0.5f)));
    const int y0 = std::max(top, static_cast<int>(std::ceil(std::min({a.y, b.y, c.y}) - 0.5f)));
    const int y1 =
        std::min(bottom - 1, static_cast<int>(std::floor(std::max({a.y, b.y, c.y}) - 0.5f)));
    for (int y = y0; y <= y1; ++y)
        for (int x = x0; x <= x1; ++x) {
            const float px = static_cast<float>(x) + 0.5f, py = static_cast<float>(y) + 0.5f;
            const float wb = ((px - a.x) * (c.y - a.y) - (py - a.y) * (c.x - a.x)) / area;
            const float wc = ((b.x - a.x) * (py - a.y) - (b.y - a.y) * (px - a.x)) / area;
            const float wa = 1 - wb - wc;
            constexpr float edge = -1e-4f;
            if (wa >= edge && wb >= edge && wc >= edge)
                pixel(x, y, wa, wb, wc);
        }
}

} // namespace

Raster::Raster(const PlasterMesh& mesh, const View& view, int width, int height, double scale)
    : width_(static_cast<int>(std::lround(width * scale))),
      height_(static_cast<int>(std::lround(height * scale))),
      pixels_(static_cast<std::size_t>(width_) * static_cast<std::size_t>(height_)) {
    std::vector<Corner2> at(mesh.points.size());
    const Eigen::Matrix3f turn = view.rotation.cast<float>();
    const auto nearness = static_cast<float>(view.nearness);
    const auto s = static_cast<float>(view.scale * scale);
    const Eigen::Vector2f middle = (scale * view.principal).cast<float>();
    const Eigen::Vector2f off = (scale * (view.centre - view.principal)).cast<float>();
    constexpr int bands = 16;
    inParallel(bands, [&](int band) {
        const std::size_t n = mesh.points.size();
        for (std::size_t i = n * static_cast<std::size_t>(band) / bands;
             i < n * static_cast<std::size_t>(band + 1) / bands; ++i) {
            const Eigen::Vector3f m = turn * mesh.points[i];
            const float depth = std::max(1 - nearness * m.z(), 0.05f);
            at[i] = {middle.x() + (off.x() + s * m.x()) / depth,
                     middle.y() + (off.y() - s * m.y()) / depth, depth};
        }
    });
    inParallel(bands, [&](int band) {
        const int top = height_ * band / bands, bottom = height_ * (band + 1) / bands;
        for (std::size_t t = 0; t < mesh.triangles.size(); ++t) {
            const auto& [i, j, k] = mesh.triangles[t];
            const Corner2 &a = at[i], &b = at[j], &c = at[k];
            if (std::max({a.y, b.y, c.y}) < static_cast<float>(top) ||
                std::min({a.y, b.y, c.y}) > static_cast<float>(bottom))
                continue;
            fill(a, b, c, width_, top, bottom, [&](int x, int y, float wa, float wb, float wc) {
                Pixel& p = pixels_[static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) +
                                   static_cast<std::size_t>(x)];
                const float depth = wa * a.depth + wb * b.depth + wc * c.depth;
                if (p.triangle == nothing || depth < p.depth)
                    p = {depth, static_cast<std::uint32_t>(t), wb, wc};
            });
        }
    });
}

DepthMap::DepthMap(const PlasterMesh& mesh, const Eigen::Vector3d& towards, int size)
    : size_(size), perUnit_(static_cast<float>(size) / (2 * reach_)),
      towards_(towards.normalized().cast<float>()),
      depth_(static_cast<std::size_t>(size) * static_cast<std::size_t>(size), -1e9f) {
    const Eigen::Vector3f aside =
        std::abs(towards_.y()) < 0.9f ? Eigen::Vector3f::UnitY() : Eigen::Vector3f::UnitX();
    right_ = aside.cross(towards_).normalized();
    up_ = towards_.cross(right_);
    std::vector<Corner2> at(mesh.points.size());
    for (std::size_t i = 0; i < at.size(); ++i)
        at[i] = {across(mesh.points[i]), up(mesh.points[i]), height(mesh.points[i])};
    for (const auto& corners : mesh.triangles) {
        const Corner2 &one = at[corners[0]], &two = at[corners[1]], &three = at[corners[2]];
        fill(one, two, three, size_, 0, size_, [&](int x, int y, float wa, float wb, float wc) {
            float& d = depth_[static_cast<std::size_t>(y) * static_cast<std::size_t>(size_) +
                              static_cast<std::size_t>(x)];
            d = std::max(d, wa * one.depth + wb * two.depth + wc * three.depth);
        });
    }
}

float DepthMap::softly(const Eigen::Vector3f& p, Radians softness, Radians turn) const {
    // Percentage-closer soft shadows: the mean height of what stands before the point sets how wide
    // the shadow's edge is there (Fernando 2005).
    constexpr int samples = 24;
    const float x = across(p), y = up(p), here = height(p) + bias;
    auto offset = [&](int i, float radius) {
        const float r = radius * std::sqrt((static_cast<float>(i) + 0.5f) / samples);
        const auto a = static_cast<float>(2.399963 * i + turn.value);
        return Eigen::Vector2f(r * std::cos(a), r * std::sin(a));
    };
    const auto spread = static_cast<float>(softness.value) * perUnit_;
    float before = 0;
    int blockers = 0;
    for (int i = 0; i < samples; ++i) {
        const Eigen::Vector2f o = offset(i, 0.35f * spread);
        const float d = depthAt(x + o.x(), y + o.y());
        if (d > here) {
            before += d - here;
            ++blockers;
        }
    }
    if (blockers == 0)
        return 1;
    const float radius =
        std::clamp(spread * before / static_cast<float>(blockers), 1.2f, 0.5f * spread);
    int lit = 0;
    for (int i = 0; i < samples; ++i) {
        const Eigen::Vector2f o = offset(i, radius);
        lit += depthAt(x + o.x(), y + o.y()) <= here;
    }
    return static_cast<float>(lit) / samples;
}

} // namespace zokran
