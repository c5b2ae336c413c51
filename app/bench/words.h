#pragma once

#include "core/fit/fit.h"

#include <QString>

namespace zokran {

/// The three angles of a pose.
enum class Angle { Turn, Tilt, Lean };

/// An angle in words, such as "turned to the right".
QString wordsFor(Angle angle, Radians value);

/// An angle as a figure, such as "32°"; the sign is said in words and left out.
QString figureFor(Radians value);

/// The doubt of an angle, such as "± 2°".
QString doubtFor(Radians sigma);

Radians angleOf(const Pose& pose, Angle angle);
Radians angleOf(const PoseSpread& spread, Angle angle);

QString markName(Mark mark);

/// How the sitter departs from an average adult, in words; empty where nothing stands out.
QString departureWords(const Fit& fit);

/// Where the sitter's two sides differ, in words; empty where they do not.
QString asymmetryWords(const Fit& fit);

/// That other photographs of the sitter helped; empty for none.
QString sharedWords(int photographs);

} // namespace zokran
