#pragma once

#include "core/construction/lines.h"

/// How each line of the table lies on the ball form.
namespace zokran::lines {

using Trace = void(LineTracer& tracer, const LineEntry& line);

Trace ball, sideOval, sideLevel, sidePlumb, centreLine;                         // skull.cpp
Trace hair, hairEdge;                                                           // hair.cpp
Trace faceEdge, frontEdge, jawLine, throat;                                     // face.cpp
Trace browLine, crownLine, hairline, eyeLine, noseBaseLine, mouthLine,          //
    lowerLipLine, chinLine;                                                     // features.cpp
Trace ear, earInner, earVolumes;                                                // ear.cpp
Trace eyeballs, lids, noseVolumes, lipVolumes;                                  // volumes.cpp
Trace earBand, fiveEyes, wingPlumb, cornerPlumb, browSlant, jawLevel, mirroredHalf; // widths.cpp
Trace neck, pit, neckMuscle;                                                    // neck.cpp
Trace shoulders, collarBones, shoulderLine;                                     // shoulders.cpp
Trace forehead, socket, noseWedge, cheek, mouthBarrel, chinBlock;               // planes.cpp

/// The sitter's left and right, as the sign of x.
inline constexpr int bothSides[] = {+1, -1};

/// An ellipsoid whose axes run along those of the head frame, ball radii.
struct Ellipsoid {
    HeadPoint centre;
    Eigen::Vector3d semiAxes;
};
/// The places of an ellipsoid that a view shows as its outline, one after the other round it (head frame).
std::vector<HeadPoint> ellipsoidOutline(const Ellipsoid& ellipsoid, const View& view);

/// The edge between the front plane of the face and its side, from the brow's corner over the
/// cheekbone to the chin's.
const SkinPath& frontEdgePath(int side);

/// A path given for the sitter's left, on either side.
struct BothPaths {
    SkinPath left, right;
    const SkinPath& on(int side) const { return side > 0 ? left : right; }
};
BothPaths pathsInFront(std::vector<Eigen::Vector2d> corners, int steps = 8);
BothPaths pathsAround(std::vector<HeadPoint> corners, int steps = 8);
/// From the sitter's left over the middle to the right; given as far as the middle.
SkinPath acrossInFront(std::vector<Eigen::Vector2d> corners, int steps = 8);

} // namespace zokran::lines
