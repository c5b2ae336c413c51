#include "core/construction/lines/traces.h"

namespace zokran::lines {

using enum Mark;

void browLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().brow, 1);
}

// A short arc over the top of the head.
void crownLine(LineTracer& tracer, const LineEntry& line) {
    const double y = tracer.form.levels().crown.value;
    tracer.add(line, 0, Cover::Planes, 20, [&](double t) {
        const double x = 0.6 * (t - 0.5);
        return SurfacePoint{{x, y - 0.35 * x * x, -0.02}, Eigen::Vector3d(x, 1, 0).normalized()};
    });
}

void hairline(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().hairline, 0.75);
}

// By a school it lies level; the sitter's own runs through the corners of the sitter's eyes, which
// seldom lie on one level.
void eyeLine(LineTracer& tracer, const LineEntry& line) {
    const BallForm& form = tracer.form;
    const BallRadii level = form.levels().eye;
    const HeadMarks& head = form.head();
    if (abs(level - levelsOf(head).eye) > BallRadii{1e-9})
        return tracer.across(line, level, 1);
    const HeadPoint inner = (head[InnerEyeL] + HeadPoint(-1, 1, 1).cwiseProduct(head[InnerEyeR])) / 2;
    const HeadPoint outer = (head[OuterEyeL] + HeadPoint(-1, 1, 1).cwiseProduct(head[OuterEyeR])) / 2;
    tracer.add(line, 0, Cover::Face, 48, [&](double t) {
        const double across = 2 * t - 1;
        // Where the line lies at this share of the way to the edge; the edge hardly moves with it.
        const double x = std::abs(form.front(level, across).at.x());
        const double share = (x - inner.x()) / (outer.x() - inner.x());
        const double y = inner.y() + std::max(share, -0.5) * (outer.y() - inner.y());
        return form.front({y}, form.acrossAt({y}, {std::copysign(x, across)}));
    });
}

void noseBaseLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().noseBase, 0.66);
}
void mouthLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().mouth, 0.8);
}
void lowerLipLine(LineTracer& tracer, const LineEntry& line) {
    tracer.across(line, tracer.form.levels().lowerLip, 0.6);
}

// The chin's own bow, from one corner of the front plane to the other.
void chinLine(LineTracer& tracer, const LineEntry& line) {
    const double y = tracer.form.levels().chin.value, z = tracer.form.head()[Chin].z();
    tracer.add(line, 0, Cover::Face, 20, [&](double t) {
        const double x = 0.5 * (t - 0.5);
        return SurfacePoint{{x, y, z - 1.2 * x * x},
                            Eigen::Vector3d(2.4 * x, -0.6, 1).normalized()};
    });
}

} // namespace zokran::lines
