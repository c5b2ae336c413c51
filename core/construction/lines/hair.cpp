#include "core/construction/hair_shell.h"
#include "core/construction/lines/traces.h"

namespace zokran::lines {

// The outline of the hair's shell, as far as hair grows.
void hair(LineTracer& tracer, const LineEntry& line) {
    const Subject& subject = tracer.form.subject();
    const HairShell shell(*subject.solid, subject.levels.brow, subject.look.hair, subject.hairEdge);
    const std::vector<HairShell::OutlinePlace> ring = shell.outline(tracer.view);
    const std::size_t steps = ring.size();
    // From where it begins, round to where it ends.
    std::size_t start = 0;
    while (start < steps && !(ring[start].isHair && !ring[(start + steps - 1) % steps].isHair))
        ++start;
    std::vector<HeadPoint> run;
    for (std::size_t i = 0; i <= steps; ++i) {
        const HairShell::OutlinePlace& place = ring[(start + i) % steps];
        if (place.isHair)
            run.push_back(place.at);
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
