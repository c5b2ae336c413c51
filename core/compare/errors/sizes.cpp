#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

using enum Mark;

/// Features too large or too small, and two sides that differ.
void sizes(ErrorCatalogue& c) {
    using Vector = ErrorCatalogue::Vector;
    using C = ErrorCatalogue;
    auto middleOf = [&](const C::Marks& eye) {
        return BallRadii{(c.sitter[eye[0]].x() + c.sitter[eye[1]].x()) / 2};
    };
    for (const auto& [side, eye] : {std::pair{"_l", &C::eyeL}, {"_r", &C::eyeR}}) {
        c.widen(std::string("eye_size") + side, Tier::Size, *eye, middleOf(*eye));
        c.shift(std::string("one_eye_height") + side, Tier::Size, *eye, Vector::UnitY());
    }
    c.add("eye_sizes", Tier::Size, AmountUnit::Share, C::eyes, [&](const HeadPoint& p) {
        return Vector(p.x() - middleOf(p.x() > 0 ? C::eyeL : C::eyeR).value, 0, 0);
    });
    c.widen("mouth_width", Tier::Size, C::mouth, {0});
    // Both corners against the parting between them: a smile that is not the sitter's.
    c.shift("mouth_bend", Tier::Size, {MouthCornerL, MouthCornerR}, Vector::UnitY());
    c.widen("nose_width", Tier::Size, C::nose, {0});
    // Both wings to one side of the nose's base: the one wing and nostril too large, the other too small.
    c.shift("wings_across", Tier::Size, {NoseWingL, NoseWingR}, Vector::UnitX());
    c.widen("jaw_width", Tier::Size, {JawAngleL, JawAngleR}, {0});
    c.add("ear_length", Tier::Size, AmountUnit::Share, C::ears, [&](const HeadPoint& p) {
        return Vector(0, p.y() - (c.sitter[EarTopL].y() + c.sitter[EarBaseL].y()) / 2, 0);
    });
}

} // namespace zokran::errors
