#pragma once

#include "core/practice/drawing.h"

namespace zokran {

/// Something a hand does again and again: one number of each drawing it can be seen in, with words for either
/// way it may go. Each is an entry of the one list in habits.cpp.
struct Habit {
    std::string_view id;
    const char* more;  ///< in English, to be translated: "You set the mouth {percent} % too high"
    const char* less;
    const char* drill; ///< id of the drill that helps
    /// The number, % of the head's height, or degrees of straightening; nothing where the drawing does not
    /// show it.
    std::optional<double> (*of)(const Drawing& drawing);
};
const std::vector<Habit>& habits();

} // namespace zokran
