#include "core/construction/lines/traces.h"

namespace zokran::lines {

// The neck leaves from behind the ear and slopes forward.
void neck(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const HeadPoint top(side * 0.52, -0.75, -0.42), low(side * 0.56, -1.85, -0.1);
        tracer.add(line, side, false, 16, [=](double t) {
            return SurfacePoint{top + t * (low - top), Eigen::Vector3d(side, 0, 0)};
        });
    }
}

} // namespace zokran::lines
