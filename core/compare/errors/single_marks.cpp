#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

/// Any mark on its own, anywhere on the page.
void singleMarks(ErrorCatalogue& c) {
    for (Mark m : ErrorCatalogue::all()) {
        ErrorMode& lone = c.add("mark_" + std::string(idOf(m)), Tier::Size, AmountUnit::BallRadius,
                                {m}, [&](const HeadPoint&) { return c.pictureUp; });
        lone.freedoms = 2;
        lone.second[m] = c.pictureRight;
    }
}

} // namespace zokran::errors
