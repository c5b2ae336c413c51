#include "core/construction/lines/traces.h"

#include <utility>

namespace zokran::lines {

using enum Mark;

namespace {

/// An upright on the front from one level down to another, at x on both sides.
void uprights(LineTracer& tracer, const LineEntry& line, BallRadii x, BallRadii high,
              BallRadii low) {
    for (int side : bothSides)
        tracer.add(line, side, Cover::Face, 24, [&](double t) {
            const BallRadii y = high + t * (low - high);
            return tracer.form.front(y, tracer.form.acrossAt(y, side * x));
        });
}

const SkinPath& jawLevelPath(int side) {
    static const BothPaths paths = pathsAround({{.242, -.917, .966},
                                                {.40, -.92, .70},
                                                {.52, -.94, .45},
                                                {.549, -.972, .14}},
                                               6);
    return paths.on(side);
}

} // namespace

// On the side plane, the two levels the ear hangs between.
void earBand(LineTracer& tracer, const LineEntry& line) {
    const BallRadii p = tracer.form.sidePlane();
    for (BallRadii y : {tracer.form.levels().earTop, tracer.form.levels().earBase})
        for (int side : bothSides)
            tracer.add(line, side, Cover::Planes, 12, [&](double t) {
                return SurfacePoint{headPoint(side * p, y, {0.42 - 0.9 * t}), Eigen::Vector3d(side, 0, 0)};
            });
}

// Uprights at the corners of five eyes laid side by side across the face.
void fiveEyes(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    const Widths& width = tracer.form.subject().widths;
    const BallRadii low = level.eye + 0.5 * (level.noseBase - level.eye);
    const BallRadii high = level.eye + 0.6 * (level.brow - level.eye);
    uprights(tracer, line, width.gap / 2, high, low);
    uprights(tracer, line, width.gap / 2 + width.eye, high, low);
    for (int side : bothSides)
        tracer.add(line, side, Cover::Planes, 12, [&](double t) {
            return SurfacePoint{headPoint(side * width.head / 2, high + t * (low - high), {0.12}),
                                Eigen::Vector3d(0.8 * side, 0, 0.6)};
        });
}

void wingPlumb(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    uprights(tracer, line, tracer.form.subject().widths.gap / 2, level.eye, level.noseBase);
}

void cornerPlumb(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    const Widths& width = tracer.form.subject().widths;
    uprights(tracer, line, (width.gap + width.eye) / 2, level.eye, level.mouth);
}

// The wing of the nose, the eye's outer corner and the end of the brow lie on one line.
void browSlant(LineTracer& tracer, const LineEntry& line) {
    const BallForm& form = tracer.form;
    const Levels& level = form.levels();
    const Widths& width = form.subject().widths;
    const BallRadii wing = width.nose / 2, corner = width.gap / 2 + width.eye;
    for (int side : bothSides)
        tracer.add(line, side, Cover::Face, 30, [&](double t) {
            const BallRadii y = level.noseBase + t * (level.brow - level.noseBase);
            const double share = (y - level.noseBase) / (level.eye - level.noseBase);
            return form.front(y, form.acrossAt(y, side * (wing + share * (corner - wing))));
        });
}

void jawLevel(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, jawLevelPath, true);
}

// Twins less far apart than this are alike, ball radii: some three millimetres.
constexpr double hardlyUneven = 0.03;

// Each feature of the near half joined to the place of its twin, straight through the head: the
// centre plane halves every one of these lines, whatever the turn makes of the halves.
void mirroredHalf(LineTracer& tracer, const LineEntry& line) {
    const HeadMarks& head = tracer.form.head();
    for (Mark left : {InnerEyeL, OuterEyeL, NoseWingL, MouthCornerL, JawAngleL, EarTopL}) {
        const HeadPoint &l = head[left], &r = head[mirrored(left)];
        // Of two twins the one nearer the camera is the one carried over.
        const Eigen::Vector3d to = tracer.view.towardsCamera();
        const HeadPoint& near = to.dot(l) > to.dot(r) ? l : r;
        const HeadPoint twin(-near.x(), near.y(), near.z());
        tracer.addSeen(line, {near, near + 0.5 * (twin - near), twin});
        GuideLine cross{std::string(line.id), line.kind, false, {}};
        for (const Eigen::Vector3d& arm : {Eigen::Vector3d(0.035, 0, 0), Eigen::Vector3d(-0.035, 0, 0)})
            put(cross, tracer.view, twin + arm);
        tracer.lines.push_back(std::exchange(cross, {std::string(line.id), line.kind, false, {}}));
        for (const Eigen::Vector3d& arm : {Eigen::Vector3d(0, 0.035, 0), Eigen::Vector3d(0, -0.035, 0)})
            put(cross, tracer.view, twin + arm);
        tracer.lines.push_back(std::move(cross));
        // From where it would fall to where this sitter has it: their own asymmetry, in the other ink.
        const HeadPoint& own = &near == &l ? r : l;
        if ((own - twin).norm() > hardlyUneven) {
            GuideLine uneven{std::string(line.id), LineKind::Other, false, {}};
            put(uneven, tracer.view, twin);
            put(uneven, tracer.view, own);
            tracer.lines.push_back(std::move(uneven));
        }
    }
}

} // namespace zokran::lines
