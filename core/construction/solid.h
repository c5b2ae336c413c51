#pragma once

#include "core/head/soft_surface.h"

#include <span>
#include <vector>

namespace zokran {

/// A place on the construction's surface with its outward unit normal (ball radii, head frame).
struct SurfacePoint {
    HeadPoint at;
    Eigen::Vector3d normal;
};

/// A run of places on the average adult's skin, each in one of its triangles, so that it lies on
/// every sitter's skin at the same anatomical places.
class SkinPath {
public:
    /// The places of the average adult's front at these (x, y), ball radii, joined by straight
    /// steps as seen from the front.
    static SkinPath inFront(const std::vector<Eigen::Vector2d>& corners, int steps = 8);
    /// The places where rays from far out of these points towards the head's upright axis (x = 0,
    /// z = 0.1) meet the skin, joined by straight steps.
    static SkinPath around(const std::vector<HeadPoint>& corners, int steps = 8);
    /// The same from below: straight up on to the skin.
    static SkinPath below(const std::vector<HeadPoint>& corners, int steps = 8);

    struct Place {
        std::uint32_t triangle;
        double v, w; ///< barycentric, of the triangle's second and third corner
    };
    std::vector<Place> places;
};

/// A sitter's own head as a solid: the skin of face, jaw and neck bent to the sitter's marks. It is
/// bent once and then only looked at.
class HeadSolid {
public:
    /// `bust`: how its neck stands under it.
    explicit HeadSolid(const HeadMarks& head, const BustPose& bust = {});
    /// A skin as it is.
    explicit HeadSolid(SoftSurface skin);

    const HeadMarks& head() const { return skin_.marks; }
    const SoftSurface& skin() const { return skin_; }
    const BustPose& bust() const { return bust_; }
    /// Outward unit normals of the skin's points.
    const std::vector<Eigen::Vector3d>& normals() const { return normals_; }

    /// The skin as met from straight ahead at (x, y); beside and below the face the nearest of it,
    /// falling away.
    SurfacePoint front(BallRadii x, BallRadii y) const;
    /// Half the width of the skin at a height, ears left out.
    BallRadii halfWidth(BallRadii y) const;
    std::vector<SurfacePoint> along(const SkinPath& path) const;

private:
    void closeOpenings();
    void drawToMarks();
    double depth(double x, double y) const;

    SoftSurface skin_;
    BustPose bust_;
    std::vector<Eigen::Vector3d> normals_;
    std::vector<double> depth_; ///< of the front, a grid
};

} // namespace zokran
