#include "cast/raster.h"

#include "cast/plaster_mesh.h"
#include "core/base/triangle_raster.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

struct Corner2 {
    Eigen::Vector2f at;
    float depth;
};

using Triangles = std::vector<std::array<std::uint32_t, 3>>;

/// Calls `pixel(t, x, y, wa, wb, wc)` for each pixel centre in each triangle, in the triangles' order; with several
/// `bands` of rows on all cores, a band at a time.
template <typename Pixel>
void drawAll(const Triangles& triangles, const std::vector<Corner2>& at, int width, int height, int bands,
             Pixel pixel) {
    const auto draw = [&](std::size_t t, int top, int bottom) {
        const auto& [i, j, k] = triangles[t];
        fillTriangle(at[i].at, at[j].at, at[k].at, width, top, bottom,
                     [&](int x, int y, float wb, float wc) { pixel(t, x, y, 1 - wb - wc, wb, wc); });
    };
    if (bands == 1) {
        for (std::size_t t = 0; t < triangles.size(); ++t)
            draw(t, 0, height);
        return;
    }
    std::vector<std::vector<std::uint32_t>> in(static_cast<std::size_t>(bands));
    const int rows = (height + bands - 1) / bands;
    const auto bandOf = [&](float y) { return std::clamp(static_cast<int>(y) / rows, 0, bands - 1); };
    for (std::size_t t = 0; t < triangles.size(); ++t) {
        const auto& [i, j, k] = triangles[t];
        const float low = std::min({at[i].at.y(), at[j].at.y(), at[k].at.y()}), high = std::max({at[i].at.y(), at[j].at.y(), at[k].at.y()});
        if (high < 0 || low > static_cast<float>(height))
            continue;
        for (int band = bandOf(low); band <= bandOf(high); ++band)
            in[static_cast<std::size_t>(band)].push_back(static_cast<std::uint32_t>(t));
    }
    inParallel(bands, [&](int band) {
        for (std::uint32_t t : in[static_cast<std::size_t>(band)])
            draw(t, rows * band, std::min(height, rows * (band + 1)));
    });
}

constexpr int manyBands = 16;

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
    inParallel(manyBands, [&](int band) {
        const std::size_t n = mesh.points.size();
        for (std::size_t i = n * static_cast<std::size_t>(band) / manyBands;
             i < n * static_cast<std::size_t>(band + 1) / manyBands; ++i) {
            const Eigen::Vector3f m = turn * mesh.points[i];
            const float depth = std::max(1 - nearness * m.z(), 0.05f);
            at[i] = {middle + (off + s * Eigen::Vector2f(m.x(), -m.y())) / depth, depth};
        }
    });
    drawAll(mesh.triangles, at, width_, height_, manyBands,
            [&](std::size_t t, int x, int y, float wa, float wb, float wc) {
                Pixel& p = pixels_[static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) +
                                   static_cast<std::size_t>(x)];
                const auto& [i, j, k] = mesh.triangles[t];
                const float depth = wa * at[i].depth + wb * at[j].depth + wc * at[k].depth;
                if (p.triangle == nothing || depth < p.depth)
                    p = {depth, static_cast<std::uint32_t>(t), wb, wc};
            });
}

DepthMap::DepthMap(const PlasterMesh& mesh, const Eigen::Vector3d& towards, int size, bool onAllCores)
    : size_(size), perUnit_(static_cast<float>(size) / (2 * reach_)), blocks_((size + block - 1) / block),
      towards_(towards.normalized().cast<float>()),
      depth_(static_cast<std::size_t>(size) * static_cast<std::size_t>(size), nowhere),
      highest_(static_cast<std::size_t>(blocks_) * static_cast<std::size_t>(blocks_), nowhere) {
    const Eigen::Vector3f aside =
        std::abs(towards_.y()) < 0.9f ? Eigen::Vector3f::UnitY() : Eigen::Vector3f::UnitX();
    right_ = aside.cross(towards_).normalized();
    up_ = towards_.cross(right_);
    std::vector<Corner2> at(mesh.points.size());
    for (std::size_t i = 0; i < at.size(); ++i)
        at[i] = {{across(mesh.points[i]), up(mesh.points[i])}, height(mesh.points[i])};
    drawAll(mesh.triangles, at, size_, size_, onAllCores ? manyBands : 1,
            [&](std::size_t t, int x, int y, float wa, float wb, float wc) {
                const auto& [i, j, k] = mesh.triangles[t];
                float& d = depth_[static_cast<std::size_t>(y) * static_cast<std::size_t>(size_) +
                                  static_cast<std::size_t>(x)];
                d = std::max(d, wa * at[i].depth + wb * at[j].depth + wc * at[k].depth);
            });
    for (int y = 0; y < size_; ++y)
        for (int x = 0; x < size_; ++x) {
            float& most = highest_[static_cast<std::size_t>(y / block * blocks_ + x / block)];
            most = std::max(most, depth_[static_cast<std::size_t>(y) * static_cast<std::size_t>(size_) +
                                         static_cast<std::size_t>(x)]);
        }
}

float DepthMap::highestWithin(float x, float y, float radius) const {
    const auto blockOf = [&](float at) {
        return std::clamp(static_cast<int>(std::max(at, 0.0f)) / block, 0, blocks_ - 1);
    };
    float most = nowhere;
    for (int k = blockOf(y - radius); k <= blockOf(y + radius); ++k)
        for (int i = blockOf(x - radius); i <= blockOf(x + radius); ++i)
            most = std::max(most, highest_[static_cast<std::size_t>(k * blocks_ + i)]);
    return most;
}

float DepthMap::softly(const Eigen::Vector3f& p, Radians softness, Radians turn) const {
    // Percentage-closer soft shadows: the mean height of what stands before the point sets how wide
    // the shadow's edge is there (Fernando 2005). The samples lie on Vogel's spiral (1979).
    constexpr int samples = 24;
    static const std::vector<Eigen::Vector2f> spiral = [] {
        std::vector<Eigen::Vector2f> all;
        for (int i = 0; i < samples; ++i) {
            const float r = std::sqrt((static_cast<float>(i) + 0.5f) / samples), a = 2.399963f * static_cast<float>(i);
            all.emplace_back(r * std::cos(a), r * std::sin(a));
        }
        return all;
    }();
    const float x = across(p), y = up(p), here = height(p) + bias;
    const auto spread = static_cast<float>(softness.value) * perUnit_;
    const float around = 0.35f * spread;
    if (highestWithin(x, y, around) <= here)
        return 1;
    const auto c = static_cast<float>(cos(turn)), s = static_cast<float>(sin(turn));
    const auto sample = [&](int i, float radius) {
        const Eigen::Vector2f& o = spiral[static_cast<std::size_t>(i)];
        return depthAt(x + radius * (c * o.x() - s * o.y()), y + radius * (s * o.x() + c * o.y()));
    };
    float before = 0;
    int blockers = 0;
    for (int i = 0; i < samples; ++i)
        if (const float d = sample(i, around); d > here) {
            before += d - here;
            ++blockers;
        }
    if (blockers == 0)
        return 1;
    const float radius =
        std::clamp(spread * before / static_cast<float>(blockers), 1.2f, 0.5f * spread);
    int lit = 0;
    for (int i = 0; i < samples; ++i)
        lit += sample(i, radius) <= here;
    return static_cast<float>(lit) / samples;
}

} // namespace zokran
