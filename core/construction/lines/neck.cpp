#include "core/construction/lines/traces.h"

namespace zokran::lines {

// The neck's edges, from under the jaw and behind the ear to the shoulders' slope.
void neck(LineTracer& tracer, const LineEntry& line) {
    tracer.addOutline(line, true);
}

} // namespace zokran::lines
