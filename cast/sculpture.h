#pragma once

#include "core/head/head_shape.h"

#include <array>

namespace zokran {

/// A plaster head carved by hand as a signed-distance field, then bent so that every mark of design
/// part 3 lies exactly where it is told (ball radii, head frame). Different sitters, and the errors
/// of a simulated sketch, are different sets of marks for the one carving.
class Sculpture {
public:
    /// What a place on the surface belongs to.
    enum class Part { Skin, Eye, Hair, Stand };

    explicit Sculpture(const HeadMarks& marks);

    const HeadMarks& marks() const { return marks_; }

    /// Distance to the surface in ball radii, below zero inside. Close to the surface it is true to
    /// a few per cent; further off it never exceeds the true distance by much, so that a ray can
    /// step by it.
    double distance(const HeadPoint& p) const { return carved(unbent(p), true); }

    /// The same with the hair taken away, which is what the crown and the back of the skull lie on.
    double distanceBald(const HeadPoint& p) const { return carved(unbent(p), false); }

    Part partAt(const HeadPoint& p) const;

    /// The outward unit normal at a place near the surface.
    Eigen::Vector3d normalAt(const HeadPoint& p) const;

    /// True when a camera at `camera` sees the mark: no part of the head but hair stands before it.
    bool sees(const HeadPoint& camera, Mark mark) const;

private:
    HeadPoint unbent(const HeadPoint& p) const;
    static double carved(const HeadPoint& p, bool withHair);
    static HeadPoint onCarving(const HeadPoint& near);

    HeadMarks marks_;
    std::array<HeadPoint, markCount> bend_; ///< weight of each mark's pull on the space around it
    bool straight_ = false;                 ///< nothing to bend
};

} // namespace zokran
