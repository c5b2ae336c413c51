#include "core/construction/lines/traces.h"

namespace zokran::lines {

using enum Mark;

void browLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().brow, 1);
}
void hairline(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().hairline, 0.75);
}
void eyeLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().eye, 1);
}
void noseBaseLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().noseBase, 0.8);
}
void mouthLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().mouth, 0.8);
}
void chinLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().chin, 1);
}

// The ear as an egg on the side plane between its top and its base.
void ear(LineTracer& tracer, const LineEntry& line) {
    const HeadMarks& head = tracer.form.head();
    for (int side : bothSides) {
        const HeadPoint& top = head[side > 0 ? EarTopL : EarTopR];
        const HeadPoint& base = head[side > 0 ? EarBaseL : EarBaseR];
        HeadPoint middle = (top + base) / 2;
        middle.x() = side * (std::max(tracer.form.sidePlane().value, std::abs(middle.x())) + 0.02);
        Eigen::Vector3d half = (top - base) / 2;
        half.x() = 0;
        const Eigen::Vector3d forward = 0.55 * half.norm() * Eigen::Vector3d(-0.15 * side, 0, 1);
        tracer.add(line, side, false, 40, [=](double t) {
            const Radians a{2 * std::numbers::pi * t};
            const double wide = 1 + 0.18 * cos(a);
            return SurfacePoint{middle + half * cos(a) + forward * wide * sin(a),
                                Eigen::Vector3d(side, 0, 0)};
        });
    }
}

namespace {

/// An upright from the eye line down to `low`, at the place across the face of an eye's mark.
void upright(LineTracer& tracer, const LineEntry& line, Mark onLeft, BallRadii low) {
    const BallRadii eye = tracer.form.levels().eye;
    for (int side : bothSides) {
        const Mark above = side > 0 ? onLeft : mirrored(onLeft);
        const BallRadii x{side * std::abs(tracer.form.head()[above].x())};
        tracer.add(line, side, true, 24, [&, x](double t) {
            const BallRadii y = eye + t * (low - eye);
            return tracer.form.front(y, tracer.form.acrossAt(y, x));
        });
    }
}

} // namespace

void wingPlumb(LineTracer& tracer, const LineEntry& line) {
    upright(tracer, line, InnerEyeL, tracer.form.levels().noseBase);
}
void cornerPlumb(LineTracer& tracer, const LineEntry& line) {
    upright(tracer, line, PupilL, tracer.form.levels().mouth);
}

} // namespace zokran::lines
