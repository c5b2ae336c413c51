#include "core/construction/lines/traces.h"

#include <numbers>

namespace zokran::lines {

using std::numbers::pi;

namespace {

/// Where the hair ends below: from the temples back to the nape, and up to the forehead in front.
double lowestHair(double z) {
    return z > 0 ? -0.2 + 0.8 * z : -0.2 + 0.35 * z;
}

} // namespace

// The outer shell is an egg about the skull, standing off it by the hair's mass. Its outline is the
// image of the circle in which the rays of the camera graze the ball the egg is when it is
// stretched to one.
void hair(LineTracer& tracer, const LineEntry& line) {
    const BallForm& form = tracer.form;
    const BallRadii mass = form.subject().look.hair.value_or(usualHair);
    const HeadMarks& head = form.head();
    const double back = -head[Mark::Back].z();
    const HeadPoint middle(0, 0, -0.06);
    const Eigen::Vector3d size = headPoint(form.solid().halfWidth(form.levels().brow) + mass,
                                           BallRadii{head[Mark::Crown].y()} + mass, BallRadii{back - 0.06} + mass);
    const std::vector<HeadPoint> ring = ellipsoidOutline({middle, size}, tracer.view);
    const int steps = static_cast<int>(ring.size());
    auto isHair = [](const HeadPoint& p) { return p.y() > lowestHair(p.z()); };
    // From where it begins, round to where it ends.
    int start = 0;
    while (start < steps && !(isHair(ring[start]) && !isHair(ring[(start + steps - 1) % steps])))
        ++start;
    std::vector<HeadPoint> run;
    for (int i = 0; i <= steps; ++i) {
        const HeadPoint& p = ring[static_cast<std::size_t>((start % steps + i) % steps)];
        if (isHair(p))
            run.push_back(p);
        else if (!run.empty()) {
            tracer.addSeen(line, run);
            run.clear();
        }
    }
    if (run.size() > 1)
        tracer.addSeen(line, run);
}

// The inner edge, from the ends of the hairline back at the temples and down before the ears.
void hairEdge(LineTracer& tracer, const LineEntry& line) {
    const BallForm& form = tracer.form;
    const BallRadii level = form.levels().hairline;
    const double p = form.sidePlane().value, down = level / BallRadii{0.55};
    for (int side : bothSides) {
        std::vector<SurfacePoint> run{form.front(level, 0.72 * side),
                                      form.front(level - BallRadii{0.04}, 0.88 * side)};
        for (const auto& [y, z] : {std::pair{0.36, 0.54}, {0.2, 0.50}, {0.05, 0.36}, {-0.12, 0.2}})
            run.push_back({{side * p, y > 0 ? y * std::min(down, 1.0) : y, z},
                           Eigen::Vector3d(side, 0, 0)});
        tracer.addRun(line, side, Cover::Planes, std::move(run), true);
    }
    tracer.removeHidden(line);
}

} // namespace zokran::lines
