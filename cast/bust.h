#pragma once

#include "cast/sitter.h"
#include "core/base/units.h"
#include "core/head/proportions.h"

#include <memory>

namespace zokran {

/// A plaster head: the model shaped to a sitter, in ball radii and the head frame, with its marks.
///
/// The ball stands level with the brow; its diameter is the head's length from glabella to
/// opisthocranion, a hundredth over. Head frame and mean head agree: the bust is pitched so that its
/// marks lie, in the mirror plane, as near to those of adultHeads() as a turn can bring them.
class Bust {
public:
    explicit Bust(const Sitter& sitter, const BustModel& model = BustModel::ours());

    const HeadMarks& marks() const { return marks_; }
    const Hair& hair() const { return hair_; }
    const BustModel& model() const { return *model_; }
    Millimetres radius() const { return radius_; } ///< this sitter's own

    /// Vertices of the model's mesh refined twice; the first are those of it refined once.
    const BustPoints& points() const { return points_; }
    /// The mean of the vertices called `name` in the model.
    HeadPoint place(const std::string& name) const;
    struct Eyeball {
        HeadPoint centre;
        double radius;
        Eigen::Vector3d forward = Eigen::Vector3d::UnitZ(); ///< plaster looks straight ahead
    };
    Eyeball eyeball(int side) const; ///< 0 the sitter's left, 1 the right

    /// The same head bent smoothly until every mark lies where it is told, as in a drawing of it.
    Bust bentTo(const HeadMarks& marks) const;

    /// A line that a draughtsman puts along a feature, on the surface.
    struct Contour {
        std::string name;
        std::vector<HeadPoint> points;
    };
    std::vector<Contour> contours() const;

    /// True when a camera at `camera` sees the mark: nothing of the head stands before it, except
    /// that crown, back and hairline count as seen through the hair.
    bool sees(const HeadPoint& camera, Mark mark) const;

private:
    struct Obstacles;
    void readMarks();

    const BustModel* model_;
    Hair hair_;
    Millimetres radius_;
    BustPoints points_;
    HeadMarks marks_;
    /// Made when first asked what is seen.
    mutable std::shared_ptr<const Obstacles> obstacles_;
};

} // namespace zokran
