#include "core/head/surface_in_view.h"

#include <algorithm>
#include <limits>
#include <utility>

namespace zokran {

SurfaceInView::SurfaceInView(SoftSurface surface, const View& view) : surface_(std::move(surface)), view_(view) {
    projected_.reserve(surface_.points.size());
    for (const HeadPoint& p : surface_.points) {
        projected_.push_back(view.project(p));
        depth_.push_back((view.rotation * p).z());
    }
    for (const auto& [a, b, c] : surface_.triangles) {
        const HeadPoint& p = surface_.points[a];
        facing_.push_back(view.faces(p, (surface_.points[b] - p).cross(surface_.points[c] - p)));
    }
}

HeadPoint SurfaceInView::under(const PicturePoint& at) const {
    double nearest = -std::numeric_limits<double>::infinity();
    HeadPoint found(0, 0, 0);
    double nearestVertex = std::numeric_limits<double>::infinity();
    HeadPoint beside(0, 0, 0);
    for (std::size_t i = 0; i < surface_.triangles.size(); ++i) {
        if (!facing_[i])
            continue;
        const auto& [a, b, c] = surface_.triangles[i];
        const PicturePoint u = projected_[b] - projected_[a], v = projected_[c] - projected_[a], w = at - projected_[a];
        for (const std::uint32_t corner : {a, b, c})
            if (const double far = (projected_[corner] - at).squaredNorm(); far < nearestVertex) {
                nearestVertex = far;
                beside = surface_.points[corner];
            }
        const double area = u.x() * v.y() - u.y() * v.x();
        if (area == 0)
            continue;
        const double s = (w.x() * v.y() - w.y() * v.x()) / area, t = (u.x() * w.y() - u.y() * w.x()) / area;
        if (s < 0 || t < 0 || s + t > 1)
            continue;
        const double depth = depth_[a] + s * (depth_[b] - depth_[a]) + t * (depth_[c] - depth_[a]);
        if (depth > nearest) {
            nearest = depth;
            found = surface_.points[a] + s * (surface_.points[b] - surface_.points[a]) +
                    t * (surface_.points[c] - surface_.points[a]);
        }
    }
    return view_.liftInPlaneOf(nearest > -std::numeric_limits<double>::infinity() ? found : beside, at);
}

} // namespace zokran
