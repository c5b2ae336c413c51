#pragma once

#include "core/construction/construction.h"
#include "core/view/ellipse.h"

#include <optional>
#include <vector>

namespace zokran {

/// A place on the construction's surface with its outward unit normal (ball radii, head frame).
struct SurfacePoint {
    HeadPoint at;
    Eigen::Vector3d normal;
};

/// The construction as a solid: the ball of radius 1 sliced flat at x = ± sidePlane, and below the
/// brow the face wedge. At each height the wedge's front is an arc of an ellipse from side to side;
/// its half-width tapers from the side planes to the chin and its depth follows the sitter's
/// profile.
class BallForm : public Construction {
public:
    /// The form for these levels; how far the face stands out at each of them, and how wide, is
    /// taken from `head`.
    BallForm(const Levels& levels, BallRadii sidePlane, const HeadMarks& head);

    const Levels& levels() const override { return levels_; }
    /// Every line of the table in core/construction/lines.h, each split where it passes out of
    /// sight; the places of the splits are found by bisection to 1e-6 of the line's length.
    std::vector<GuideLine> lines(const View& view) const override;
    BallRadii sidePlane() const { return sidePlane_; }
    const HeadMarks& head() const { return head_; }

    /// The side oval on the sitter's left (`side` = +1) or right (-1).
    Circle sideOval(int side) const;

    /// A point of the front at height `y`: on the ball at and above the brow, on the wedge below.
    /// `across` runs from -1 (the sitter's right edge) over 0 (the centre line) to +1.
    SurfacePoint front(BallRadii y, double across) const;

    /// The value of `across` at which the front at height `y` has this x.
    double acrossAt(BallRadii y, BallRadii x) const;

    /// True when the camera sees a surface element: it faces the camera, and neither the sliced
    /// ball nor the wedge stands before it. The eyes lie in sockets, inside the ball, so before
    /// features of the face (`onFace`) only the ball's core counts as a cover.
    bool seen(const SurfacePoint& point, const View& view, bool onFace) const;

private:
    /// The wedge cut at one height: the ellipse x = ± semiWidth, z from centre to depth, kept where
    /// |x| <= width and z >= back.
    struct Section {
        double y, depth, centre, semiWidth, width, back;
    };
    Section sectionAt(double y) const;
    bool insideWedge(const HeadPoint& p) const;

    Levels levels_;
    BallRadii sidePlane_;
    HeadMarks head_;
    std::vector<Section> sections_; ///< from the brow down
};

} // namespace zokran
