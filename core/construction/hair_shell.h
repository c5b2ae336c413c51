#pragma once

#include "core/construction/solid.h"
#include "core/view/view.h"

#include <optional>
#include <vector>

namespace zokran {

/// The places of the head on the hair's edge (ball radii, head frame), from the points of `DrawnLine::Hair` as they were laid
/// over a picture that `view` shows (px of it): on the rays from the shell's centre to the outline of an ellipsoid about the
/// skull, as far out as the edge lies in the picture. They project to the line through the points, to about a degree of
/// direction. Empty for fewer than three points.
std::vector<HeadPoint> hairEdgePlaces(const std::vector<PicturePoint>& points, const View& view, const HeadMarks& head);

/// The mass of hair: a shell about the skull. Without known places it is an ellipsoid that stands off the skull by an even
/// amount; with them it is scaled direction by direction, so that it passes through them, and about as much at their mirror images
/// where nothing is known of the other side. It goes over to the ellipsoid where no place is known.
class HairShell {
public:
    /// `mass`: how far the ellipsoid stands off; nothing: as far as the places do in the median, and `usualHair` without them.
    /// `brow`: the level at which the head's width counts.
    HairShell(const HeadSolid& solid, BallRadii brow, std::optional<BallRadii> mass, const std::vector<HeadPoint>& edge);

    /// A closed run of places on the shell's outline as `view` shows it, and whether hair grows there: from the temples up and
    /// back to the nape, and wherever a known place is near.
    struct OutlinePlace {
        HeadPoint at;
        bool isHair;
    };
    std::vector<OutlinePlace> outline(const View& view) const;

private:
    /// How many times as far out as on the ellipsoid the shell lies in a direction of the ellipsoid's own unit sphere.
    double scaleAt(const Eigen::Vector3d& direction) const;
    bool isNearPlace(const Eigen::Vector3d& direction) const;

    /// A known place in coordinates in which the ellipsoid is the unit sphere.
    struct Known {
        Eigen::Vector3d direction; ///< unit vector
        double scale;
    };
    std::vector<Known> known_;
    Eigen::Vector3d semiAxes_;
    double usualScale_ = 1;
};

} // namespace zokran
