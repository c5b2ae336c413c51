#pragma once

#include "core/head/proportions.h"

#include <string_view>
#include <vector>

namespace zokran {

/// A place at which the values of a photograph and of a drawing of it are compared.
struct TonePlace {
    /// How its value is taken.
    enum class Kind {
        Surface, ///< the mean over it
        Detail,  ///< a small dark: the darkest spot in it
        Beside,  ///< off the head, where the picture reaches
    };

    std::string_view id;
    const char* name; ///< in English, to be translated: "the cheek"
    bool bothSides;   ///< there are two of it
    Kind kind;
    /// Where it lies on a head; of a pair the sitter's left one.
    HeadPoint (*at)(const HeadMarks& head);
    BallRadii radius;
    /// It looks this way (unit vector, head frame), and counts only where it is turned to the viewer.
    Eigen::Vector3d looks;
    /// How far the value of a faithful copy scatters there, one standard deviation, as a share of the scale; measured
    /// on shaded copies of photographs of people (docs/sources.md, "Values").
    double scatter = 0.04;
    /// It counts up to this turn of the head; beyond it the place has no head behind it.
    Degrees mostTurned{90};
    bool ofMouth = false; ///< lies elsewhere where the mouth is open, and is left out then
};

/// Every place, from above.
const std::vector<TonePlace>& tonePlaces();

} // namespace zokran
