#include "core/construction/lines/traces.h"

/// The planes of the head, laid on the average adult's skin at the places where teachers lay them
/// (common practice, no source); they follow every sitter's skin from there.
namespace zokran::lines {

namespace {

template <class Corners>
const BothPaths& fixed(const Corners& corners) {
    static const BothPaths paths = pathsInFront(corners(), 6);
    return paths;
}

const SkinPath& socketPath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{{.10, -.10}, {.30, -.03}, {.50, -.06},
                                                   {.57, -.22}, {.48, -.40}, {.28, -.44},
                                                   {.15, -.36}, {.10, -.10}};
           }).on(side);
}
const SkinPath& ridgePath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{
                   {.10, -.10}, {.06, -.26}, {.075, -.48}, {.085, -.58}};
           }).on(side);
}
const SkinPath& wingPath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{
                   {.15, -.36}, {.17, -.52}, {.19, -.64}, {.085, -.58}};
           }).on(side);
}
const SkinPath& cheekPath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{
                   {.48, -.40}, {.52, -.56}, {.36, -.84}, {.32, -1.04}, {.24, -1.20}};
           }).on(side);
}
const SkinPath& foldPath(int side) {
    return fixed([] { return std::vector<Eigen::Vector2d>{{.20, -.62}, {.36, -.84}}; }).on(side);
}
const SkinPath& barrelPath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{
                   {.14, -.70}, {.25, -.82}, {.27, -.95}, {.20, -1.06}, {.10, -1.11}, {0, -1.12}};
           }).on(side);
}
const SkinPath& blockPath(int side) {
    return fixed([] {
               return std::vector<Eigen::Vector2d>{
                   {.10, -1.11}, {.20, -1.17}, {.19, -1.26}, {.10, -1.30}};
           }).on(side);
}

/// A mark of a side carried as a place that faces along `normal`.
SurfacePoint placed(const LineTracer& tracer, Mark left, int side, const Eigen::Vector3d& normal) {
    return {tracer.form.head()[side > 0 ? left : mirrored(left)], normal.normalized()};
}

} // namespace

// Two uprights from the brow to the hairline and what joins them: front of the forehead and sides.
void forehead(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    for (int side : bothSides)
        tracer.add(line, side, Cover::Face, 20, [&](double t) {
            const BallRadii top = level.brow + 0.86 * (level.hairline - level.brow);
            if (t < 0.7)
                return tracer.form.front(level.brow + t / 0.7 * (top - level.brow),
                                         side * (0.62 - 0.14 * t));
            return tracer.form.front(top, side * 0.522 * (1 - (t - 0.7) / 0.3));
        });
    tracer.removeHidden(line);
}

void socket(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, socketPath, false);
    tracer.removeHidden(line);
}

// The ridge's two edges, its sides down to the wings, and the underside between wings and base.
void noseWedge(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, ridgePath, false);
    tracer.addPaths(line, wingPath, false);
    for (int side : bothSides) {
        const Eigen::Vector3d down(0, -1, 0.4);
        tracer.addRun(line, side, Cover::Face,
                      {placed(tracer, Mark::NoseWingL, side, down),
                       placed(tracer, Mark::NoseBase, side, down)},
                      false);
    }
    tracer.removeHidden(line);
}

void cheek(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, cheekPath, false);
    tracer.addPaths(line, foldPath, false);
    tracer.removeHidden(line);
}

void mouthBarrel(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, barrelPath, true);
    tracer.removeHidden(line);
}

void chinBlock(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, blockPath, false);
    tracer.removeHidden(line);
}

} // namespace zokran::lines
