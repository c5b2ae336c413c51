#pragma once

#include "core/construction/solid.h"
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

/// What may stand before a line.
enum class Cover {
    Face,  ///< a line of the face: the skin, and the ball's core, for eyes lie in sockets inside it
    Planes ///< a line of ball and side planes: those, and the skin only where it is well before them
};

/// Which of a contour: all of it, or the head's edge only, without the middle of the profile where
/// the centre line is in sight, and without what overhangs within the face.
enum class Contour { All, HeadsEdge };

/// A head as a camera sees it: what it hides of itself is worked out once. Refers to the solid.
class SolidInView {
public:
    SolidInView(const HeadSolid& solid, BallRadii sidePlane, const View& view);
    ~SolidInView();

    const View& view() const { return view_; }
    /// True when the camera sees a surface element: it faces the camera, and nothing of the head
    /// stands before it.
    bool seen(const SurfacePoint& point, Cover cover) const;

    /// The contour generator, where the surface turns away from the camera, drawn smoothly through
    /// its triangles (Hertzmann and Zorin 2000) and cut to what the surface itself does not hide.
    /// Pieces shorter than `least` ball radii are left out.
    std::vector<OutlinePiece> outline(BallRadii least = {0.3}, Contour which = Contour::All) const;
    /// A run of its points, corners rounded.
    std::vector<PathPiece> path(const std::vector<std::uint32_t>& run) const;

private:
    class Occluders;

    const HeadSolid& solid_;
    double side_;
    View view_;
    std::unique_ptr<const Occluders> occluders_;
};

} // namespace zokran
