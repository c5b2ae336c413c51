#pragma once

#include <array>

namespace zokran {

/// The addresses of objects that exist as long as the program does, in their order.
template <class Kind, class... Kinds>
constexpr std::array<const Kind*, 1 + sizeof...(Kinds)> addressesOf(const Kind& first, const Kinds&... others) {
    return {&first, &others...};
}

} // namespace zokran
