#include "core/head/soft_surface.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "core/head/rbf_warp.h"

#include <algorithm>

namespace zokran {

std::vector<Eigen::Vector3d> SoftSurface::normals() const {
    std::vector<Eigen::Vector3d> sum(points.size(), Eigen::Vector3d::Zero());
    for (const auto& [a, b, c] : triangles) {
        const Eigen::Vector3d n = (points[b] - points[a]).cross(points[c] - points[a]);
        for (std::uint32_t v : {a, b, c})
            sum[v] += n;
    }
    for (Eigen::Vector3d& n : sum)
        n.normalize();
    return sum;
}

SoftSurface SoftSurface::fittedTo(const HeadMarks& head) const {
    std::vector<HeadPoint> from(marks.begin(), marks.end()), to(head.begin(), head.end());
    // The foot of the neck.
    for (const HeadPoint& anchor : {HeadPoint(0, -1.9, 0.2), HeadPoint(0.6, -1.7, -0.3),
                                    HeadPoint(-0.6, -1.7, -0.3), HeadPoint(0, -1.6, -0.75)}) {
        from.push_back(anchor);
        to.push_back(anchor);
    }
    const RbfWarp bend(from, to);
    SoftSurface fitted = *this;
    fitted.marks = head;
    for (HeadPoint& p : fitted.points)
        p = bend(p);
    return fitted;
}

SoftSurface SoftSurface::posed(const BustPose& bust) const {
    SoftSurface moved = *this;
    const HeadPoint &ear = points[jaw[0].front()], &chin = points[jaw[0].back()];
    for (std::size_t i = 0; i < points.size(); ++i) {
        const HeadPoint& p = points[i];
        if (!ofNeck[i])
            continue;
        // From the edge of the jaw down the skin goes over from the skull to the neck; the back of the skull is no neck.
        constexpr double over = 0.55, skull = -0.4; // ball radii
        const double edge = ear.y() + (p.z() - ear.z()) / (chin.z() - ear.z()) * (chin.y() - ear.y());
        const double share = std::clamp((std::min(edge, skull) - p.y()) / over, 0.0, 1.0);
        moved.points[i] = movedWithBust(bust, p, share * share * (3 - 2 * share));
    }
    return moved;
}

SoftSurface readSurface(const std::filesystem::path& file) {
    return readJson(file, "zokran-surface", [](const nlohmann::json& j) {
        auto place = [](const nlohmann::json& p) {
            const auto at = p.get<std::array<double, 3>>();
            return HeadPoint(at[0], at[1], at[2]);
        };
        SoftSurface surface;
        for (int i = 0; i < markCount; ++i)
            surface.marks[markAt(i)] = place(j.at("marks").at(std::string(idOf(markAt(i)))));
        for (const nlohmann::json& p : j.at("points"))
            surface.points.push_back(place(p));
        auto known = [&](std::uint32_t v) {
            if (v >= surface.points.size())
                throw BadInput("a corner is not there");
            return v;
        };
        for (const auto& q : j.at("quads").get<std::vector<std::array<std::uint32_t, 4>>>()) {
            for (std::uint32_t v : q)
                known(v);
            surface.triangles.push_back({q[0], q[1], q[2]});
            surface.triangles.push_back({q[0], q[2], q[3]});
        }
        for (const auto& [id, jaw] : {std::pair{"jaw_l", &surface.jaw[0]}, {"jaw_r", &surface.jaw[1]}})
            for (const std::uint32_t v : j.at(id).get<std::vector<std::uint32_t>>())
                jaw->push_back(known(v));
        if (surface.jaw[0].empty())
            throw BadInput("the jaw is missing");
        // Below the straight line from under the ear to under the chin, as seen from the side.
        const HeadPoint& ear = surface.points[surface.jaw[0].front()];
        const HeadPoint& chin = surface.points[surface.jaw[0].back()];
        for (const HeadPoint& p : surface.points) {
            const double along = (p.z() - ear.z()) / (chin.z() - ear.z());
            surface.ofNeck.push_back(p.y() < ear.y() + along * (chin.y() - ear.y()) - 0.04 &&
                                     p.z() < chin.z());
        }
        return surface;
    });
}

const SoftSurface& adultSurface() {
    static const SoftSurface surface = readSurface(dataFolder() / "heads" / "surface.json");
    return surface;
}

} // namespace zokran
