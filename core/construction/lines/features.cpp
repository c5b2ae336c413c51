#include "core/construction/lines/traces.h"

#include <numbers>

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

namespace {

/// The ear as a tilted egg on the side of the head, broad above, standing off behind.
struct Ear {
    HeadPoint middle;
    Eigen::Vector3d up, forward, normal;
    SurfacePoint at(Radians a, double size) const {
        const double wide = 1 + 0.18 * cos(a);
        return {middle + size * (up * cos(a) + forward * wide * sin(a)), normal};
    }
};

Ear earOn(const BallForm& form, int side) {
    const HeadMarks& head = form.head();
    const Levels own = levelsOf(head);
    HeadPoint top = head[side > 0 ? EarTopL : EarTopR];
    HeadPoint base = head[side > 0 ? EarBaseL : EarBaseR];
    // A school's levels move it up or down.
    top.y() += (form.levels().earTop - own.earTop).value;
    base.y() += (form.levels().earBase - own.earBase).value;
    Ear ear;
    ear.up = (top - base) / 2;
    ear.middle = (top + base) / 2;
    ear.middle.x() =
        side * (std::max(form.sidePlane().value, std::abs(ear.middle.x())) + 0.02);
    ear.up.x() = 0;
    ear.forward = 0.52 * ear.up.norm() * Eigen::Vector3d(-0.35 * side, 0, 1).normalized();
    ear.normal = Eigen::Vector3d(side, 0, 0.35).normalized();
    return ear;
}

} // namespace

void ear(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Ear egg = earOn(tracer.form, side);
        tracer.add(line, side, Cover::Planes, 40,
                   [&](double t) { return egg.at({2 * std::numbers::pi * t}, 1); });
    }
    tracer.forgetHidden(line);
}

// The inner curve, from the front over the top and round behind to the lobe: an open C.
void earInner(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Ear egg = earOn(tracer.form, side);
        tracer.add(line, side, Cover::Planes, 24, [&](double t) {
            return egg.at({(0.2 - 1.15 * t) * std::numbers::pi}, 0.62);
        });
    }
    tracer.forgetHidden(line);
}

} // namespace zokran::lines
