#include "core/light/light_terms.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Within this of the direction half-way between light and viewer a surface throws the light at the viewer, cosine.
constexpr float mirrors = 0.97f;
/// The least disc that is pointed at, and the room between two places, ball radii.
constexpr double leastRadius = 0.04, room = 0.3;
/// No place lies nearer than this to the picture's left or right edge, where its names are written; ball radii.
constexpr double margin = 0.45;

bool holds(LightTerm term, const Shading::Tone& tone, float towardsHalf) {
    switch (term) {
    case LightTerm::Highlight:
        return tone.zone == Zone::Light && towardsHalf > mirrors;
    case LightTerm::Light:
        return tone.zone == Zone::Light && towardsHalf <= mirrors;
    case LightTerm::Halftone:
        return tone.zone == Zone::Half;
    case LightTerm::FormShadow:
        return tone.zone == Zone::Core || tone.zone == Zone::Reflected;
    case LightTerm::CoreShadow:
        return tone.zone == Zone::Core;
    case LightTerm::ReflectedLight:
        return tone.zone == Zone::Reflected;
    case LightTerm::CastShadow:
        return tone.zone == Zone::Cast;
    }
    return false;
}

} // namespace

std::vector<LightTermPlace> lightTermPlaces(const DepthBuffer& buffer, const Shading& shading, const Lighting& lighting) {
    const int width = buffer.width(), height = buffer.height();
    const Eigen::Vector3f half = (towardsLight(lighting.key) + Eigen::Vector3d::UnitZ()).normalized().cast<float>();
    std::vector<Shading::Tone> tones(static_cast<std::size_t>(width) * static_cast<std::size_t>(height));
    const auto index = [width](int x, int y) {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x);
    };
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            tones[index(x, y)] = shading.at(x, y);
    // The parts of a form's shadow come before the whole of it, which is pointed at where there is room.
    constexpr LightTerm inTurn[] = {LightTerm::Highlight, LightTerm::CoreShadow, LightTerm::ReflectedLight, LightTerm::CastShadow,
                                    LightTerm::Halftone,  LightTerm::Light,      LightTerm::FormShadow};
    static_assert(std::size(inTurn) == lightTermCount);
    std::vector<LightTermPlace> places;
    for (const LightTerm term : inTurn) {
        // With a border, so that a part that runs out of the picture is not pointed at there.
        cv::Mat1b part(height + 2, width + 2, std::uint8_t{0});
        const auto aside = static_cast<int>(margin * buffer.view().scale);
        for (int y = 0; y < height; ++y)
            for (int x = aside; x < width - aside; ++x) {
                const DepthBuffer::Spot& spot = buffer.spot(x, y);
                // A table has a shadow cast on it and nothing else that is named.
                if (spot.there() && (!spot.ground || term == LightTerm::CastShadow))
                    part(y + 1, x + 1) = holds(term, tones[index(x, y)], spot.normal.dot(half)) ? 255 : 0;
            }
        cv::Mat1f depth;
        cv::distanceTransform(part, depth, cv::DIST_L2, cv::DIST_MASK_5);
        const double scale = buffer.view().scale;
        double best = leastRadius * scale;
        std::optional<PicturePoint> at;
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x) {
                const PicturePoint here(x, y);
                const auto isNear = [&](const LightTermPlace& other) { return (other.at - here).norm() < room * scale; };
                if (depth(y + 1, x + 1) > best && std::none_of(places.begin(), places.end(), isNear)) {
                    best = depth(y + 1, x + 1);
                    at = here;
                }
            }
        if (!at)
            continue;
        const DepthBuffer::Spot& spot = buffer.spot(static_cast<int>(at->x()), static_cast<int>(at->y()));
        places.push_back({term, *at, HeadPoint(buffer.facing().transpose().cast<double>() * spot.at.cast<double>())});
    }
    std::sort(places.begin(), places.end(), [](const LightTermPlace& a, const LightTermPlace& b) { return a.term < b.term; });
    return places;
}

} // namespace zokran
