#pragma once

#include "core/construction/construction.h"
#include "core/view/ellipse.h"

#include <array>
#include <string_view>
#include <vector>

namespace zokran {

/// The ball of radius 1 sliced flat at x = ± sidePlane, and below the brow the sitter's own face:
/// its front plane from the brow's corners over the cheekbones to the chin's, the soft edge of
/// cheek and jaw, ear, neck and hair. Other forms borrow its lines.
class BallForm : public Construction {
public:
    explicit BallForm(Subject subject);

    BallRadii sidePlane() const { return subject().sidePlane; }
    const HeadMarks& head() const { return subject().head(); }
    const HeadSolid& solid() const { return *subject().solid; }

    /// The side oval on the sitter's left (`side` = +1) or right (-1).
    Circle sideOval(int side) const;

    /// A point of the front at height `y`: on the ball at and above the brow, on the skin below.
    /// `across` runs from -1 (the edge of the front plane on the sitter's right) over 0 (the centre
    /// line) to +1.
    SurfacePoint front(BallRadii y, double across) const;

    /// The value of `across` at which the front at height `y` has this x.
    double acrossAt(BallRadii y, BallRadii x) const;

    /// The wanted lines of the table that are among `ids` (without sides).
    std::vector<GuideLine> linesOf(const View& view, std::span<const std::string_view> ids,
                                   const Wanted& wanted) const;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override;

private:
    /// Half the width of the front plane at a height, ball radii.
    double edgeAt(double y) const;
    /// Half the arc of the front, radians, on a ring of the ball of this radius: where the side planes cut it.
    double widestAt(double ring) const;

    std::vector<std::pair<double, double>> edge_; ///< height and half-width, from the brow down
};

} // namespace zokran
