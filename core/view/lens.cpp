#include "core/view/lens.h"

namespace zokran {

Pixels focalOf(Millimetres equivalent, Pixels width, Pixels height) {
    return {equivalent / fullFrameDiagonal * hypot(width, height)};
}

Millimetres equivalentOf(Pixels focal, Pixels width, Pixels height) {
    return fullFrameDiagonal * (focal / hypot(width, height));
}

} // namespace zokran
