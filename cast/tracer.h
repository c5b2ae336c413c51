#pragma once

#include "cast/sculpture.h"
#include "core/view/view.h"

#include <functional>
#include <optional>
#include <vector>

namespace zokran {

/// Finds where rays meet a sculpture. Distances are first kept on a coarse grid, so that a ray
/// crosses empty space in a few steps and asks the carving itself only close to it; shadows and
/// the dimness of hollows are read off the grid alone, which softens them.
class Tracer {
public:
    Tracer(const Sculpture& sculpture, const View& view);

    struct Hit {
        HeadPoint at;
        double distance; ///< from the camera, ball radii
    };
    /// What the ray through a picture point meets first.
    std::optional<Hit> through(const PicturePoint& pixel) const;

    /// The share of a broad light from direction `to` that reaches `p`, 0 to 1.
    double lit(const HeadPoint& p, const Eigen::Vector3d& normal, const Eigen::Vector3d& to) const;

    /// The share of the sky that a place sees, 0 to 1.
    double openness(const HeadPoint& p, const Eigen::Vector3d& normal) const;

    const Sculpture& sculpture() const { return sculpture_; }

private:
    double roughly(const HeadPoint& p) const;

    const Sculpture& sculpture_;
    View view_;
    HeadPoint camera_;
    Eigen::Vector3i cells_;
    std::vector<float> grid_;
};

/// Runs `row(y)` for every y below `rows`, on all cores.
void forEachRow(int rows, const std::function<void(int)>& row);

} // namespace zokran
