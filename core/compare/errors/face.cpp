#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

using enum Mark;

/// The face in the head, and its lower part.
void face(ErrorCatalogue& c) {
    using Vector = ErrorCatalogue::Vector;
    c.widen("face_width", Tier::Proportion,
            ErrorCatalogue::bothSides(
                {InnerEyeL, OuterEyeL, PupilL, NoseWingL, MouthCornerL, JawAngleL}),
            {0});
    c.shift("face_height", Tier::Proportion,
            ErrorCatalogue::bothSides({NoseRoot, InnerEyeL, OuterEyeL, PupilL, NoseTip, NoseBase,
                                       NoseWingL, MouthCornerL, LipLine}),
            Vector::UnitY());
    c.shift("chin_height", Tier::Proportion, {Chin}, Vector::UnitY());
    c.add("lower_face", Tier::Proportion, AmountUnit::Share,
          ErrorCatalogue::bothSides({MouthCornerL, LipLine, Chin}),
          [&](const HeadPoint& p) { return Vector(0, p.y() - c.sitter[NoseBase].y(), 0); });
}

} // namespace zokran::errors
