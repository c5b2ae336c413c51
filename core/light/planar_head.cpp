#include "core/light/planar_head.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "core/head/population.h"
#include "core/head/rbf_warp.h"

#include <algorithm>
#include <fmt/format.h>
#include <map>

namespace zokran {

namespace {

/// Of a polygon that need not be flat: Newell's normal, its length twice the area.
Eigen::Vector3d areaNormal(const std::vector<HeadPoint>& polygon) {
    Eigen::Vector3d sum = Eigen::Vector3d::Zero();
    for (std::size_t i = 0; i < polygon.size(); ++i)
        sum += polygon[i].cross(polygon[(i + 1) % polygon.size()]);
    return sum;
}

/// Whether a plane's corners run clockwise seen from outside. Outside is away from the head's own axis, a little above it for
/// what lies low, so that undersides look down.
bool isInsideOut(const std::vector<HeadPoint>& polygon, const Eigen::Vector3d& normal) {
    HeadPoint middle = HeadPoint::Zero();
    for (const HeadPoint& p : polygon)
        middle += p / static_cast<double>(polygon.size());
    constexpr double upper = 0.2, lift = 0.3, neckBelow = -1.1, neckBehind = -0.2, shouldersBelow = -1.65, beyondNeck = 0.3;
    // Shoulders look up and forward.
    if (middle.y() < shouldersBelow && std::abs(middle.x()) > beyondNeck)
        return normal.dot(HeadPoint(middle.x() > 0 ? 0.6 : -0.6, 1, 0.8)) < 0;
    const HeadPoint axis(0, middle.y() > upper ? middle.y() - lift : middle.y() + lift, middle.y() < neckBelow ? neckBehind : 0);
    return normal.dot(middle - axis) < 0;
}

HeadPoint mirrored(const HeadPoint& p) {
    return {-p.x(), p.y(), p.z()};
}

} // namespace

PlanarHead readPlanarHead(const std::filesystem::path& file) {
    return readJson(file, "zokran-planes", [](const nlohmann::json& j) {
        PlanarHead head;
        std::map<std::string, std::uint32_t> numbers;
        for (const auto& [name, at] : j.at("points").items()) {
            const auto numbersOf = at.get<std::vector<double>>();
            if (numbersOf.size() < 3 || numbersOf.size() > 4)
                throw BadInput(fmt::format("\"{}\" is no place", name));
            numbers[name] = static_cast<std::uint32_t>(head.corners.size());
            head.corners.push_back({{numbersOf[0], numbersOf[1], numbersOf[2]}, numbersOf.size() > 3 ? numbersOf[3] : 0});
        }
        for (const nlohmann::json& plane : j.at("planes")) {
            PlanarHead::Plane made{plane.at("group").get<std::string>(), {}};
            for (const nlohmann::json& name : plane.at("corners")) {
                const auto known = numbers.find(name.get<std::string>());
                if (known == numbers.end())
                    throw BadInput(fmt::format("there is no point \"{}\"", name.get<std::string>()));
                made.corners.push_back(known->second);
            }
            if (made.corners.size() < 3)
                throw BadInput("a plane has fewer than three corners");
            head.planes.push_back(std::move(made));
        }
        return head;
    });
}

const PlanarHead& planarHead() {
    static const PlanarHead head = readPlanarHead(dataFolder() / "heads" / "planes.json");
    return head;
}

PlanarSolid litPlanes(const PlanarHead& planes, const HeadMarks& head, PlaneGrade grade, const BustPose& bust) {
    std::vector<HeadPoint> from(adultHeads().mean.begin(), adultHeads().mean.end()), to(head.begin(), head.end());
    // The foot of the neck stays.
    for (const HeadPoint& anchor : {HeadPoint(0, -1.9, 0.2), HeadPoint(0.9, -1.8, -0.3), HeadPoint(-0.9, -1.8, -0.3), HeadPoint(0, -1.6, -0.75)}) {
        from.push_back(anchor);
        to.push_back(anchor);
    }
    const RbfWarp bend(from, to);
    // The sitter's left and right each by themselves, for no head is quite even.
    std::vector<HeadPoint> neutral[2], corners[2];
    for (const PlanarHead::Corner& corner : planes.corners)
        for (const int side : {0, 1}) {
            const HeadPoint bent = bend(side == 0 ? corner.at : mirrored(corner.at));
            neutral[side].push_back(bent);
            corners[side].push_back(corner.share > 0 ? movedWithBust(bust, bent, corner.share) : bent);
        }
    struct Face {
        std::vector<HeadPoint> polygon;
        Eigen::Vector3d normal; ///< as long as twice its area
        std::string group;
    };
    std::vector<Face> faces;
    for (const PlanarHead::Plane& plane : planes.planes)
        for (const int side : {0, 1}) {
            Face face;
            std::vector<HeadPoint> unmoved;
            for (const std::uint32_t c : plane.corners) {
                face.polygon.push_back(corners[side][c]);
                unmoved.push_back(neutral[side][c]);
            }
            face.normal = areaNormal(face.polygon);
            if (isInsideOut(unmoved, areaNormal(unmoved))) {
                std::reverse(face.polygon.begin(), face.polygon.end());
                face.normal = -face.normal;
            }
            face.group = plane.group + (side == 0 ? "_l" : "_r");
            faces.push_back(std::move(face));
        }
    std::map<std::string, std::pair<std::uint16_t, Eigen::Vector3d>> groups;
    for (const Face& face : faces) {
        const auto next = static_cast<std::uint16_t>(groups.size() + 1);
        groups.try_emplace(face.group, next, Eigen::Vector3d::Zero()).first->second.second += face.normal;
    }
    PlanarSolid made;
    LitSolid& lit = made.solid;
    std::uint16_t number = 0;
    for (const Face& face : faces) {
        ++number;
        const bool few = grade == PlaneGrade::Few;
        const Eigen::Vector3d normal = (few ? groups[face.group].second : face.normal).normalized();
        const std::uint16_t plane = few ? groups[face.group].first : number;
        HeadPoint middle = HeadPoint::Zero();
        for (const HeadPoint& p : face.polygon)
            middle += p / static_cast<double>(face.polygon.size());
        const std::uint32_t centre = lit.add(middle, normal);
        const auto first = static_cast<std::uint32_t>(lit.points.size());
        for (const HeadPoint& p : face.polygon)
            lit.add(p, normal);
        const auto count = static_cast<std::uint32_t>(face.polygon.size());
        for (std::uint32_t i = 0; i < count; ++i)
            lit.triangles.push_back({{centre, first + i, first + (i + 1) % count}, false, plane});
    }
    // Each edge once; in the large grade those within a group are none.
    std::map<std::pair<std::uint32_t, std::uint32_t>, std::vector<std::string>> groupsAt;
    for (const PlanarHead::Plane& plane : planes.planes)
        for (std::size_t i = 0; i < plane.corners.size(); ++i)
            groupsAt[std::minmax(plane.corners[i], plane.corners[(i + 1) % plane.corners.size()])].push_back(plane.group);
    for (const auto& [ends, known] : groupsAt) {
        const bool isWithin = known.size() > 1 &&
                              std::all_of(known.begin(), known.end(), [&group = known[0]](const auto& g) { return g == group; });
        if (grade == PlaneGrade::Few && isWithin)
            continue;
        for (const auto& side : corners)
            made.edges.push_back({side[ends.first], side[ends.second]});
    }
    return made;
}

} // namespace zokran
