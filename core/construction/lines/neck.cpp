#include "core/construction/lines/traces.h"

namespace zokran::lines {

// The neck's edges, from under the jaw and behind the ear to the shoulders' slope.
void neck(LineTracer& tracer, const LineEntry& line) {
    tracer.addOutline(line, true);
    tracer.lightenGuess(line);
}

// The pit between the collar bones.
void pit(LineTracer& tracer, const LineEntry& line) {
    static const SkinPath path = acrossInFront({{.14, -1.74}, {.07, -1.84}, {0, -1.87}}, 4);
    tracer.addRun(line, 0, Cover::Face, tracer.form.solid().along(path), true);
    tracer.lightenGuess(line);
}

namespace {
const SkinPath& musclePath(int side) {
    static const BothPaths paths = pathsAround(
        {{.60, -.95, -.15}, {.50, -1.25, .06}, {.32, -1.55, .26}, {.10, -1.82, .33}}, 5);
    return paths.on(side);
}
} // namespace

void neckMuscle(LineTracer& tracer, const LineEntry& line) {
    tracer.addPaths(line, musclePath, true);
    tracer.lightenGuess(line);
}

} // namespace zokran::lines
