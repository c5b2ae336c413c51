#include "core/view/lens.h"

namespace zokran {

Pixels focalOf(Millimetres equivalent, Pixels width, Pixels height) {
    return {equivalent / fullFrameDiagonal * std::hypot(width.value, height.value)};
}

Millimetres equivalentOf(Pixels focal, Pixels width, Pixels height) {
    return fullFrameDiagonal * (focal.value / std::hypot(width.value, height.value));
}

} // namespace zokran
