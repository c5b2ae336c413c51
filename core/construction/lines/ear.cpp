#include "core/construction/lines/traces.h"

#include <numbers>

namespace zokran::lines {

using enum Mark;

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
    top += headPoint({}, form.levels().earTop - own.earTop, {});
    base += headPoint({}, form.levels().earBase - own.earBase, {});
    Ear ear;
    ear.up = (top - base) / 2;
    ear.middle = (top + base) / 2;
    ear.middle.x() = side * (std::max(form.sidePlane(), BallRadii{std::abs(ear.middle.x())}).value + 0.02);
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
    tracer.removeHidden(line);
}

// The inner curve, from the front over the top and round behind to the lobe: an open C.
void earInner(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Ear egg = earOn(tracer.form, side);
        tracer.add(line, side, Cover::Planes, 24, [&](double t) {
            return egg.at({(0.2 - 1.15 * t) * std::numbers::pi}, 0.62);
        });
    }
    tracer.removeHidden(line);
}

// The rim stands round the bowl, and the soft lobe hangs below it.
void earVolumes(LineTracer& tracer, const LineEntry& line) {
    constexpr double innerRim = 0.8, bowl = 0.45, lobe = 0.2; // of the ear's half height
    for (int side : bothSides) {
        const Ear egg = earOn(tracer.form, side);
        tracer.add(line, side, Cover::Planes, 32, [&](double t) {
            return egg.at({(0.25 - 1.35 * t) * std::numbers::pi}, innerRim);
        });
        tracer.add(line, side, Cover::Planes, 32,
                   [&](double t) { return egg.at({2 * std::numbers::pi * t}, bowl); });
        tracer.add(line, side, Cover::Planes, 24, [&](double t) {
            const Radians a{2 * std::numbers::pi * t};
            const HeadPoint middle = egg.middle - (1 - lobe) * egg.up;
            return SurfacePoint{middle + lobe * (egg.up * cos(a) + 1.4 * egg.forward * sin(a)), egg.normal};
        });
    }
    tracer.removeHidden(line);
}

} // namespace zokran::lines
