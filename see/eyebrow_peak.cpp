#include "see/eyebrow_peak.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr int stations = 5;
/// Points of the mesh on the two edges of the sitter's right and left eyebrow, from its end to its start.
constexpr int upperEdge[2][stations] = {{70, 63, 105, 66, 107}, {300, 293, 334, 296, 336}};
constexpr int lowerEdge[2][stations] = {{46, 53, 52, 65, 55}, {276, 283, 282, 295, 285}};

/// From the start of an eyebrow to its end in the head frame, ball radii: outwards, up, towards the viewer. The depth was
/// chosen on the faces of tests/data/see/hand-marked.json.
constexpr double outwards = 0.5, upwards = -0.05, forwards = -0.2;
/// The end of a brow that is seen from behind the temple is never nearer to its start than this, ball radii.
constexpr double leastSeen = 0.1;
/// The peak is no end of the brow: it lies within this share of its length from either.
constexpr double leastShare = 0.02;

/// How far an eyebrow rises in the picture of an upright face for each unit it goes from its end to its start.
double usualRise(bool isLeft, Radians turn, Radians tilt) {
    const double side = isLeft ? 1 : -1;
    const double across = side * outwards * cos(turn) + forwards * sin(turn);
    const double depth = -side * outwards * sin(turn) + forwards * cos(turn);
    const double up = upwards * cos(tilt) + depth * sin(tilt);
    return -up / std::max(leastSeen, side * across);
}

} // namespace

PicturePoint eyebrowPeak(const FacePointArray& points, bool isLeft, const OffsetFeatures& pose) {
    const Eigen::Rotation2Dd lean = clockwiseRotation(pose.lean);
    Eigen::Matrix<double, stations, 2> line;
    for (int i = 0; i < stations; ++i)
        line.row(i) = (lean.inverse() * ((points[upperEdge[isLeft][i]] + points[lowerEdge[isLeft][i]]) / 2)).transpose();
    const Eigen::RowVector2d first = line.row(0), chord = line.row(stations - 1) - first;
    const double length = chord.norm();
    if (length < 1e-9)
        return (points[upperEdge[isLeft][2]] + points[lowerEdge[isLeft][2]]) / 2;
    // The share of the chord at each station, and the quadratic of both coordinates over it.
    Eigen::Matrix<double, stations, 3> terms;
    for (int i = 0; i < stations; ++i) {
        const double share = (line.row(i) - first).dot(chord) / (length * length);
        terms.row(i) << 1, share, share * share;
    }
    const Eigen::Matrix<double, 3, 2> curve = terms.colPivHouseholderQr().solve(line);
    // The picture's y points down: a brow is highest where y is least.
    const double bend = curve(2, 1) / length;
    const double slope =
        curve(1, 1) / length + usualRise(isLeft, pose.turn, pose.tilt) - usualRise(isLeft, Radians{0}, Radians{0});
    const double share = std::clamp(bend > 0 ? -slope / (2 * bend) : 0.5, leastShare, 1 - leastShare);
    const Eigen::Vector2d peak = curve.transpose() * Eigen::Vector3d(1, share, share * share);
    return PicturePoint(lean * peak);
}

} // namespace zokran
