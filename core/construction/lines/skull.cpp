#include "core/construction/lines/traces.h"
#include "core/view/ellipse.h"

namespace zokran::lines {

using std::numbers::pi;

// Strong where it is the edge of the skull, faint where the slices cut it away and where it runs
// over face and neck.
void ball(LineTracer& tracer, const LineEntry& line) {
    constexpr float faint = 0.4f;
    const Circle outline = outlineOfBall(tracer.view);
    constexpr int steps = 120;
    std::vector<HeadPoint> points;
    for (int i = 0; i <= steps; ++i)
        points.push_back(outline.at({2 * pi * i / steps}));
    tracer.addSeen(line, points);
    std::vector<float>& weights = tracer.lines.back().weights;
    for (std::size_t i = 0; i < points.size(); ++i) {
        const HeadPoint& p = points[i];
        if (BallRadii{std::abs(p.x())} > tracer.form.sidePlane() || p.y() < -0.2)
            weights[i] = faint;
    }
    // It swells and thins over a few steps.
    for (int round = 0; round < 3; ++round) {
        const std::vector<float> before = weights;
        for (std::size_t i = 0; i < before.size(); ++i)
            weights[i] = before[i] / 2 + (before[(i + steps - 1) % steps] +
                                          before[(i + 1) % steps]) / 4;
    }
}

void sideOval(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Circle oval = tracer.form.sideOval(side);
        tracer.add(line, side, Cover::Planes, 64, [&](double t) {
            return SurfacePoint{oval.at({2 * pi * t}), Eigen::Vector3d(side, 0, 0)};
        });
    }
}

// The brow line runs on across the side plane, and a plumb line crosses it: the quarter of the oval
// behind and below them is where the ear goes.
void sideLevel(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Circle oval = tracer.form.sideOval(side);
        tracer.add(line, side, Cover::Planes, 16, [&](double t) {
            return SurfacePoint{oval.centre + (1 - 2 * t) * oval.u, Eigen::Vector3d(side, 0, 0)};
        });
    }
}

void sidePlumb(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Circle oval = tracer.form.sideOval(side);
        tracer.add(line, side, Cover::Planes, 16, [&](double t) {
            return SurfacePoint{oval.centre + (1 - 2 * t) * oval.v, Eigen::Vector3d(side, 0, 0)};
        });
    }
}

// From the crown forward over the ball to the brow, then down the profile to the chin.
void centreLine(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    tracer.add(line, 0, Cover::Face, 96, [&](double t) {
        constexpr double split = 0.5;
        if (t < split) {
            const double angle = pi / 2 * (1 - t / split);
            const HeadPoint at(0, std::sin(angle), std::cos(angle));
            return SurfacePoint{at, at};
        }
        const double along = (t - split) / (1 - split);
        return tracer.form.front(level.brow + along * (level.chin - level.brow), 0);
    });
}

} // namespace zokran::lines
