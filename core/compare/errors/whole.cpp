#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

/// Size, place and lean of the whole, and the line of the eyes.
void whole(ErrorCatalogue& c) {
    using Vector = ErrorCatalogue::Vector;
    const auto all = ErrorCatalogue::all();
    if (c.held) {
        c.add("whole_size", Tier::Page, AmountUnit::Share, all,
              [](const HeadPoint& p) { return p; });
        c.shift("whole_height", Tier::Page, all, c.pageUp);
        c.shift("whole_across", Tier::Page, all, c.pageRight);
        c.add("whole_lean", Tier::Lean, AmountUnit::Radian, all,
              [&](const HeadPoint& p) { return Vector(-c.towards.cross(p)); });
    }
    c.add("eye_axis", Tier::Lean, AmountUnit::Radian, ErrorCatalogue::eyes,
          [](const HeadPoint& p) { return Vector(0, p.x(), 0); });
    c.add("whole_width", Tier::Proportion, AmountUnit::Share, all,
          [&](const HeadPoint& p) { return Vector(c.pictureRight * c.pictureRight.dot(p)); });
}

} // namespace zokran::errors
