#include "core/page/reproject.h"

#include "core/page/rectify.h"

#include <Eigen/Geometry>
#include <Eigen/LU>
#include <cmath>

namespace zokran {

SketchMarks carried(const SketchMarks& marks, const std::optional<PageRectification>& from,
                    const std::optional<PageRectification>& to) {
    Eigen::Matrix3d h = Eigen::Matrix3d::Identity();
    if (from)
        h = toFlat(*from).inverse();
    if (to)
        h = toFlat(*to) * h;
    auto place = [&](const PicturePoint& p) -> PicturePoint {
        return (h * p.homogeneous()).hnormalized();
    };
    // How much larger small things become at a place: the root of the map's Jacobian there.
    auto growth = [&](const PicturePoint& p) {
        const double w = h.row(2).dot(p.homogeneous());
        return std::sqrt(std::abs(h.determinant() / (w * w * w)));
    };
    SketchMarks moved = marks;
    if (to) {
        const auto [width, height] = flatSize(*to);
        moved.width = width;
        moved.height = height;
    } else {
        moved.width = from->photoWidth;
        moved.height = from->photoHeight;
    }
    const PicturePoint middle(marks.width / 2.0, marks.height / 2.0);
    if (moved.noise)
        *moved.noise *= growth(middle);
    if (moved.ball) {
        moved.ball->radius *= growth(moved.ball->centre);
        moved.ball->centre = place(moved.ball->centre);
    }
    for (auto& mark : moved.marks)
        if (mark && mark->at) {
            if (mark->noise)
                *mark->noise *= growth(*mark->at);
            mark->at = place(*mark->at);
        }
    for (auto& line : moved.lines)
        for (PicturePoint& at : line)
            at = place(at);
    return moved;
}

} // namespace zokran
