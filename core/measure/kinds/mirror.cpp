#include "core/base/translatable.h"
#include "core/measure/geometry.h"

#include <algorithm>

namespace zokran {

namespace {

/// The number is the distance from the centre line as the picture shows it. With a fitted head the twin
/// over its centre plane is drawn as well: a mark's own, or of a free place that at the face's depth.
Reading readMirrored(const MeasureGround& g) {
    Reading r;
    const PicturePoint& at = g.ends[0];
    if (!g.view || !g.head) {
        r.lines.push_back({at, at});
        r.labelAt = at;
        return r;
    }
    // The mark nearest to the end lends its depth.
    const HeadPoint* nearest = &(*g.head)[Mark::Brow];
    for (const HeadPoint& p : *g.head)
        if ((g.view->project(p) - at).norm() < (g.view->project(*nearest) - at).norm())
            nearest = &p;
    const HeadPoint p = g.view->liftInPlaneOf(*nearest, at);
    const PicturePoint centre = g.view->project(HeadPoint(0, p.y(), p.z()));
    const PicturePoint twin = g.view->project(HeadPoint(-p.x(), p.y(), p.z()));
    r.value = (at - centre).norm() / g.unit.value;
    r.lines = {{at, centre, twin}};
    for (const PicturePoint& end : {centre, twin}) {
        const double arm = 0.12 * g.unit.value;
        r.lines.push_back({end - PicturePoint(0, arm), end + PicturePoint(0, arm)});
    }
    r.labelAt = (at + centre) / 2 + PicturePoint(0, -0.3 * g.unit.value);
    return r;
}

} // namespace

const MeasureKind mirrorKind{"mirror", ZOKRAN_WORDS("Over the centre line"),
                             ZOKRAN_WORDS("Where would its twin fall on the other half?"), 1,
                             readMirrored};

} // namespace zokran
