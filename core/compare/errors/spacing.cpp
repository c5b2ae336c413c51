#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

using enum Mark;

/// Features at the wrong height, off the centre line, or too far apart.
void spacing(ErrorCatalogue& c) {
    using Vector = ErrorCatalogue::Vector;
    using C = ErrorCatalogue;
    const Vector up = Vector::UnitY(), across = Vector::UnitX();
    c.shift("mouth_height", Tier::Spacing, C::mouth, up);
    c.shift("nose_height", Tier::Spacing, C::nose, up);
    c.shift("nose_mouth_height", Tier::Spacing,
            C::bothSides({NoseTip, NoseBase, NoseWingL, MouthCornerL, LipLine}), up);
    c.shift("eye_height", Tier::Spacing, C::eyes, up);
    c.shift("ear_height", Tier::Spacing, C::ears, up);
    c.shift("ear_depth", Tier::Spacing, C::ears, Vector::UnitZ());
    c.shift("mouth_across", Tier::Spacing, C::mouth, across);
    c.shift("nose_across", Tier::Spacing, C::nose, across);
    c.shift("eyes_across", Tier::Spacing, C::eyes, across);
    c.add("eyes_apart", Tier::Spacing, AmountUnit::BallRadius, C::eyes,
          [](const HeadPoint& p) { return Vector(p.x() > 0 ? .5 : -.5, 0, 0); });
    c.widen("eyes_spread", Tier::Spacing, C::eyes, {0});
    // Neighbours that moved together: told as one, or each takes a share of the others' error. They stand after the features
    // alone, so that nothing is said of a feature that is not marked.
    const auto together = [](std::initializer_list<C::Marks> features) {
        C::Marks all;
        for (const C::Marks& marks : features)
            all.insert(all.end(), marks.begin(), marks.end());
        return all;
    };
    c.shift("nose_mouth_across", Tier::Spacing, together({C::nose, C::mouth}), across);
    for (const auto& [name, marks] : {std::pair{"mouth_chin", together({C::mouth, {Chin}})},
                                      {"nose_mouth_chin", together({C::nose, C::mouth, {Chin}})},
                                      {"eyes_nose", together({C::eyes, {NoseRoot}, C::nose})},
                                      {"eyes_brow", together({C::eyes, {NoseRoot, Brow}})}}) {
        c.shift(name + std::string("_height"), Tier::Spacing, marks, up);
        c.shift(name + std::string("_across"), Tier::Spacing, marks, across);
    }
}

} // namespace zokran::errors
