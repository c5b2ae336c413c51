#pragma once

#include "core/construction/lines.h"

/// How each line of the table lies on the ball form.
namespace zokran::lines {

using Trace = void(LineTracer& tracer, const LineEntry& line);

Trace ball, sideOval, sideLevel, sidePlumb, centreLine;     // skull.cpp
Trace faceEdge, jawLine;                                    // face.cpp
Trace browLine, hairline, eyeLine, noseBaseLine, mouthLine, //
    chinLine, ear, wingPlumb, cornerPlumb;                  // features.cpp
Trace neck;                                                 // neck.cpp

/// The sitter's left and right, as the sign of x.
inline constexpr int bothSides[] = {+1, -1};

} // namespace zokran::lines
