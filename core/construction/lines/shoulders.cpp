#include "core/construction/lines/traces.h"

#include "core/head/bust_pose.h"

namespace zokran::lines {

namespace {

/// The body's lines in the neutral posture, of the sitter's left: means of the head model's bust, which stands under the head
/// as it is posed (ball radii, head frame).
const std::vector<HeadPoint> slopeAndRound = {{1.24, -1.86, -.37}, {1.40, -1.91, -.35},
                                              {1.66, -2.00, -.31}, {1.86, -2.19, -.27}, {1.94, -2.50, -.23}, {1.96, -2.85, -.20}};
const std::vector<HeadPoint> collarBone = {{.11, -1.91, .34}, {.48, -1.85, .31}, {.95, -1.85, .13}, {1.38, -1.94, -.11}, {1.62, -2.01, -.24}};
const HeadPoint shoulderTip(1.66, -2.00, -.31);
/// What stands before a line of the body by more than this hides it, ball radii.
constexpr BallRadii before{0.05};

/// The points of a line on either side, moved with the bust and joined by a curve.
std::vector<HeadPoint> posed(const BallForm& form, const std::vector<HeadPoint>& neutral, int side) {
    std::vector<HeadPoint> points;
    for (const HeadPoint& p : neutral)
        points.push_back(movedWithBust(form.solid().bust(), HeadPoint(side * p.x(), p.y(), p.z()), 1));
    // Corners cut three times (Chaikin 1974).
    for (int round = 0; round < 3; ++round) {
        std::vector<HeadPoint> cut{points.front()};
        for (std::size_t i = 1; i < points.size(); ++i)
            for (double t : {0.25, 0.75})
                cut.push_back(points[i - 1] + t * (points[i] - points[i - 1]));
        cut.push_back(points.back());
        points = std::move(cut);
    }
    return points;
}

} // namespace

// The slope from the neck to the shoulder, its round, and the beginning of the arm.
void shoulders(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides)
        tracer.addStandingOut(line, side, posed(tracer.form, slopeAndRound, side), before);
    tracer.lightenGuess(line);
}

void collarBones(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides)
        tracer.addStandingOut(line, side, posed(tracer.form, collarBone, side), before);
    tracer.lightenGuess(line);
}

// From shoulder to shoulder: what stays level while the head leans above it.
void shoulderLine(LineTracer& tracer, const LineEntry& line) {
    std::vector<HeadPoint> ends;
    for (int side : {-1, 1})
        ends.push_back(movedWithBust(tracer.form.solid().bust(), HeadPoint(side * shoulderTip.x(), shoulderTip.y(), shoulderTip.z()), 1));
    std::vector<HeadPoint> points;
    constexpr int pieces = 24;
    for (int i = 0; i <= pieces; ++i)
        points.push_back(ends[0] + (ends[1] - ends[0]) * i / pieces);
    tracer.addStandingOut(line, 0, points, before);
    tracer.lightenGuess(line);
}

} // namespace zokran::lines
