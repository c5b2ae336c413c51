#pragma once

#include "core/base/units.h"

#include <fmt/format.h>
#include <istream>

namespace zokran {

/// Reads a quantity as its number.
template <class Unit>
std::istream& operator>>(std::istream& in, Quantity<Unit>& quantity) {
    return in >> quantity.value;
}

} // namespace zokran

/// A quantity is formatted as its number; the words around it name its unit.
template <class Unit>
struct fmt::formatter<zokran::Quantity<Unit>> : fmt::formatter<double> {
    template <class Context>
    auto format(zokran::Quantity<Unit> quantity, Context& context) const {
        return fmt::formatter<double>::format(quantity.value, context);
    }
};
