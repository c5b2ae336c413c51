#pragma once

#include "core/head/marks.h"

#include <variant>

namespace zokran {

/// A mark of the head, or of the features that move.
using AnyMark = std::variant<Mark, ExpressionMark>;

template <class Sheet>
auto& placedIn(Sheet& sheet, Mark mark) {
    return sheet.marks[mark];
}
template <class Sheet>
auto& placedIn(Sheet& sheet, ExpressionMark mark) {
    return sheet.expression[mark];
}
/// Where a MarkSheet keeps a mark.
template <class Sheet>
auto& placedIn(Sheet& sheet, AnyMark mark) {
    return std::visit([&](auto m) -> auto& { return placedIn(sheet, m); }, mark);
}

} // namespace zokran
