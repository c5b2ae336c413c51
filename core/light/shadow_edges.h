#pragma once

#include "core/head/proportions.h"
#include "core/view/view.h"

#include <opencv2/core.hpp>
#include <vector>

namespace zokran {

/// A picture of a head by how light it is.
struct HeadLuminance {
    cv::Mat1f luminance; ///< linear, 0 to 1
    View view;           ///< px of `luminance`
    HeadMarks head;
};

/// Where the edge between light and shadow lies elsewhere in a drawing than in its photograph.
struct ShadowEdgeShift {
    PicturePoint seenAt{0, 0}, drawnAt{0, 0}; ///< in the middle of what is between the two edges, px of either picture
    BallRadii by;                             ///< how far apart they are at most
    bool intoLight = false;                   ///< the drawing's shadow is the larger there
};

/// Lays the drawing over the photograph by the marks of the two heads (a thin-plate warp), parts the face of each into light and
/// shadow at the threshold that parts it best (Otsu 1979), and tells where the parts differ beside a shadow of the photograph,
/// the widest first. Eyes, brows, nostrils and lips, which are dark of themselves, are left out. Empty where one of the two
/// has no clear edge: light that is too even, or a drawing in line alone.
std::vector<ShadowEdgeShift> shadowEdgeShifts(const HeadLuminance& photo, const HeadLuminance& drawing);

} // namespace zokran
