#pragma once

#include "core/fit/fit.h"
#include "core/messages/translator.h"

namespace zokran {

/// The three angles of a pose.
enum class Angle { Turn, Tilt, Lean };
inline constexpr Angle angles[] = {Angle::Turn, Angle::Tilt, Angle::Lean};

Radians angleOf(const Pose& pose, Angle angle);
Radians angleOf(const PoseSpread& spread, Angle angle);

/// The angle's name, such as "Turn".
std::string nameOf(Angle angle, const Translator& translator = english());

/// An angle in words, such as "turned to the right".
std::string wordsFor(Angle angle, Radians value, const Translator& translator = english());

/// An angle as a figure, such as "32°"; the sign is said in words and left out.
std::string figureFor(Radians value);

/// The doubt of an angle, such as "± 2°"; never a doubt of nothing.
std::string doubtFor(Radians sigma);

} // namespace zokran
