#include "core/construction/lines/traces.h"

#include <algorithm>

namespace zokran::lines {

BothPaths pathsInFront(std::vector<Eigen::Vector2d> corners, int steps) {
    BothPaths paths;
    paths.left = SkinPath::inFront(corners, steps);
    for (Eigen::Vector2d& c : corners)
        c.x() *= -1;
    paths.right = SkinPath::inFront(corners, steps);
    return paths;
}

BothPaths pathsAround(std::vector<HeadPoint> corners, int steps) {
    BothPaths paths;
    paths.left = SkinPath::around(corners, steps);
    for (HeadPoint& c : corners)
        c.x() *= -1;
    paths.right = SkinPath::around(corners, steps);
    return paths;
}

SkinPath acrossInFront(std::vector<Eigen::Vector2d> corners, int steps) {
    for (std::size_t i = corners.size() - 1; i-- > 0;)
        corners.emplace_back(-corners[i].x(), corners[i].y());
    return SkinPath::inFront(corners, steps);
}

// Where the face turns away, cheek and jaw and chin: the soft edge that a head is known by.
void faceEdge(LineTracer& tracer, const LineEntry& line) {
    tracer.addOutline(line, false);
}

const SkinPath& frontEdgePath(int side) {
    static const BothPaths paths = pathsAround({{.60, .02, .76},
                                                {.63, -.22, .62},
                                                {.62, -.45, .58},
                                                {.52, -.72, .63},
                                                {.37, -1.0, .72},
                                                {.24, -1.22, .80},
                                                {.13, -1.31, .86}},
                                               5);
    return paths.on(side);
}

void frontEdge(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, frontEdgePath, true);
}

// From under the ear round the jaw's angle and forward to the chin, as one swelling line.
void jawLine(LineTracer& tracer, const LineEntry& line) {
    tracer.addJaw(line);
}

// Where the underside of the jaw turns down into the neck; drawn when the head is seen from below.
void throat(LineTracer& tracer, const LineEntry& line) {
    constexpr double fromBelow = 0.15; // of the camera's direction, down the head
    if (tracer.view.towardsCamera().y() > -fromBelow)
        return;
    static const SkinPath path = SkinPath::below({{.46, 0, .16},
                                                  {.36, 0, .34},
                                                  {.2, 0, .46},
                                                  {0, 0, .52},
                                                  {-.2, 0, .46},
                                                  {-.36, 0, .34},
                                                  {-.46, 0, .16}},
                                                 1);
    tracer.addRun(line, 0, Cover::Face, tracer.form.solid().along(path), true);
}

} // namespace zokran::lines
