#pragma once

#include "core/light/depth_buffer.h"

namespace zokran {

/// What draughtsmen call the parts of light and shadow on a form (common practice, no source).
enum class LightTerm {
    Highlight,      ///< the light is thrown straight at the viewer
    Light,          ///< turned to the light
    Halftone,       ///< turning away from it
    FormShadow,     ///< turned away from the light altogether
    CoreShadow,     ///< the darkest of it, just beyond the terminator
    ReflectedLight, ///< the lightest of it, lit by what stands about
    CastShadow,     ///< turned to the light, which something else keeps off
};
inline constexpr int lightTermCount = 7;

/// Where a term can be pointed at: well inside the largest part of the picture that it holds for.
struct LightTermPlace {
    LightTerm term;
    PicturePoint at{0, 0};
    HeadPoint onSolid{0, 0, 0}; ///< the same place, ball radii, in the solid's own frame
};

/// A place for every term that holds for some part of what is seen, in the order of `LightTerm`; no two lie near one another,
/// and none at the picture's left or right edge. Of a part that is smaller than a disc of 0.04 ball radii nothing is said.
/// `shading` is of the key light in `lighting` and of the same `buffer`.
std::vector<LightTermPlace> lightTermPlaces(const DepthBuffer& buffer, const Shading& shading, const Lighting& lighting);

} // namespace zokran
