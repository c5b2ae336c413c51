#pragma once

#include "core/head/soft_surface.h"
#include "core/view/view.h"

#include <vector>

namespace zokran {

/// A head's skin as a camera sees it: answers which place of the head lies under a point of the picture.
class SurfaceInView {
public:
    SurfaceInView(SoftSurface surface, const View& view);

    /// The place of the skin nearest to the camera among those that project to `at` (px). Beside the head's outline the
    /// place at the depth of the nearest point of the outline, so that the answer always projects to `at`.
    HeadPoint under(const PicturePoint& at) const;

private:
    SoftSurface surface_;
    View view_;
    std::vector<PicturePoint> projected_; ///< of each point of the surface
    std::vector<double> depth_;           ///< towards the camera, ball radii
    std::vector<bool> facing_;            ///< of each triangle: turned to the camera
};

} // namespace zokran
