#include "core/light/light_regions.h"

#include "core/base/translatable.h"

#include <algorithm>

namespace zokran {

namespace {

HeadPoint between(const HeadMarks& head, Mark a, Mark b, double share) {
    return head[a] + share * (head[b] - head[a]);
}

HeadPoint forehead(const HeadMarks& head) {
    return between(head, Mark::Hairline, Mark::Brow, 0.5);
}
HeadPoint browBone(const HeadMarks& head) {
    const HeadPoint eye = between(head, Mark::InnerEyeL, Mark::OuterEyeL, 0.6);
    return {eye.x(), eye.y() + 0.6 * (head[Mark::Brow].y() - eye.y()), eye.z()};
}
HeadPoint socket(const HeadMarks& head) {
    const HeadPoint eye = between(head, Mark::InnerEyeL, Mark::OuterEyeL, 0.35);
    return {eye.x(), eye.y() + 0.42 * (head[Mark::Brow].y() - eye.y()), eye.z()};
}
HeadPoint nose(const HeadMarks& head) {
    return between(head, Mark::NoseRoot, Mark::NoseTip, 0.75);
}
HeadPoint noseFoot(const HeadMarks& head) {
    return between(head, Mark::NoseTip, Mark::NoseBase, 0.75);
}
HeadPoint cheekbone(const HeadMarks& head) {
    const HeadPoint &outer = head[Mark::OuterEyeL], &wing = head[Mark::NoseWingL];
    return {outer.x(), outer.y() + 0.45 * (wing.y() - outer.y()), outer.z()};
}
HeadPoint cheek(const HeadMarks& head) {
    return between(head, Mark::MouthCornerL, Mark::JawAngleL, 0.45);
}
HeadPoint upperLip(const HeadMarks& head) {
    return between(head, Mark::NoseBase, Mark::LipLine, 0.72);
}
HeadPoint lowerLip(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.2);
}
HeadPoint underLip(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.44);
}
HeadPoint chin(const HeadMarks& head) {
    return between(head, Mark::LipLine, Mark::Chin, 0.74);
}
HeadPoint underChin(const HeadMarks& head) {
    return head[Mark::Chin] + HeadPoint(0, -0.06, -0.3);
}
HeadPoint neck(const HeadMarks& head) {
    return head[Mark::Chin] + HeadPoint(0.2, -0.25, -0.6);
}
HeadPoint sidePlane(const HeadMarks& head) {
    return {std::max(usualSidePlane.value, head[Mark::OuterEyeL].x() + 0.2), 0.1, 0.15};
}

} // namespace

const std::vector<LightPlace>& lightPlaces() {
    const Eigen::Vector3d ahead(0, 0, 1), under = Eigen::Vector3d(0, -1, 0.35).normalized(),
                          below = Eigen::Vector3d(0, -0.5, 1).normalized(), aside(1, 0, 0),
                          slant = Eigen::Vector3d(1, 0, 1).normalized();
    static const std::vector<LightPlace> all = {
        {"side", ZOKRAN_WORDS("the side of the head"), true, sidePlane, {0.3}, aside},
        {"forehead", ZOKRAN_WORDS("the forehead"), false, forehead, {0.3}, ahead},
        {"brow_bone", ZOKRAN_WORDS("the brow bone"), true, browBone, {0.14}, ahead},
        {"socket", ZOKRAN_WORDS("the eye socket"), true, socket, {0.15}, under, 0.6},
        {"nose", ZOKRAN_WORDS("the nose"), false, nose, {0.22}, ahead},
        {"nose_foot", ZOKRAN_WORDS("under the nose"), false, noseFoot, {0.12}, under},
        {"cheekbone", ZOKRAN_WORDS("the cheekbone"), true, cheekbone, {0.17}, slant},
        {"cheek", ZOKRAN_WORDS("the cheek"), true, cheek, {0.18}, slant},
        {"upper_lip", ZOKRAN_WORDS("the upper lip"), false, upperLip, {0.12}, under, 0.6},
        {"lower_lip", ZOKRAN_WORDS("the lower lip"), false, lowerLip, {0.1}, ahead, 0.6},
        {"under_lip", ZOKRAN_WORDS("under the lower lip"), false, underLip, {0.12}, below, 0.7},
        {"chin", ZOKRAN_WORDS("the chin"), false, chin, {0.14}, ahead, 0.6},
        {"under_chin", ZOKRAN_WORDS("under the chin"), false, underChin, {0.25}, under},
        {"neck", ZOKRAN_WORDS("the neck"), true, neck, {0.25}, slant},
    };
    return all;
}

FaceRegions::FaceRegions(const LitSolid& solid, const HeadMarks& head) {
    for (const LightPlace& place : lightPlaces())
        for (int side : {1, -1}) {
            if (side < 0 && !place.bothSides)
                continue;
            HeadPoint middle = place.at(head);
            Eigen::Vector3d looks = place.looks;
            middle.x() *= side;
            looks.x() *= side;
            Entry entry{&place, place.bothSides ? side : 0, {}};
            // Wider where the surface lies further off than the place is large.
            for (double reach = place.radius.value; entry.points.size() < 4 && reach < 0.6; reach *= 1.4) {
                entry.points.clear();
                for (std::size_t i = 0; i < solid.points.size(); ++i)
                    if ((solid.points[i] - middle).norm() < reach &&
                        solid.normals[i].dot(looks) > place.turned)
                        entry.points.push_back(i);
            }
            entries_.push_back(std::move(entry));
        }
}

std::vector<LitPlace> litPlaces(const DepthBuffer& buffer, const Shading& shading, const FaceRegions& net) {
    std::vector<LitPlace> places;
    const LitSolid& solid = buffer.solid();
    for (const FaceRegions::Entry& entry : net.entries()) {
        int cast = 0;
        std::vector<std::pair<float, PicturePoint>> seen;
        for (std::size_t i : entry.points) {
            if (!buffer.view().faces(solid.points[i], solid.normals[i]) || !buffer.isSeen(solid.points[i]))
                continue;
            const Shading::Tone tone = shading.at(buffer.placed()[i], buffer.facing() * solid.normals[i].cast<float>());
            cast += tone.zone == Zone::Cast;
            seen.emplace_back(tone.light, buffer.view().project(solid.points[i]));
        }
        // A sliver of it at the edge says nothing.
        if (seen.size() < 3 || 4 * seen.size() < entry.points.size())
            continue;
        std::sort(seen.begin(), seen.end(),
                  [](const auto& a, const auto& b) { return a.first > b.first; });
        LitPlace lit{entry.place, entry.side};
        const std::size_t third = std::max<std::size_t>(1, seen.size() / 3);
        for (std::size_t i = 0; i < seen.size(); ++i) {
            lit.light += seen[i].first / static_cast<float>(seen.size());
            lit.at += seen[i].second / static_cast<double>(seen.size());
            if (i < third)
                lit.lightest += seen[i].first / static_cast<float>(third);
        }
        lit.cast = 2 * cast > static_cast<int>(seen.size());
        places.push_back(lit);
    }
    std::stable_sort(places.begin(), places.end(), [](const LitPlace& a, const LitPlace& b) {
        return a.caught() > b.caught();
    });
    return places;
}

LightAndDark lightAndDark(const std::vector<LitPlace>& places, std::size_t most) {
    // With a tenth of the light from everywhere, less than twice that is shadow.
    constexpr float shadow = 0.2f;
    LightAndDark told;
    for (const LitPlace& place : places)
        if (told.light.size() < most && place.caught() > 1.5f * shadow)
            told.light.push_back(place);
    std::vector<LitPlace> rest(places.begin() + static_cast<std::ptrdiff_t>(told.light.size()),
                               places.end());
    std::stable_sort(rest.begin(), rest.end(),
                     [](const LitPlace& a, const LitPlace& b) { return a.light < b.light; });
    // The darker half of what is left counts as dark even under soft light.
    for (const LitPlace& place : rest)
        if (told.dark.size() < most && (place.light < 2 * shadow || 2 * told.dark.size() < rest.size()))
            told.dark.push_back(place);
    const auto isDark = [&](const LitPlace& place) {
        return std::any_of(told.dark.begin(), told.dark.end(), [&](const LitPlace& dark) {
            return dark.place == place.place && dark.side == place.side;
        });
    };
    for (std::size_t i = told.light.size(); i < places.size() && told.next.size() < most; ++i)
        if (places[i].caught() > 1.5f * shadow && !isDark(places[i]))
            told.next.push_back(places[i]);
    return told;
}

} // namespace zokran
