#pragma once

#include "core/head/soft_surface.h"
#include "core/view/view.h"

#include <vector>

namespace zokran {

/// A seen piece of a surface's outline in a picture.
struct OutlinePiece {
    bool ofNeck = false;
    double side = 0; ///< mean x, ball radii: above 0 the sitter's left
    std::vector<PicturePoint> points;
};

/// The contour generator of a surface, where it turns away from the camera, drawn smoothly through
/// its triangles (Hertzmann and Zorin 2000) and cut to what the surface itself does not hide. Pieces
/// shorter than `least` ball radii are left out.
std::vector<OutlinePiece> outlineOf(const SoftSurface& surface, const View& view,
                                    BallRadii least = {0.3});

/// A run of a surface's points as a line in the picture, rounded a little, split where the surface
/// hides it.
struct PathPiece {
    bool hidden = false;
    std::vector<PicturePoint> points;
};
std::vector<PathPiece> pathOn(const SoftSurface& surface, const View& view,
                              const std::vector<std::uint32_t>& run);

} // namespace zokran
