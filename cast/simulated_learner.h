#pragma once

#include "cast/stand_in_camera.h"

#include <string>
#include <vector>

namespace zokran {

/// One study of a simulated learner: what was looked at and how it went.
struct SimulatedStudy {
    int day = 0;         ///< of the course, from 0
    int minuteOfDay = 0; ///< when it was finished
    std::string sitter;  ///< id of a head of the cast room
    Shot shot;           ///< of the reference
    PlantedErrors planted;
    unsigned seed = 0; ///< of the drawing hand
};

/// A learner with habits: turned heads are straightened, mouths sit high, ears climb, the forehead
/// is cut short, the head grows while it is drawn. Every habit has a bias and a scatter that shrink
/// with practice, each at its own pace; straightening hardly does. Sittings are uneven: some
/// evenings five heads, some weeks hardly one. The same seed gives the same learner.
std::vector<SimulatedStudy> simulatedCourse(int studies, int days, unsigned seed);

} // namespace zokran
