#include "core/compare/errors/catalogue.h"

namespace zokran::errors {

using enum Mark;

void skull(ErrorCatalogue& c) {
    using Vector = ErrorCatalogue::Vector;
    c.shift("hairline_height", Tier::Proportion, {Hairline}, Vector::UnitY());
    c.shift("crown_height", Tier::Proportion, {Crown}, Vector::UnitY());
    c.shift("forehead", Tier::Proportion, {Crown, Hairline}, Vector::UnitY());
    c.shift("back_depth", Tier::Proportion, {Back}, -Vector::UnitZ());
}

} // namespace zokran::errors
