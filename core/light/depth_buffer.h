#pragma once

#include "core/light/lighting.h"
#include "core/light/lit_solid.h"
#include "core/view/view.h"

#include <limits>

namespace zokran {

/// The unit vector towards the light; sight axes: x right, y up, z to the viewer.
Eigen::Vector3d towardsLight(const LightDirection& light);
LightDirection lightFrom(const Eigen::Vector3d& towards);

/// What becomes of a place under a light, in the words of the trade (common practice, no source).
enum class Zone : std::uint8_t {
    Nothing,   ///< the ground behind
    Light,     ///< turned to the light
    Half,      ///< turning away from it, up to the terminator
    Core,      ///< just beyond the terminator, the darkest of the form's own shadow
    Reflected, ///< further round, where light comes back from what stands about
    Cast,      ///< turned to the light, which something else keeps off
};

/// How a solid looks from one place: of each pixel what is seen there. Made once for a pose; then light
/// may come from anywhere.
class DepthBuffer {
public:
    /// `width`, `height`: px; `view` is in the same.
    DepthBuffer(LitSolid solid, const View& view, int width, int height);

    int width() const { return width_; }
    int height() const { return height_; }
    const LitSolid& solid() const { return solid_; }
    const View& view() const { return view_; }

    struct Spot {
        float depth = std::numeric_limits<float>::infinity(); ///< grows away from the camera
        Eigen::Vector3f normal{0, 0, 0}, at{0, 0, 0}; ///< sight axes, ball radii
        bool ground = false;
        std::uint16_t plane = 0; ///< of a head of flat planes, from 1
        bool there() const { return depth < std::numeric_limits<float>::infinity(); }
    };
    const Spot& spot(int x, int y) const {
        return spots_[static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) +
                      static_cast<std::size_t>(x)];
    }
    /// Whether this place of the solid is seen, and not hidden behind another.
    bool isSeen(const HeadPoint& p) const;
    /// The solid's points in the sight axes.
    const std::vector<Eigen::Vector3f>& placed() const { return placed_; }
    /// From the head's axes to the sight axes.
    const Eigen::Matrix3f& facing() const { return facing_; }

private:
    void draw(const LitSolid::Triangle& triangle);

    LitSolid solid_;
    View view_;
    int width_, height_;
    Eigen::Matrix3f facing_;
    std::vector<PicturePoint> projected_;
    std::vector<Eigen::Vector3f> placed_;
    std::vector<float> depth_; ///< of the solid's points
    std::vector<Spot> spots_;
};

/// Light on a solid: Lambert's law with a tenth of the light from everywhere, cast shadows, and, on the
/// side away from the light, a core that is a little darker and light thrown back.
class Shading {
public:
    Shading(const DepthBuffer& buffer, const Lighting& lighting);

    /// How light a place of the solid is (linear, 0 to 1) and why. `at`, `normal`: sight axes.
    struct Tone {
        float light = 0;
        Zone zone = Zone::Nothing;
    };
    Tone at(const Eigen::Vector3f& at, const Eigen::Vector3f& normal) const;
    /// The same of a pixel.
    Tone at(int x, int y) const;

    /// The whole picture, 8-bit grey (sRGB), row by row: in so many values equal in lightness, from the
    /// darkest shadow there may be to full light; in all of them with 0. Where nothing is seen: `behind`.
    std::vector<std::uint8_t> picture(int values, std::uint8_t behind = 119) const;
    /// The value of a tone, 0 the darkest, as `picture` has it.
    static int valueOf(float light, int values);

private:
    /// How far light from one direction gets.
    struct Reach {
        Eigen::Vector3f towards, across, up;
        float strength = 1;
        std::vector<float> height; ///< the furthest towards the light, over a square grid
        /// Of the light, how much gets to a place of the surface.
        float share(const Eigen::Vector3f& at, const Eigen::Vector3f& normal) const;
    };
    Reach reachOf(const LightDirection& from, double strength) const;
    /// `isOfPlane`: of a head of flat planes, where shadows are shapes.
    Tone toneOf(const Eigen::Vector3f& at, const Eigen::Vector3f& normal, bool isOfPlane) const;

    const DepthBuffer& buffer_;
    std::vector<Reach> lights_;
};

} // namespace zokran
