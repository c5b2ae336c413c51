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
}

} // namespace zokran::errors
