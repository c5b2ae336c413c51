#pragma once

#include "core/head/soft_surface.h"
#include "core/view/view.h"

#include <memory>
#include <vector>

namespace zokran {

/// A seen piece of a surface's outline in a picture.
struct OutlinePiece {
    bool ofNeck = false;
    double side = 0; ///< mean x, ball radii: above 0 the sitter's left
    std::vector<PicturePoint> points;
};

/// A run of a surface's points as a line in the picture, split where the surface hides it.
struct PathPiece {
    bool hidden = false;
    std::vector<PicturePoint> points;
};

/// A surface as a camera sees it: what it hides of itself is worked out once. Refers to the surface.
class SurfaceInView {
public:
    SurfaceInView(const SoftSurface& surface, const View& view);
    ~SurfaceInView();

    /// The contour generator, where the surface turns away from the camera, drawn smoothly through
    /// its triangles (Hertzmann and Zorin 2000) and cut to what the surface itself does not hide.
    /// Pieces shorter than `least` ball radii are left out.
    std::vector<OutlinePiece> outline(BallRadii least = {0.3}) const;
    /// A run of its points, corners rounded.
    std::vector<PathPiece> path(const std::vector<std::uint32_t>& run) const;

private:
    class Before;

    const SoftSurface& surface_;
    View view_;
    std::vector<Eigen::Vector3d> normals_;
    std::unique_ptr<const Before> before_;
};

} // namespace zokran
