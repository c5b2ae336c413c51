#include "core/construction/lines/traces.h"

namespace zokran::lines {

// Where the face turns away on its far side: the contour that a turned head is known by.
void faceEdge(LineTracer& tracer, const LineEntry& line) {
    const Levels& level = tracer.form.levels();
    constexpr BallRadii above{0.25};
    constexpr int steps = 40;
    for (int side : bothSides) {
        std::vector<HeadPoint> points;
        for (int i = 0; i <= steps; ++i) {
            const BallRadii y =
                level.brow + above + (level.chin - level.brow - above) * (1.0 * i / steps);
            if (const auto at = tracer.form.edge(y, side, tracer.view))
                points.push_back(tracer.form.front(y, *at).at);
        }
        if (points.size() > 2)
            tracer.addSeen(line, side, points);
    }
}

// From the ear's base down to the jaw's angle and forward to the chin, as one bent line.
void jawLine(LineTracer& tracer, const LineEntry& line) {
    using enum Mark;
    const HeadMarks& head = tracer.form.head();
    for (int side : bothSides) {
        const HeadPoint& ear = head[side > 0 ? EarBaseL : EarBaseR];
        const HeadPoint& jaw = head[side > 0 ? JawAngleL : JawAngleR];
        const HeadPoint chin = tracer.form.front(tracer.form.levels().chin, side * 0.9).at;
        const HeadPoint start(side * std::min(tracer.form.sidePlane().value, std::abs(ear.x())),
                              ear.y(), ear.z() + 0.08);
        // A quadratic that passes near the angle and not through a corner.
        const HeadPoint pull = jaw + 0.3 * (jaw - (start + chin) / 2);
        tracer.add(line, side, true, 32, [=](double t) {
            const HeadPoint at = (1 - t) * (1 - t) * start + 2 * t * (1 - t) * pull + t * t * chin;
            return SurfacePoint{at, Eigen::Vector3d(side, -0.35, 0.2).normalized()};
        });
    }
}

} // namespace zokran::lines
