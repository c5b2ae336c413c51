#include "core/construction/lines/traces.h"

namespace zokran::lines {

// Where the face turns away, cheek and jaw and chin: the soft edge that a head is known by.
void faceEdge(LineTracer& tracer, const LineEntry& line) {
    tracer.addOutline(line, false);
}

// From under the ear round the jaw's angle and forward to the chin, as one swelling line.
void jawLine(LineTracer& tracer, const LineEntry& line) {
    tracer.addJaw(line);
}

} // namespace zokran::lines
