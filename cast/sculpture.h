#pragma once

#include "core/head/population.h"

#include <cstdint>
#include <vector>

namespace zokran {

/// What a sitter is like beyond where the marks lie.
struct Character {
    enum class Hair { Swept, Cropped, Bun, Waves, Receding };
    Hair hair = Hair::Swept;
    double fullness = 0;  ///< of cheeks, throat and neck, -1 gaunt to 1 heavy
    double age = 0;       ///< 0 young to 1 old: furrows, bags, sunken cheeks
    double child = 0;     ///< 1: soft brow, small nose bridge, thin neck
    double openMouth = 0; ///< how far the lips stand apart at the middle, ball radii
};

/// One head of the cast room.
struct Sitter {
    HeadMarks marks;
    Character character = {};
};

/// A plaster head carved by hand as a signed-distance field, then bent so that every mark of design
/// part 3 lies exactly where it is told (ball radii, head frame). Different sitters, and the errors
/// of a simulated sketch, are different sets of marks for the one carving.
class Sculpture {
public:
    /// What a place on the surface belongs to.
    enum class Part : std::uint8_t { Skin, Eye, Hair, Stand };
    /// The distance to the surface in ball radii, below zero inside, and what is nearest.
    struct Sample {
        double distance;
        Part part;
    };

    explicit Sculpture(const Sitter& sitter);
    explicit Sculpture(const HeadMarks& marks) : Sculpture(Sitter{marks}) {}

    const HeadMarks& marks() const { return marks_; }

    /// Close to the surface the distance is true to a few per cent; further off it never exceeds
    /// the true distance by more than half.
    Sample sample(const HeadPoint& p) const { return carved(unbent(p), true); }
    double distance(const HeadPoint& p) const { return sample(p).distance; }

    /// The same with the hair taken away, which is what the crown and the back of the skull lie on.
    double distanceBald(const HeadPoint& p) const { return carved(unbent(p), false).distance; }

    /// The outward unit normal at a place near the surface.
    Eigen::Vector3d normalAt(const HeadPoint& p) const;

    /// A line that a draughtsman puts along a feature, on or just above the surface.
    struct Contour {
        std::vector<HeadPoint> points;
        double strength; ///< 0 to 1
    };
    /// The contours of eyes, brows, nose and mouth, bent like everything else.
    std::vector<Contour> contours() const;

    /// True when a camera at `camera` sees the mark: no part of the head stands before it, except
    /// that crown, back and hairline count as seen through the hair.
    bool sees(const HeadPoint& camera, Mark mark) const;

private:
    HeadPoint unbent(const HeadPoint& p) const;
    /// The other way, from the straight carving to this head.
    HeadPoint bent(const HeadPoint& q) const;
    Sample carved(const HeadPoint& p, bool withHair) const;
    HeadPoint onCarving(const HeadPoint& near) const;

    HeadMarks marks_;
    Character character_;
    /// The bend: a multiquadric for every mark and anchor, and an affine part.
    std::vector<HeadPoint> centres_;
    std::vector<Eigen::Vector3d> weights_;
    Eigen::Matrix3d stretch_ = Eigen::Matrix3d::Zero();
    Eigen::Vector3d shift_ = Eigen::Vector3d::Zero();
};

} // namespace zokran
