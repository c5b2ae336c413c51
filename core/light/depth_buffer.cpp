#include "core/light/depth_buffer.h"

#include "core/base/triangle_raster.h"
#include "core/base/tone.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core/utility.hpp>

namespace zokran {

namespace {

using Eigen::Vector3f;

constexpr float everywhere = 0.1f;  ///< of the light comes from everywhere
constexpr int shadowGrid = 440;     ///< places across the grid of heights
constexpr float shadowReach = 3.2f; ///< ball radii it covers to each side

/// What of the light that is everywhere gets to a place turned away by this cosine (below 0): least
/// just beyond the terminator, more again where other things throw it back.
float turnedAway(float cosine) {
    const float s = -cosine;
    return everywhere * (1 - 1.6f * s + 1.8f * s * s);
}
/// What of it gets to a flat plane: more from above, as from a ceiling, than from below; so planes in shadow differ too.
float aroundPlane(const Vector3f& normal) {
    return everywhere * (1.35f + 0.9f * normal.y());
}
/// The least of it: at s = 4/9.
constexpr double darkest = 0.1 * (1 - 1.6 * 4 / 9 + 1.8 * 16 / 81);

} // namespace

Eigen::Vector3d towardsLight(const LightDirection& light) {
    return {sin(light.azimuth) * cos(light.elevation), sin(light.elevation),
            cos(light.azimuth) * cos(light.elevation)};
}

LightDirection lightFrom(const Eigen::Vector3d& towards) {
    const Eigen::Vector3d l = towards.normalized();
    return {{std::atan2(l.x(), l.z())}, {std::asin(std::clamp(l.y(), -1.0, 1.0))}};
}

DepthBuffer::DepthBuffer(LitSolid solid, const View& view, int width, int height)
    : solid_(std::move(solid)), view_(view), width_(width), height_(height),
      facing_(view.facing().cast<float>()),
      spots_(static_cast<std::size_t>(width) * static_cast<std::size_t>(height)) {
    for (const HeadPoint& p : solid_.points) {
        projected_.push_back(view_.project(p));
        placed_.emplace_back(facing_ * p.cast<float>());
        depth_.push_back(static_cast<float>(-(view_.rotation * p).z()));
    }
    for (const LitSolid::Triangle& triangle : solid_.triangles)
        draw(triangle);
}

void DepthBuffer::draw(const LitSolid::Triangle& triangle) {
    std::array<Eigen::Vector2f, 3> at;
    std::array<Vector3f, 3> normal, place;
    std::array<float, 3> depth{};
    // A plane of a planar head has its group's normal, which may be turned away where the plane itself is not.
    bool faces = triangle.ground || triangle.plane > 0;
    for (std::size_t k = 0; k < 3; ++k) {
        const std::uint32_t c = triangle.corners[k];
        // A spot is looked up by rounding: pixel (x, y) has its centre at (x, y) here.
        at[k] = projected_[c].cast<float>() + Eigen::Vector2f(0.5f, 0.5f);
        depth[k] = depth_[c];
        normal[k] = facing_ * solid_.normals[c].cast<float>();
        place[k] = placed_[c];
        faces = faces || view_.faces(solid_.points[c], solid_.normals[c]);
    }
    if (!faces)
        return;
    fillTriangle(at[0], at[1], at[2], width_, 0, height_, [&](int x, int y, float v, float w) {
        const float z = depth[0] + v * (depth[1] - depth[0]) + w * (depth[2] - depth[0]);
        Spot& spot = spots_[static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) +
                            static_cast<std::size_t>(x)];
        if (z >= spot.depth)
            return;
        spot.depth = z;
        spot.normal =
            (normal[0] + v * (normal[1] - normal[0]) + w * (normal[2] - normal[0])).normalized();
        spot.at = place[0] + v * (place[1] - place[0]) + w * (place[2] - place[0]);
        spot.ground = triangle.ground;
        spot.plane = triangle.plane;
    });
}

bool DepthBuffer::isSeen(const HeadPoint& p) const {
    const PicturePoint q = view_.project(p);
    const int x = static_cast<int>(std::lround(q.x())), y = static_cast<int>(std::lround(q.y()));
    if (x < 0 || y < 0 || x >= width_ || y >= height_)
        return false;
    constexpr double skin = 0.06; // a place of the surface itself lies no deeper than this
    return -(view_.rotation * p).z() < spot(x, y).depth + skin;
}

Shading::Reach Shading::reachOf(const LightDirection& from, double strength) const {
    Reach reach;
    reach.towards = towardsLight(from).cast<float>();
    reach.strength = static_cast<float>(strength);
    const Vector3f aside = std::abs(reach.towards.y()) < 0.9f ? Vector3f::UnitY() : Vector3f::UnitX();
    reach.across = aside.cross(reach.towards).normalized();
    reach.up = reach.towards.cross(reach.across);
    constexpr std::size_t cells = shadowGrid * shadowGrid;
    reach.height.assign(cells, -1e9f);
    const float perUnit = shadowGrid / (2 * shadowReach);
    std::vector<Eigen::Vector2f> at;
    std::vector<float> height;
    for (const Vector3f& q : buffer_.placed()) {
        at.emplace_back((q.dot(reach.across) + shadowReach) * perUnit + 0.5f,
                        (q.dot(reach.up) + shadowReach) * perUnit + 0.5f);
        height.push_back(q.dot(reach.towards));
    }
    for (const auto& [c, ground, plane] : buffer_.solid().triangles)
        if (!ground) // the table throws no shadow on what stands on it
            fillTriangle(at[c[0]], at[c[1]], at[c[2]], shadowGrid, 0, shadowGrid,
                         [&, &t = c](int x, int y, float v, float w) {
                     const float h = height[t[0]] + v * (height[t[1]] - height[t[0]]) +
                                     w * (height[t[2]] - height[t[0]]);
                     float& most = reach.height[static_cast<std::size_t>(y) * shadowGrid +
                                                static_cast<std::size_t>(x)];
                     most = std::max(most, h);
                 });
    return reach;
}

float Shading::Reach::share(const Vector3f& at, const Vector3f& normal) const {
    constexpr float perUnit = shadowGrid / (2 * shadowReach);
    // A little out of the surface, so that it does not shade itself where light grazes it.
    constexpr float lift = 0.035f;
    const Vector3f from = at + lift * normal;
    const float x = (from.dot(across) + shadowReach) * perUnit,
                y = (from.dot(up) + shadowReach) * perUnit;
    if (!(x >= 1 && y >= 1 && x < shadowGrid - 2 && y < shadowGrid - 2))
        return 1;
    const float own = from.dot(towards);
    constexpr float bias = 0.09f; // what is nearer than this is the same surface, or a seam of it
    // The share of the cells round about that let it through (Reeves, Salesin and Cook 1987), a box of three cells that slides
    // with the place: so an edge of a shadow is a clean line and not the grid's stairs.
    const auto i = static_cast<std::size_t>(x), k = static_cast<std::size_t>(y);
    const float u = x - static_cast<float>(i), v = y - static_cast<float>(k);
    const float across4[4] = {1 - u, 1, 1, u}, up4[4] = {1 - v, 1, 1, v};
    float through = 0;
    for (std::size_t b = 0; b < 4; ++b)
        for (std::size_t a = 0; a < 4; ++a)
            if (own + bias >= height[(k + b - 1) * shadowGrid + i + a - 1])
                through += up4[b] * across4[a];
    return through / 9;
}

Shading::Shading(const DepthBuffer& buffer, const Lighting& lighting) : buffer_(buffer) {
    lights_.push_back(reachOf(lighting.key, 1));
    if (lighting.second)
        lights_.push_back(reachOf(lighting.second->from, lighting.second->strength));
}

Shading::Tone Shading::at(const Vector3f& at, const Vector3f& normal) const {
    return toneOf(at, normal, false);
}

Shading::Tone Shading::toneOf(const Vector3f& at, const Vector3f& normal, bool isOfPlane) const {
    Tone tone;
    const float cosine = normal.dot(lights_.front().towards);
    float direct = 0, kept = 1;
    for (const Reach& light : lights_)
        if (const float c = normal.dot(light.towards); c > 0) {
            const float through = light.share(at, normal);
            // On flat planes a shadow is a shape with a clean edge.
            const float share = isOfPlane ? (through < 0.5f ? 0.0f : 1.0f) : through;
            direct += light.strength * c * share;
            if (&light == &lights_.front())
                kept = share;
        }
    const float around = isOfPlane ? aroundPlane(normal) : cosine < 0 ? turnedAway(cosine) : everywhere;
    tone.light = std::min(1.0f, around +
                                    (1 - everywhere) * direct);
    constexpr float turning = 0.5f, core = -0.45f;
    tone.zone = cosine > 0 ? (kept < 0.5f            ? Zone::Cast
                              : cosine > turning ? Zone::Light
                                                 : Zone::Half)
                : cosine > core ? Zone::Core
                                : Zone::Reflected;
    return tone;
}

Shading::Tone Shading::at(int x, int y) const {
    const DepthBuffer::Spot& spot = buffer_.spot(x, y);
    return spot.there() ? toneOf(spot.at, spot.normal, spot.plane > 0) : Tone{};
}

int Shading::valueOf(float light, int values) {
    static const double low = lightnessOfLinear(darkest);
    const double share = (lightnessOfLinear(light) - low) / (100 - low);
    return std::clamp(static_cast<int>(std::floor(share * values)), 0, values - 1);
}

std::vector<std::uint8_t> Shading::picture(int values, std::uint8_t behind) const {
    const auto code = [](double y) {
        return static_cast<std::uint8_t>(std::lround(255 * std::clamp(displayOfLinear(y), 0.0, 1.0)));
    };
    // A tone's grey by a table over its square root, which is fine enough in the darks too.
    constexpr int entries = 2048;
    std::array<std::uint8_t, entries + 1> greys{};
    for (int i = 0; i <= entries; ++i) {
        const double root = 1.0 * i / entries, y = root * root;
        greys[static_cast<std::size_t>(i)] =
            values > 0 ? code(linearOfLightness(lightnessOfValue(
                             valueOf(static_cast<float>(y), values), values)))
                       : code(y);
    }
    const auto width = static_cast<std::size_t>(buffer_.width());
    std::vector<std::uint8_t> picture(width * static_cast<std::size_t>(buffer_.height()), behind);
    cv::parallel_for_({0, buffer_.height()}, [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y)
            for (int x = 0; x < buffer_.width(); ++x)
                if (const DepthBuffer::Spot& spot = buffer_.spot(x, y); spot.there()) {
                    const float root = std::sqrt(toneOf(spot.at, spot.normal, spot.plane > 0).light);
                    picture[static_cast<std::size_t>(y) * width + static_cast<std::size_t>(x)] =
                        greys[static_cast<std::size_t>(root * entries + 0.5f)];
                }
    });
    return picture;
}

} // namespace zokran
