#include "core/base/translatable.h"
#include "core/measure/geometry.h"

namespace zokran {

namespace {

/// The mark whose depth on the head a place takes: the one that lies there, or else the nearest.
Mark depthOf(const MeasureContext& g, const PicturePoint& at) {
    if (g.marks)
        for (Mark m : g.marks->seenMarks())
            if (*g.marks->seen(m) == at)
                return m;
    Mark nearest = Mark::Brow;
    for (int i = 0; i < markCount; ++i)
        if ((g.view->project((*g.head)[markAt(i)]) - at).norm() <
            (g.view->project((*g.head)[nearest]) - at).norm())
            nearest = markAt(i);
    return nearest;
}

/// The number is the distance from the centre line as the picture shows it. With a fitted head the twin
/// over its centre plane is drawn as well: a mark's own, or of a free place that at the face's depth.
Reading readMirrored(const MeasureContext& g) {
    Reading r;
    const PicturePoint& at = g.ends[0];
    if (!g.view || !g.head) {
        r.lines.push_back({at, at});
        r.labelAt = at;
        return r;
    }
    const Mark mark = depthOf(g, at);
    const HeadPoint p = g.view->liftInPlaneOf((*g.head)[mark], at);
    const PicturePoint centre = g.view->project(HeadPoint(0, p.y(), p.z()));
    const PicturePoint twin = g.view->project(HeadPoint(-p.x(), p.y(), p.z()));
    r.value = Pixels{(at - centre).norm()} / g.unit;
    r.secondary.push_back({"to_twin", ZOKRAN_WORDS("to its twin, across the picture"), Pixels{(twin - at).norm()} / g.unit, 0,
                           ReadingUnit::Length});
    r.secondary.push_back(
        {"wrapped_ball_radii", ZOKRAN_WORDS("to its twin, through the head"), 2 * std::abs(p.x()), 0, ReadingUnit::HeadLength});
    const auto own = g.marks && g.marks->seen(mark) == at ? g.marks->seen(mirrored(mark)) : std::nullopt;
    if (own && mirrored(mark) != mark)
        r.secondary.push_back({"own_twin_off", ZOKRAN_WORDS("from there to the sitter's own twin"),
                               Pixels{(twin - *own).norm()} / g.unit, 0, ReadingUnit::Length});
    r.lines = {{at, centre, twin}};
    for (const PicturePoint& end : {centre, twin}) {
        const double arm = 0.12 * g.unit.value;
        r.lines.push_back({end - PicturePoint(0, arm), end + PicturePoint(0, arm)});
    }
    r.labelAt = (at + centre) / 2 - 0.3 * g.unit * PicturePoint(0, 1);
    return r;
}

} // namespace

const MeasureKind mirrorKind{"mirror", ZOKRAN_WORDS("Over the centre line"),
                             ZOKRAN_WORDS("Where would its twin fall on the other half?"), 1,
                             readMirrored};

} // namespace zokran
