#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

using enum Mark;

/// The mouth against the eyes: one corner rides up although the eyes are level.
void mouthAxis(ErrorCatalogue& c) {
    c.add("mouth_axis", Tier::Spacing, AmountUnit::Radian, {MouthCornerL, MouthCornerR},
          [](const HeadPoint& p) { return ErrorCatalogue::Vector(0, p.x(), 0); });
}

} // namespace zokran::errors
