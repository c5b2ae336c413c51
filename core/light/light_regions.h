#pragma once

#include "core/light/depth_buffer.h"

#include <string_view>

namespace zokran {

/// A place of the face on which light is judged.
struct LightPlace {
    std::string_view id;
    const char* name; ///< in English, to be translated: "the forehead"
    bool bothSides;   ///< there are two of it
    /// Where it lies and how large it is, on a sitter's own head; of a pair the sitter's left one.
    HeadPoint (*at)(const HeadMarks& head);
    BallRadii radius;
    /// It looks this way (unit vector, head frame): of the skin about it only what is turned so by a cosine
    /// of at least `turned` counts.
    Eigen::Vector3d looks;
    double turned = 0.3;
};
/// Every place, in the order in which a face is gone through from above.
const std::vector<LightPlace>& lightPlaces();

/// Which points of a solid belong to each place, on either side; found once for a head.
class FaceRegions {
public:
    FaceRegions(const LitSolid& solid, const HeadMarks& head);
    struct Entry {
        const LightPlace* place;
        int side; ///< +1 the sitter's left, -1 the right, 0 in the middle
        std::vector<std::size_t> points;
    };
    const std::vector<Entry>& entries() const { return entries_; }

private:
    std::vector<Entry> entries_;
};

/// A place in one picture under one light.
struct LitPlace {
    const LightPlace* place;
    int side = 0;    ///< +1 the sitter's left, -1 the right, 0 in the middle
    float light = 0; ///< linear, 0 to 1, in the mean
    float lightest = 0; ///< of its lightest third
    /// By which the eye finds where light is caught: a place that is light both somewhere and on the whole.
    float caught() const { return (light + lightest) / 2; }
    bool cast = false; ///< most of it lies in a cast shadow
    PicturePoint at{0, 0};
};

/// The places that are seen, by where the light is caught first.
std::vector<LitPlace> litPlaces(const DepthBuffer& buffer, const Shading& shading, const FaceRegions& net);

/// Those that catch it first, those that catch it next, and those that stay dark, the darkest first; no place is of
/// two of them, and none is called light that lies in shadow.
struct LightAndDark {
    std::vector<LitPlace> light, next, dark;
};
LightAndDark lightAndDark(const std::vector<LitPlace>& places, std::size_t most = 5);

} // namespace zokran
