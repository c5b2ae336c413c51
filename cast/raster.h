#pragma once

#include "core/view/view.h"

#include <Eigen/Dense>
#include <cstdint>
#include <optional>
#include <vector>

namespace zokran {

struct PlasterMesh;

/// What each pixel of a picture shows of a mesh.
class Raster {
public:
    static constexpr std::uint32_t nothing = ~0u;

    /// Draws the mesh as `view` sees it, `scale` raster pixels to a picture pixel. On all cores.
    Raster(const PlasterMesh& mesh, const View& view, int width, int height, double scale = 1);

    int width() const { return width_; }
    int height() const { return height_; }

    /// One pixel: the triangle seen and where in it, or nothing.
    struct Pixel {
        float depth = 0; ///< 1 - nearness * z: grows away from the camera
        std::uint32_t triangle = nothing;
        float b = 0, c = 0; ///< weights of the second and third vertex
    };
    const Pixel& at(int x, int y) const {
        return pixels_[static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) +
                       static_cast<std::size_t>(x)];
    }

private:
    int width_, height_;
    std::vector<Pixel> pixels_;
};

/// How far light from one far direction gets: a depth picture of the mesh from there.
class DepthMap {
public:
    /// `towards` points to the light (head frame); the map is `size` px wide and high.
    DepthMap(const PlasterMesh& mesh, const Eigen::Vector3d& towards, int size, bool onAllCores = false);

    /// 1 where the light reaches `p`, 0 in shadow.
    float reaches(const Eigen::Vector3f& p) const {
        return height(p) + bias >= depthAt(across(p), up(p)) ? 1.0f : 0.0f;
    }
    /// The same for a broad light: the share of it that reaches `p`, its shadow growing softer away
    /// from what casts it. `softness` is the light's width as seen from the head; `turn`
    /// varies the samples from pixel to pixel.
    float softly(const Eigen::Vector3f& p, Radians softness, Radians turn) const;

private:
    static constexpr float bias = 0.012f, nowhere = -1e9f;
    static constexpr int block = 64; ///< px; of each block the highest place is kept besides
    float across(const Eigen::Vector3f& p) const { return (right_.dot(p) + reach_) * perUnit_; }
    float up(const Eigen::Vector3f& p) const { return (up_.dot(p) + reach_ + 1.0f) * perUnit_; }
    float height(const Eigen::Vector3f& p) const { return towards_.dot(p); }
    float depthAt(float x, float y) const {
        const int i = static_cast<int>(x), k = static_cast<int>(y);
        if (x < 0 || y < 0 || i >= size_ || k >= size_)
            return nowhere;
        return depth_[static_cast<std::size_t>(k) * static_cast<std::size_t>(size_) +
                      static_cast<std::size_t>(i)];
    }

    /// At the least as high as the highest place within this many px.
    float highestWithin(float x, float y, float radius) const;

    int size_;
    float reach_ = 2.6f, perUnit_;
    int blocks_;
    Eigen::Vector3f towards_, right_, up_;
    std::vector<float> depth_, highest_;
};

} // namespace zokran
